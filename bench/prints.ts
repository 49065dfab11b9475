import { circleContour, polygonContour } from "@/core/geometry/contour";
import { cutWall, type Layer } from "@/core/pattern/cutWall";
import type { Motif } from "@/core/pattern/placement";
import { wallSchema } from "@/core/wall/schema";
import { buildSurface } from "@/core/wall/surface";

const leaf: Motif = {
  id: "leaf",
  face: { minX: -22, minY: -30, maxX: 22, maxY: 30 },
  sheet: { minX: -40, minY: -50, maxX: 40, maxY: 50 },
  cutouts: [
    {
      overlay: "1",
      slot: "leaf",
      paint: "kelp",
      contours: [
        polygonContour([
          { x: -22, y: -10 },
          { x: 0, y: -30 },
          { x: 22, y: -10 },
          { x: 0, y: 10 },
        ]),
      ],
    },
    { overlay: "1", slot: "bud", paint: "brine", contours: [circleContour({ x: 0, y: 20 }, 10)] },
  ],
};

/** A wall with openings on which so many prints lie side by side, and the same without them. */
export function printedWall(count: number): { bare: () => unknown; printed: () => number } {
  const columns = Math.round(Math.sqrt(count * 2));
  const rows = Math.ceil(count / columns);
  const [width, height] = [columns * 50, rows * 70];
  const opening = { kind: "window", y: height / 3, width: 900, height: 1000, casing: 70 };
  const openings = [0.2, 0.6].map((share, index) => ({ id: `o${index}`, ...opening, x: width * share }));
  const { surface } = buildSurface(wallSchema.parse({ id: "w", width, height, base: "oyster", openings }));
  const layer = (placed: number): Layer => ({
    finish: "f",
    offset: 0,
    design: {
      lines: [],
      dividers: [],
      pieceAt: () => null,
      motifs: [leaf],
      placements: Array.from({ length: placed }, (_, index) => ({
        id: `c${index % columns}r${Math.floor(index / columns)}`,
        motif: "leaf",
        overlay: "1",
        at: { x: (index % columns) * 50 + 13, y: Math.floor(index / columns) * 70 + 21 },
        turn: 0,
        mirrored: false,
        column: index % columns,
        row: Math.floor(index / columns),
        order: index,
        load: 1,
      })),
    },
  });
  const [none, all] = [layer(0), layer(count)];
  return {
    bare: () => cutWall(surface!, [none]),
    printed: () => cutWall(surface!, [all]).placements.length,
  };
}
