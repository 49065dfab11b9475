import fc from "fast-check";
import { expect, it } from "vitest";
import { OnSurface } from "./onSurface";
import { wallSchema } from "./schema";
import { buildSurface } from "./surface";

const surfaceOf = (more: object) =>
  buildSurface(wallSchema.parse({ id: "w", base: "p", width: 2000, height: 1000, ...more })).surface!;
const hatch = { id: "hatch", kind: "window", x: 400, y: 300, width: 500, height: 400 };

it("boxes and lines lose what hangs over the wall and what an opening takes", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: -300, max: 2100 }),
      fc.integer({ min: -300, max: 1100 }),
      fc.integer({ min: 20, max: 900 }),
      fc.integer({ min: 20, max: 900 }),
      (x, y, width, height) => {
        const on = new OnSurface(surfaceOf({ openings: [hatch] }));
        const over = (from: number, to: number, low: number, high: number) =>
          Math.max(0, Math.min(to, high) - Math.max(from, low));
        const across = [over(x, x + width, 0, 2000), over(x, x + width, 400, 900)] as const;
        const up = [over(y, y + height, 0, 1000), over(y, y + height, 300, 700)] as const;
        const box = { minX: x, maxX: x + width, minY: y, maxY: y + height };
        expect(on.areaOf(box)).toBeCloseTo(across[0] * up[0] - across[1] * up[1], 3);
        // Half a millimetre up, so that the line runs along no edge.
        const level = y + 0.5;
        const isOn = level > 0 && level < 1000;
        const isBehind = level > 300 && level < 700;
        const length = on.lengthOf({ x, y: level }, { x: x + width, y: level });
        expect(length).toBeCloseTo((isOn ? across[0] : 0) - (isBehind ? across[1] : 0), 3);
      },
    ),
  );
});

it("a round opening takes its disc, and its chord off a line", () => {
  const round = { id: "port", kind: "window", shape: "circle", x: 600, y: 300, width: 400, height: 400 };
  const on = new OnSurface(surfaceOf({ openings: [round] }));
  const all = { minX: 0, maxX: 2000, minY: 0, maxY: 1000 };
  expect(on.areaOf(all)).toBeCloseTo(2_000_000 - Math.PI * 40_000, 3);
  // 120 over the middle: a chord of 2 x 160.
  expect(on.lengthOf({ x: 0, y: 620 }, { x: 2000, y: 620 })).toBeCloseTo(2000 - 320, 6);
  expect(on.lengthOf({ x: 800, y: 0 }, { x: 800, y: 1000 })).toBeCloseTo(600, 6);
});

it("under a ceiling that slopes a box keeps what is below it", () => {
  const survey = {
    stations: [
      { x: 0, down: 500, up: 500 },
      { x: 2000, down: 500, up: 300 },
    ],
  };
  const on = new OnSurface(surfaceOf({ width: undefined, height: undefined, survey }));
  // From 450 to 500 at the left, where the ceiling falls one in ten: a triangle of 500 by 50.
  expect(on.areaOf({ minX: 0, maxX: 2000, minY: 450, maxY: 500 })).toBeCloseTo((500 * 50) / 2, 3);
});
