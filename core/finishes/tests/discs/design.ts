import { circleContour } from "../../../geometry/contour";
import { segment } from "../../../geometry/curve";
import type { Design } from "../../../pattern/pattern";
import type { Motif, PlacementDraft } from "../../../pattern/placement";
import type { DiscsLayout } from "./layout";

/** One load of the dabber prints so many discs. */
export const discsPerLoad = 4;

/** A level line through the middles, and a print of one of two discs at each; the pieces of the wall stay as they are. */
export function designDiscs({ spec, strip, middles }: DiscsLayout): Design[] {
  const { radius, colours, at } = spec;
  const face = { minX: -radius, minY: -radius, maxX: radius, maxY: radius };
  const motifs = colours.map((paint, index): Motif => ({
    id: `disc-${index + 1}`,
    face,
    sheet: null,
    cutouts: [{ overlay: "1", slot: "disc", paint, contours: [circleContour({ x: 0, y: 0 }, radius)] }],
  }));
  const placements = middles.map((middle, index): PlacementDraft => ({
    id: `c${index + 1}`,
    motif: motifs[index % 2]!.id,
    overlay: "1",
    at: middle,
    turn: 0,
    mirrored: false,
    column: index + 1,
    row: 1,
    order: index + 1,
    load: Math.floor(index / 2 / discsPerLoad) + 1,
  }));
  const { minX, maxX } = strip.extent;
  const path = segment({ x: minX, y: at }, { x: maxX, y: at });
  return [
    {
      lines: [{ id: "middles", index: 0, kind: "level", path, use: "the middles of the discs" }],
      dividers: [],
      pieceAt: () => null,
      motifs,
      placements,
    },
  ];
}
