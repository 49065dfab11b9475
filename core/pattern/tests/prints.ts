import fc from "fast-check";
import { circleContour, polygonContour } from "../../geometry/contour";
import { wallSchema } from "../../wall/schema";
import { buildSurface, type Surface } from "../../wall/surface";
import type { Design } from "../pattern";
import type { Motif } from "../placement";

export const [width, height] = [1200, 900];
export const colour = "kelp";

/** A leaf with a hole in it beside a disc: no symmetry, two contours in one cutout, two cutouts. */
export const leaf: Motif = {
  id: "leaf",
  face: { minX: -90, minY: -60, maxX: 120, maxY: 110 },
  sheet: { minX: -130, minY: -100, maxX: 160, maxY: 150 },
  cutouts: [
    {
      overlay: "1",
      slot: "leaf",
      paint: colour,
      contours: [
        polygonContour([
          { x: -90, y: -60 },
          { x: 70, y: -40 },
          { x: 20, y: 110 },
        ]),
        circleContour({ x: 0, y: 0 }, 25),
      ],
    },
    { overlay: "1", slot: "berry", paint: "brine", contours: [circleContour({ x: 95, y: 40 }, 25)] },
  ],
};

export const surfaceOf = (openings: object[]): Surface =>
  buildSurface(wallSchema.parse({ id: "w", width, height, base: "oyster", openings })).surface!;

export const designOf = (
  poses: readonly { x: number; y: number; turn: number; mirrored: boolean }[],
): Design => ({
  lines: [],
  dividers: [],
  pieceAt: () => null,
  motifs: [leaf],
  placements: poses.map(({ x, y, turn, mirrored }, index) => ({
    id: `p${index}`,
    motif: "leaf",
    overlay: "1",
    at: { x, y },
    turn,
    mirrored,
    column: index + 1,
    row: 1,
    order: index + 1,
    load: 1,
  })),
  effects: [
    {
      id: "pearl",
      over: { paint: "oyster" },
      seed: 1,
      tones: [{ paint: "mist", share: 1 }],
      by: { hand: "trowel" },
    },
    { id: "none", over: { paint: "brine" }, seed: 1, tones: [], by: { hand: "trowel" } },
  ],
});

export const opening = fc.record({
  id: fc.constant("o"),
  kind: fc.constant("window"),
  shape: fc.constantFrom("rectangle", "circle"),
  x: fc.integer({ min: 0, max: 700 }),
  y: fc.integer({ min: 0, max: 500 }),
  width: fc.constant(300),
  height: fc.constant(300),
});
