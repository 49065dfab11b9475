import fc from "fast-check";
import { expect, it } from "vitest";
import { arcCosine, arcSine, directionOf, sinCos } from "./trig";
import { runsOf } from "@/core/tests/runsOf";

const share = fc.double({ min: -1, max: 1, noNaN: true });

it("agrees with the engine's own functions to the last few bits", () => {
  fc.assert(
    fc.property(fc.double({ min: -20, max: 20, noNaN: true }), share, share, (angle, x, y) => {
      expect(Math.abs(sinCos(angle).sin - Math.sin(angle))).toBeLessThan(5e-16);
      expect(Math.abs(sinCos(angle).cos - Math.cos(angle))).toBeLessThan(5e-16);
      fc.pre(x !== 0 || y !== 0);
      expect(Math.abs(directionOf(y, x) - Math.atan2(y, x))).toBeLessThan(1e-15);
      expect(Math.abs(arcCosine(x) - Math.acos(x))).toBeLessThan(2e-15);
      expect(Math.abs(arcSine(x) - Math.asin(x))).toBeLessThan(2e-15);
    }),
    runsOf(5000),
  );
});

it("is exact where the angle is", () => {
  expect(sinCos(0)).toEqual({ sin: 0, cos: 1 });
  expect(directionOf(0, -1)).toBe(Math.PI);
  expect(directionOf(-1, 0)).toBe(-Math.PI / 2);
  expect(sinCos(Math.PI / 6).sin).toBeCloseTo(0.5, 15);
});
