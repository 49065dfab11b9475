import fc from "fast-check";
import { expect, it } from "vitest";
import { segment } from "../../geometry/curve";
import { distanceToSegment } from "../../geometry/distanceToSegment";
import { markedAt, saidOfTape } from "../markedAt";

const extent = { minX: 0, maxX: 3000, minY: 0, maxY: 2400 };
const context = (markAt: "middle" | "edge") => ({
  tapeDivision: 1,
  viewingDistance: 2500,
  stencils: [],
  work: { rates: {} },
  edges: { markAt, tapes: [] },
});

it("stays in the middle, or goes half the tape's width to the lower side, its ends on the sides that they were on", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 2400 }),
      fc.integer({ min: 0, max: 2400 }),
      fc.constantFrom(18, 24, 36, 48),
      (left, right, width) => {
        const path = segment({ x: 0, y: left }, { x: 3000, y: right });
        expect(markedAt(path, width, context("middle"), extent)).toBe(path);
        const { a, b } = markedAt(path, width, context("edge"), extent);
        expect([a.x, b.x]).toEqual([0, 3000]);
        expect(a.y).toBeLessThan(left);
        // The whole line, prolonged, lies half the width off.
        const long = segment({ x: -3000, y: 2 * left - right }, { x: 6000, y: 2 * right - left });
        for (const end of [a, b]) expect(distanceToSegment(end, long.a, long.b)).toBeCloseTo(width / 2, 6);
      },
    ),
  );
});

it("says which edge it is", () => {
  expect(saidOfTape(context("middle"), "plumb")).toBe("the middle of the tape");
  expect(saidOfTape(context("edge"), "plumb")).toBe("the left edge of the tape");
  expect(saidOfTape(context("edge"), "level")).toBe("the lower edge of the tape");
  const plumb = segment({ x: 900, y: 0 }, { x: 900, y: 2400 });
  expect(markedAt(plumb, 24, context("edge"), extent)).toEqual(
    segment({ x: 888, y: 0 }, { x: 888, y: 2400 }),
  );
});
