import fc from "fast-check";
import { expect, it } from "vitest";
import { circleContour, isInsideContour, rectangleContour } from "../../geometry/contour";
import type { Covered } from "../../pattern/covered";
import { patchesOf, stripsOf } from "./sections";
import { runsOf } from "@/core/tests/runsOf";

/** A wall with a round hole in it. */
function coveredOf(width: number, height: number, hole: { x: number; y: number; radius: number }): Covered {
  const [wall, round] = [rectangleContour(0, 0, width, height), circleContour(hole, hole.radius)];
  return {
    curves: [...wall, ...round].map((curve) => ({ curve })),
    contains: (point) => isInsideContour(point, wall) && !isInsideContour(point, round),
    areaM2: (width * height - Math.PI * hole.radius ** 2) / 1e6,
    edgeM: 0,
    box: { minX: 0, maxX: width, minY: 0, maxY: height },
    over: ["oyster"],
  };
}
const anyCovered = fc
  .record({
    width: fc.integer({ min: 1500, max: 6000 }),
    height: fc.integer({ min: 1500, max: 4000 }),
    radius: fc.integer({ min: 50, max: 600 }),
    x: fc.double({ min: 0, max: 1, noNaN: true }),
    y: fc.double({ min: 0, max: 1, noNaN: true }),
  })
  .map(({ width, height, radius, x, y }) =>
    coveredOf(width, height, {
      radius,
      x: radius + 20 + x * (width - 2 * radius - 40),
      y: radius + 20 + y * (height - 2 * radius - 40),
    }),
  );
const sum = (parts: readonly { areaM2: number }[]) => parts.reduce((total, { areaM2 }) => total + areaM2, 0);

it("strips are no wider than asked, in their turn, and add up to what is covered", () => {
  fc.assert(
    fc.property(
      anyCovered,
      fc.integer({ min: 100, max: 900 }),
      fc.constantFrom("upright", "level"),
      (covered, width, direction) => {
        const strips = stripsOf(covered, width, direction as "upright" | "level");
        expect(sum(strips)).toBeCloseTo(covered.areaM2, 5);
        strips.forEach(({ box }, index) => {
          const across = direction === "upright" ? box.maxX - box.minX : box.maxY - box.minY;
          expect(across).toBeLessThanOrEqual(width + 1e-6);
          const before = strips[index - 1]?.box;
          // Upright ones from the left, level ones from the top.
          if (before && direction === "upright") expect(box.minX).toBeGreaterThanOrEqual(before.maxX - 1e-6);
          if (before && direction === "level") expect(box.maxY).toBeLessThanOrEqual(before.minY + 1e-6);
        });
      },
    ),
    runsOf(60),
  );
});

it("patches are no larger than asked, each beside the one before, and add up to what is covered", () => {
  fc.assert(
    fc.property(anyCovered, fc.constantFrom(0.3, 0.5, 1, 2), (covered, most) => {
      const patches = patchesOf(covered, most);
      // Of a patch that the hole has all but swallowed there is nothing to work: under 1 cm2.
      const swallowed = patchCount(covered, most) - patches.length;
      const left = covered.areaM2 - sum(patches);
      expect(left).toBeGreaterThan(-1e-5);
      expect(left).toBeLessThan(swallowed * 1e-4 + 1e-5);
      for (const { areaM2 } of patches) expect(areaM2).toBeLessThanOrEqual(most + 1e-9);
      // Where the hole has swallowed a whole patch the next one is one further on.
      const isWhole = swallowed === 0;
      patches.slice(1).forEach(({ box }, index) => {
        const before = patches[index]!.box;
        const apart = Math.max(
          box.minX - before.maxX,
          before.minX - box.maxX,
          box.minY - before.maxY,
          before.minY - box.maxY,
        );
        if (isWhole) expect(apart).toBeLessThan(1e-6);
      });
    }),
    runsOf(60),
  );
});

/** How many a wall without a hole has. */
const patchCount = ({ box }: Covered, most: number): number =>
  patchesOf(coveredOf(box.maxX, box.maxY, { x: box.maxX / 2, y: box.maxY / 2, radius: 1 }), most).length;
