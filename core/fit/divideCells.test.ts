import fc from "fast-check";
import { expect, it } from "vitest";
import { divideCells } from "./divideCells";

it("divides as worked by hand", () => {
  expect(divideCells(0, 3000, { by: "count", count: 7 })).toEqual({ start: 0, size: 3000 / 7, count: 7 });
  // 3000 / 4 is 50 wider than 700, 3000 / 5 is 100 narrower.
  expect(divideCells(0, 3000, { by: "near", width: 700 })).toEqual({ start: 0, size: 750, count: 4 });
  // A joint in the middle leaves 1500 - 2 x 700 = 100 at each end, a cell there 1500 - 350 - 700 = 450.
  expect(divideCells(100, 3000, { by: "width", width: 700 })).toEqual({ start: -150, size: 700, count: 5 });
  // A joint: 1500 - 800 = 700; a cell in the middle: 1500 - 400 - 800 = 300.
  expect(divideCells(0, 3000, { by: "width", width: 800 })).toEqual({ start: -100, size: 800, count: 4 });
  expect(divideCells(0, 3000, { by: "width", width: 5000 })).toMatchObject({ size: 5000, count: 1 });
});

it("a kept width covers its span, alike at both ends, with no end under half where the other way has more", () => {
  fc.assert(
    fc.property(fc.integer({ min: 100, max: 9000 }), fc.integer({ min: 50, max: 3000 }), (span, width) => {
      const { start, size, count } = divideCells(0, span, { by: "width", width });
      expect(size).toBe(width);
      expect(start + count * size - span).toBeCloseTo(-start, 6);
      const part = size + start;
      expect(part).toBeGreaterThan(0);
      // The two ways differ by half a cell, so the better end is at least half a cell, or all that there is.
      expect(part).toBeGreaterThanOrEqual(Math.min(width, span) / 2 - 1e-6);
    }),
  );
});
