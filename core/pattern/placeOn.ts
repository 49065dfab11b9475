import { signedArea } from "../geometry/contour";
import { moveContour } from "../geometry/placeContour";
import type { Surface } from "../wall/surface";
import { partsOfCutout } from "./cutoutParts";
import type { Design } from "./pattern";
import type { Motif, Placement, PlacementDraft, WallMotif } from "./placement";
import { SurfaceEdge, type Lying } from "./surfaceEdge";

interface PlacingLayer {
  readonly finish: string;
  readonly design: Design;
  readonly offset: number;
}

/**
 * The prints of a wall's finishes that reach its surface, in the wall's own coordinates, each with the exact part of its
 * open area that lies there. Only those whose box meets the surface's edge are cut; the others are whole or not there, which their
 * middle tells. So n prints cost n lookups, however many cutouts they have.
 */
export function placeOn(
  surface: Surface,
  layers: readonly PlacingLayer[],
): { motifs: WallMotif[]; placements: Placement[]; cutPieces: number } {
  const placing = layers.filter(({ design }) => design.placements && design.placements.length > 0);
  if (placing.length === 0) return { motifs: [], placements: [], cutPieces: 0 };
  const edge = new SurfaceEdge(surface);
  const motifs: WallMotif[] = [];
  const placements = placing.flatMap(({ finish, design, offset }) => {
    const own = (design.motifs ?? []).map((motif) => measured(motif, finish));
    motifs.push(...own);
    const byId = new Map(own.map((motif) => [motif.id, motif]));
    const found: Placement[] = [];
    for (const draft of design.placements!) {
      const on = edge.place(shifted(draft, -offset), byId.get(draft.motif)!);
      if (on) found.push(placementOf(draft, finish, on));
    }
    return found;
  });
  return { motifs, placements, cutPieces: edge.cutPieces };
}

const shifted = (draft: PlacementDraft, by: number): PlacementDraft =>
  by === 0
    ? draft
    : {
        ...draft,
        at: { x: draft.at.x + by, y: draft.at.y },
        ...(draft.within && { within: moveContour(draft.within, { x: by, y: 0 }) }),
      };

/** Spelled out: copying all but `within` is what thousands of prints would take longest for. */
const placementOf = (
  { id, motif, overlay, turn, mirrored, column, row, order, load }: PlacementDraft,
  finish: string,
  { at, share, cutBy, bends, kept }: Lying,
): Placement => ({
  id: `${finish}/${id}`,
  motif,
  overlay,
  at,
  turn,
  mirrored,
  column,
  row,
  order,
  load,
  finish,
  share,
  cutBy,
  bends,
  kept,
});

function measured(motif: Motif, finish: string): WallMotif {
  const drawn = motif.cutouts.map(({ contours, trueMm2 }) =>
    trueMm2 === undefined
      ? partsOfCutout(contours).reduce((sum, { mm2 }) => sum + mm2, 0)
      : // Outlines of faces that are apart: holes run the other way.
        contours.reduce((sum, contour) => sum + signedArea(contour), 0),
  );
  const truth = motif.cutouts.map(({ trueMm2 }, place) => trueMm2 ?? drawn[place]!);
  return {
    ...motif,
    finish,
    openM2: truth.map((mm2) => mm2 / 1e6),
    trueShare: truth.map((mm2, place) => (drawn[place] === 0 ? 1 : mm2 / drawn[place]!)),
  };
}
