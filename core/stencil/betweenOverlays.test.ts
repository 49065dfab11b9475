import fc from "fast-check";
import { expect, it } from "vitest";
import { rectangleContour } from "../geometry/contour";
import { betweenOverlays } from "./betweenOverlays";
import { runsOf } from "@/core/tests/runsOf";

const box = fc.record({
  x: fc.integer({ min: -40, max: 40 }),
  y: fc.integer({ min: -40, max: 40 }),
  width: fc.integer({ min: 2, max: 40 }),
  height: fc.integer({ min: 2, max: 40 }),
});

it("gaps and overlaps of boxes are what their sides say", () => {
  fc.assert(
    fc.property(box, box, (a, b) => {
      const outlines = [a, b].map(({ x, y, width, height }) => [
        rectangleContour(x, y, x + width, y + height),
      ]) as [ReturnType<typeof rectangleContour>[], ReturnType<typeof rectangleContour>[]];
      const { gapMm, overlapMm2, overlapMm, at } = betweenOverlays(["1", "2"], outlines);
      const shared = (from: "x" | "y", size: "width" | "height") =>
        Math.min(a[from] + a[size], b[from] + b[size]) - Math.max(a[from], b[from]);
      const [wide, high] = [shared("x", "width"), shared("y", "height")];
      if (wide > 0 && high > 0) {
        expect([gapMm, overlapMm2]).toEqual([0, expect.closeTo(wide * high, 6)]);
        expect(overlapMm).toBeCloseTo(Math.min(wide, high), 6);
        return;
      }
      const gap = Math.hypot(Math.max(0, -wide), Math.max(0, -high));
      expect(overlapMm2).toBe(0);
      if (gap > 12) expect([gapMm, at]).toEqual([null, null]);
      else expect(gapMm).toBeCloseTo(gap, 9);
    }),
    runsOf(300),
  );
});
