import fc from "fast-check";
import { expect, it } from "vitest";
import { proposeRegisters } from "./proposeRegisters";

const box = (width: number, height: number) => ({
  minX: -width / 2,
  maxX: width / 2,
  minY: -height / 2,
  maxY: height / 2,
});

it("marks stand in the margins, two on a level and one over the left, and nowhere where there is no margin", () => {
  // Plastic of 480 by 680 around holes of 400 by 600: margins of 40, their middles at 220; quarters of 680 at 170.
  expect(proposeRegisters({ plastic: box(480, 680), cuts: box(400, 600) })).toEqual([
    [-220, -170],
    [220, -170],
    [-220, 170],
  ]);
  // A frieze whose holes run to the ends has its margins over and under them.
  expect(proposeRegisters({ plastic: box(400, 120), cuts: box(398, 60) })).toEqual([
    [-100, -45],
    [100, -45],
    [-100, 45],
  ]);
  expect(proposeRegisters({ plastic: box(100, 100), cuts: box(90, 90) })).toEqual([]);
});

it("no mark is nearer than 3 mm to a hole or the rim, and turned by half they are others", () => {
  const side = fc.integer({ min: 40, max: 900 });
  fc.assert(
    fc.property(side, side, side, side, (width, height, across, up) => {
      const plastic = box(Math.max(width, across), Math.max(height, up));
      const cuts = box(Math.min(width, across), Math.min(height, up));
      const marks = proposeRegisters({ plastic, cuts });
      for (const [x, y] of marks) {
        expect(Math.min(plastic.maxX - Math.abs(x), plastic.maxY - Math.abs(y))).toBeGreaterThanOrEqual(6.75);
        expect(Math.max(Math.abs(x) - cuts.maxX, Math.abs(y) - cuts.maxY)).toBeGreaterThanOrEqual(6.75);
      }
      const turned = marks.map(([x, y]) => [-x, -y].join());
      if (marks.length > 0) expect(marks.map(String).every((mark) => turned.includes(mark))).toBe(false);
    }),
  );
});
