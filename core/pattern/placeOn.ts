import Flatbush from "flatbush";
import { arrange } from "../geometry/arrange";
import { isInsideContour, rectangleContour, signedArea } from "../geometry/contour";
import { boxOfCurve, type Box, type Contour } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import { intersectCurves } from "../geometry/intersectCurves";
import { placeBox, placeContour } from "../geometry/placeContour";
import type { Point } from "../geometry/point";
import type { SourcedCurve } from "../geometry/splitCurves";
import { placeTolerance } from "../wall/outline";
import { isOnSurface, type EdgeSource, type Surface } from "../wall/surface";
import type { Design } from "./pattern";
import type { Kept, Motif, Placement, PlacementDraft, WallMotif } from "./placement";

interface PlacingLayer {
  readonly finish: string;
  readonly design: Design;
  readonly offset: number;
}

/** Less than this part of a print is a last bit of a computation. */
const hair = 1e-9;
/** Where nothing cuts through it, so much may be lost to places within the tolerance of the edge. */
const touch = 1e-3;

/**
 * The prints of a wall's finishes that reach its surface, in the wall's own coordinates, each with the exact part of its
 * open area that lies there. Only those whose box meets the surface's edge are cut; the others are whole or not there, which their
 * middle tells. So n prints cost n lookups, however many cutouts they have.
 */
export function placeOn(
  surface: Surface,
  layers: readonly PlacingLayer[],
): { motifs: WallMotif[]; placements: Placement[] } {
  const placing = layers.filter(({ design }) => design.placements && design.placements.length > 0);
  if (placing.length === 0) return { motifs: [], placements: [] };
  const edge = new SurfaceEdge(surface);
  const motifs: WallMotif[] = [];
  const placements = placing.flatMap(({ finish, design, offset }) => {
    const own = (design.motifs ?? []).map((motif) => measured(motif, finish));
    motifs.push(...own);
    const byId = new Map(own.map((motif) => [motif.id, motif]));
    return design.placements!.flatMap((draft): Placement[] => {
      const placed = edge.place(shifted(draft, -offset), byId.get(draft.motif)!);
      return placed ? [{ ...placed, id: `${finish}/${draft.id}`, finish }] : [];
    });
  });
  return { motifs, placements };
}

const shifted = ({ at, within, ...draft }: PlacementDraft, by: number): PlacementDraft => ({
  ...draft,
  at: by === 0 ? at : { x: at.x + by, y: at.y },
  ...(within && { within: placeContour(within, { at: { x: by, y: 0 }, turn: 0, mirrored: false }) }),
});

