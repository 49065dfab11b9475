import fc from "fast-check";
import { expect, it } from "vitest";
import { runsOf } from "../tests/runsOf";
import { labOf } from "./difference";
import { asPaint } from "./underLamp";
import { nearestPaints, readSpots } from "./readSpots";

const spot = (l: number, a = 5, b = 10) => ({ l, a, b });

it("spots come to their mean, with how far they spread; one that went astray is told and left out", () => {
  // The middle is 50; 62 is far off it. Of the others (49.6 + 50 + 50.4 + 50) / 4.
  const read = readSpots([spot(49.6), spot(50), spot(62), spot(50.4), spot(50)])!;
  expect(read.astray).toEqual([2]);
  expect(read.lab).toEqual({ l: 50, a: 5, b: 10 });
  expect(read.spread).toBeCloseTo(0.2, 1);
  // Twelve of lightness at 56 on the average: 12 / (1 + 0.015 * 36 / sqrt(20 + 36)) = 11.19.
  expect(read.off.map((off) => Math.round(off * 10) / 10)).toEqual([0.4, 0, 11.2, 0.4, 0]);
  expect(labOf(read.hex).l).toBeCloseTo(50, 0);
  expect(readSpots([])).toBeNull();
  expect(readSpots([spot(40)])).toMatchObject({ spread: 0, astray: [] });
});

it("whatever is read some spots are left, in any order the same", () => {
  const lab = fc.record({
    l: fc.double({ min: 5, max: 95, noNaN: true }),
    a: fc.double({ min: -40, max: 40, noNaN: true }),
    b: fc.double({ min: -40, max: 40, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(lab, { minLength: 1, maxLength: 9 }), (spots) => {
      const read = readSpots(spots)!;
      expect(read.astray.length).toBeLessThan(spots.length);
      const turned = readSpots(spots.toReversed())!;
      expect(turned.astray.length).toBe(read.astray.length);
      expect(turned.lab.l).toBeCloseTo(read.lab.l, 6);
      expect(read.hex).toMatch(/^#[0-9a-f]{6}$/);
    }),
    runsOf(100),
  );
});

it("the nearest paints come with what one would say who held them to it", () => {
  const paints = [
    { id: "kelp", hex: "#4c5b45" },
    { id: "moss", hex: "#4d5c46" },
    { id: "buoy", hex: "#b8502f" },
  ];
  expect(nearestPaints({ lab: labOf("#4c5b45") }, paints).map(({ id, likeness }) => [id, likeness])).toEqual([
    ["kelp", "cannot be told apart"],
    ["moss", "cannot be told apart"],
    ["buoy", "another colour"],
  ]);
  // A cloth that turns redder under the lamp than paint does.
  const { lamp } = asPaint("#4c5b45");
  const cloth = { lab: labOf("#4c5b45"), lamp: { ...lamp, a: lamp.a + 5 } };
  expect(nearestPaints(cloth, paints).map(({ id, underLamp }) => [id, (underLamp ?? 0) > 2])).toEqual([
    ["kelp", true],
    ["moss", true],
    ["buoy", false],
  ]);
});
