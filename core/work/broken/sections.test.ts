import fc from "fast-check";
import { expect, it } from "vitest";
import { circleContour, isInsideContour, rectangleContour } from "../../geometry/contour";
import type { Point } from "../../geometry/point";
import type { Covered } from "../../pattern/covered";
import { boardsOf, lanesOf, patchesOf, type Section } from "./sections";
import { runsOf } from "@/core/tests/runsOf";

/** A wall with a round hole in it. */
function coveredOf(width: number, height: number, hole: { x: number; y: number; radius: number }): Covered {
  const [wall, round] = [rectangleContour(0, 0, width, height), circleContour(hole, hole.radius)];
  const field = {
    id: "w/bare/wall",
    curves: [...wall, ...round].map((curve) => ({ curve })),
    contains: (point: Point) => isInsideContour(point, wall) && !isInsideContour(point, round),
    box: { minX: 0, maxX: width, minY: 0, maxY: height },
  };
  return {
    ...field,
    fields: [field],
    areaM2: (width * height - Math.PI * hole.radius ** 2) / 1e6,
    edgeM: 0,
    hasNeighbours: false,
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

it("lanes and boards are no wider than asked, in their turn, and add up to what is covered", () => {
  fc.assert(
    fc.property(
      anyCovered,
      fc.integer({ min: 100, max: 900 }),
      fc.constantFrom("upright" as const, "level" as const),
      fc.boolean(),
      (covered, width, direction, areBoards) => {
        const lanes = { width, direction };
        const strips = areBoards
          ? boardsOf(covered, lanes)
          : lanesOf(covered, `${width} ${direction}`, () => lanes);
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

it("lanes lie in their own fields, one after the other, and are called after them", () => {
  const stripe = (from: number, name: string) => {
    const sides = rectangleContour(from, 0, from + 243, 2400);
    const box = { minX: from, maxX: from + 243, minY: 0, maxY: 2400 };
    const curves = sides.map((curve) => ({ curve }));
    return { id: `w/${name}`, curves, contains: (point: Point) => isInsideContour(point, sides), box };
  };
  const fields = [stripe(0, "f/stripe-1"), stripe(486, "f/stripe-3")];
  const whole = coveredOf(729, 2400, { x: 300, y: 300, radius: 10 });
  const lanes = lanesOf({ ...whole, fields }, "narrow", () => ({ width: 100, direction: "upright" }));
  // Three of 81 in each.
  expect(lanes.map(({ id, box }) => [id, Math.round(box.minX), Math.round(box.maxX)])).toEqual([
    ["f/stripe-1/c1r1", 0, 81],
    ["f/stripe-1/c2r1", 81, 162],
    ["f/stripe-1/c3r1", 162, 243],
    ["f/stripe-3/c1r1", 486, 567],
    ["f/stripe-3/c2r1", 567, 648],
    ["f/stripe-3/c3r1", 648, 729],
  ]);
});

it("patches are joined wet, or their sides are feathered and the next coat's lie elsewhere", () => {
  const besides = (a: Section, b: Section) => {
    const [up, across] = [
      Math.min(a.box.maxY, b.box.maxY) - Math.max(a.box.minY, b.box.minY),
      Math.min(a.box.maxX, b.box.maxX) - Math.max(a.box.minX, b.box.minX),
    ];
    if (Math.abs(across) < 1e-6 && up > 1) return a.box.minX < b.box.minX ? "right" : "left";
    return Math.abs(up) < 1e-6 && across > 1 ? (a.box.minY > b.box.minY ? "bottom" : "top") : null;
  };
  fc.assert(
    fc.property(
      anyCovered,
      fc.constantFrom(0.3, 0.5, 1, 2),
      fc.double({ min: 0.1, max: 4, noNaN: true }),
      (covered, mostM2, wetM2) => {
        const coats = [1, 2].map((coat) => patchesOf(covered, coat, { mostM2, wetM2 }));
        for (const patches of coats) {
          const left = covered.areaM2 - sum(patches);
          // Of what the hole has all but swallowed there is nothing to work: under 1 cm2 each.
          expect(Math.abs(left)).toBeLessThan(patches.length * 1e-4 + 1e-5);
          for (const { areaM2 } of patches) expect(areaM2).toBeLessThanOrEqual(mostM2 + 1e-9);
          patches.forEach((before, place) =>
            patches.slice(place + 1).forEach((after, further) => {
              const side = besides(before, after);
              if (side === null || before.ragged?.some((ragged) => ragged === side)) return;
              const between = sum(patches.slice(place, place + 1 + further));
              expect(between).toBeLessThanOrEqual(Math.max(mostM2, wetM2) + 1e-6);
            }),
          );
        }
        const sidesOf = (patches: readonly Section[]) =>
          patches
            .slice(1)
            .filter((one) => one.ragged && patches.some((other) => besides(one, other) === "right"))
            .map(({ box }) => box.maxX);
        for (const x of sidesOf(coats[0]!))
          for (const other of sidesOf(coats[1]!)) expect(Math.abs(x - other)).toBeGreaterThan(100);
      },
    ),
    runsOf(60),
  );
});