function measured(motif: Motif, finish: string): WallMotif {
  const drawn = motif.cutouts.map(({ contours, trueMm2 }) =>
    trueMm2 === undefined
      ? openMm2(contours)
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

function openMm2(contours: readonly Contour[]): number {
  const curves = contours.flat().map((curve) => ({ curve, source: null }));
  return arrange(curves, placeTolerance)
    .faces.filter((face) => isOpenAt(contours, interiorPoint(face)))
    .reduce((sum, { area }) => sum + area, 0);
}

/** What lies within one contour is open, within two of them not. */
const isOpenAt = (contours: readonly Contour[], at: Point): boolean =>
  contours.reduce((inside, contour) => inside !== isInsideContour(at, contour), false);

type Placed = Omit<Placement, "finish">;

/** The edge of a surface, with an index of what of it lies where. */
class SurfaceEdge {
  private readonly index: Flatbush;
  /** What each piece of the edge is called: a side as the eye has it, an opening by its id. */
  private readonly names: ReadonlyMap<EdgeSource, string>;

  constructor(private readonly surface: Surface) {
    this.names = new Map<EdgeSource, string>([
      ...(surface.wall.object ? sidesOfObject : sides),
      ...surface.covers.map(({ opening: { id } }) => [`opening ${id}`, id] as const),
    ]);
    this.index = new Flatbush(surface.curves.length);
    for (const { curve } of surface.curves) {
      const { minX, minY, maxX, maxY } = boxOfCurve(curve);
      this.index.add(minX, minY, maxX, maxY);
    }
    this.index.finish();
  }

  /** A print as it lies on the surface; null for one that does not reach it. */
  place({ within, ...draft }: PlacementDraft, motif: WallMotif): Placed | null {
    const face = placeBox(motif.face, draft);
    const mask = within && !isBoxInside(face, within) ? within : null;
    const near = this.near(face);
    const bends = motif.sheet && !this.surface.wall.object ? this.meeting(placeBox(motif.sheet, draft)) : [];
    if (near.length === 0 && mask === null) {
      const middle = { x: (face.minX + face.maxX) / 2, y: (face.minY + face.maxY) / 2 };
      return isOnSurface(this.surface, middle) ? { ...draft, share: 1, cutBy: [], bends, kept: null } : null;
    }
    return this.cut(draft, motif, near, bends, mask);
  }

  private cut(
    draft: Omit<PlacementDraft, "within">,
    motif: WallMotif,
    near: readonly SourcedCurve<EdgeSource>[],
    bends: readonly string[],
    mask: Contour | null,
  ): Placed | null {
    let [open, left] = [0, 0];
    const cutBy = new Set<string>();
    const kept: Kept[] = [];
    motif.cutouts.forEach(({ overlay, paint, contours }, place) => {
      if (overlay !== draft.overlay) return;
      const areaM2 = motif.openM2[place]!;
      const own = contours.map((contour) => placeContour(contour, draft));
      const part = this.partOf(own, near, mask);
      const leftM2 = part.areaM2 * motif.trueShare[place]!;
      open += areaM2;
      left += leftM2;
      for (const source of part.cutBy) cutBy.add(this.names.get(source)!);
      if (part.isMasked) cutBy.add("mitre");
      if (part.areaM2 > 0) kept.push({ paint, contours: part.contours, areaM2: leftM2 });
    });
    if (open === 0 || left <= open * hair) return null;
    const isWhole = left >= open * (1 - (cutBy.size === 0 ? touch : hair));
    // A cutout may lie beyond the edge altogether, and the edge run between it and the others.
    if (!isWhole && cutBy.size === 0) for (const { source } of near) cutBy.add(this.names.get(source)!);
    return {
      ...draft,
      share: isWhole ? 1 : left / open,
      cutBy: isWhole ? [] : [...cutBy],
      bends: bends.filter((name) => isWhole || !cutBy.has(name)),
      kept: isWhole ? null : kept,
    };
  }

  /** What of an open part lies on the surface, and what of the surface's edge runs through it. */
  private partOf(own: readonly Contour[], near: readonly SourcedCurve<EdgeSource>[], mask: Contour | null) {
    const curves = [...own, mask ?? []].flat().map((curve) => ({ curve, source: null }));
    const { faces, edges } = arrange<EdgeSource | null>([...near, ...curves], placeTolerance);
    const middles = faces.map(interiorPoint);
    const isOpen = middles.map((at) => isOpenAt(own, at));
    const isOnWall = middles.map((at, face) => isOpen[face]! && isOnSurface(this.surface, at));
    const isKept = middles.map((at, face) => isOnWall[face]! && (mask === null || isInsideContour(at, mask)));
    const keptFaces = faces.filter((_, face) => isKept[face]);
    return {
      areaM2: keptFaces.reduce((sum, { area }) => sum + area, 0) / 1e6,
      contours: keptFaces.flatMap(({ outer, holes }) => [outer, ...holes]),
      isMasked: isOnWall.some((is, face) => is && !isKept[face]),
      cutBy: edges.flatMap(({ sources, left, right }) =>
        left !== null && right !== null && isOpen[left] && isOpen[right] && isKept[left] !== isKept[right]
          ? sources.filter((source) => source !== null)
          : [],
      ),
    };
  }

  private near({ minX, minY, maxX, maxY }: Box): SourcedCurve<EdgeSource>[] {
    return this.index
      .search(minX, minY, maxX, maxY)
      .sort((a, b) => a - b)
      .map((place) => this.surface.curves[place]!);
  }

  /** Names of what a rectangle reaches over. */
  private meeting(box: Box): string[] {
    const near = this.near(box);
    if (near.length === 0) return [];
    const edges = rectangleContour(box.minX, box.minY, box.maxX, box.maxY);
    const met = near.filter(({ curve }) =>
      edges.some((side) => intersectCurves(side, curve, placeTolerance).length > 0),
    );
    return [...new Set(met.map(({ source }) => this.names.get(source)!))];
  }
}

const isBoxInside = ({ minX, minY, maxX, maxY }: Box, contour: Contour): boolean =>
  rectangleContour(minX, minY, maxX, maxY).every(({ a }) => isInsideContour(a, contour));

const sides: readonly (readonly [EdgeSource, string])[] = [
  ["left", "left"],
  ["right", "right"],
  ["top", "ceiling"],
  ["bottom", "floor"],
];
/** A sheet lies over them as it is: nothing bends it. */
const sidesOfObject: readonly (readonly [EdgeSource, string])[] = [
  ["left", "left edge"],
  ["right", "right edge"],
  ["top", "upper edge"],
  ["bottom", "lower edge"],
];
