import { rectangleContour } from "../geometry/contour";
import type { Contour } from "../geometry/curve";
import type { Pattern } from "./pattern";
import type { DrawnPrint, DrawnWall } from "./walkWall";

const shapes = {
  ringOf: (contour: Contour) => contour,
  boxRing: rectangleContour,
};

/** A pattern that was laid out, to be drawn with its arcs; null where a stop keeps it from being laid out. */
export const drawnPattern = (pattern: Pattern | null): DrawnWall<Contour> => ({
  regions: (pattern?.regions ?? []).map(({ id, colour, name, face }) => {
    return { id, colour, name, rings: [face.outer, ...face.holes] };
  }),
  effects: pattern?.effects ?? [],
  sheets: pattern?.sheets ?? [],
  bricks: (pattern?.bricks ?? []).map(({ finish, list }) => ({
    finish,
    list: list.map((brick) => {
      const { minX, minY, maxX, maxY } = brick.box;
      return { brick, ring: rectangleContour(minX, minY, maxX, maxY) };
    }),
  })),
  prints: pattern ? drawnPrints(pattern) : [],
  lines: pattern?.lines ?? [],
  ...shapes,
});

function drawnPrints({ placements, motifs }: Pattern): DrawnPrint<Contour>[] {
  const byName = new Map(motifs.map((motif) => [`${motif.finish} ${motif.id}`, motif]));
  return placements.map(({ id, finish, motif, overlay, kept, at, turn, mirrored }) => {
    const print = { id, finish, overlay };
    if (kept)
      return { ...print, parts: kept.map(({ paint, contours: rings }) => ({ paint, rings })), pose: null };
    const own = byName.get(`${finish} ${motif}`)!.cutouts.filter((cutout) => cutout.overlay === overlay);
    const parts = own.map(({ paint, contours: rings }) => ({ paint, rings }));
    return { ...print, parts, pose: { at, turn, mirrored } };
  });
}
