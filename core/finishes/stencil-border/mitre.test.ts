import fc from "fast-check";
import { expect, it } from "vitest";
import { isInsideContour } from "../../geometry/contour";
import type { Point } from "../../geometry/point";
import type { Leg } from "./legs";
import { betweenMitres } from "./mitre";
import { runsOf } from "@/core/tests/runsOf";

/** The four legs around a rectangle, from its upper left corner, clockwise. */
function legsAround(width: number, height: number): Leg[] {
  const corners = [
    { x: 0, y: height },
    { x: width, y: height },
    { x: width, y: 0 },
    { x: 0, y: 0 },
  ];
  return corners.map((corner, index) => ({
    corner,
    points: [corner, corners[(index + 1) % 4]!],
    length: index % 2 === 0 ? width : height,
    wall: "w",
    name: `leg ${index}`,
  }));
}

/** How far a place is outwards of each side: above, right of, below, left of it. The largest of them wins on both sides of the way. */
const outwards = ({ x, y }: Point, width: number, height: number) => [y - height, x - width, -y, -x];

it("every place beside the way is in the wedge of one leg alone: that whose side it is furthest beyond, or nearest within", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 40, max: 2000 }),
      fc.integer({ min: 40, max: 2000 }),
      fc.integer({ min: 5, max: 1500 }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (width, height, reach, u, v) => {
        const legs = legsAround(width, height);
        const wedges = legs.map((leg, index) => betweenMitres(leg, legs[(index + 1) % 4]!.length, reach));
        const out = reach * 0.999;
        const place = { x: u * (width + 2 * out) - out, y: v * (height + 2 * out) - out };
        // The middle of a frame that is wider than the prints reach belongs to none.
        const inwards = Math.min(place.x, width - place.x, place.y, height - place.y);
        const owners = wedges.flatMap((wedge, index) => (isInsideContour(place, wedge) ? [index] : []));
        const outward = outwards(place, width, height);
        const [most, second] = [...outward].sort((a, b) => b - a);
        // Places on a diagonal, or where prints cease to reach, may go either way.
        fc.pre(most! - second! > 1e-6 && Math.abs(inwards - reach) > 1e-6);
        const isInMiddle = inwards > Math.min(reach, width / 2, height / 2) - 1e-6;
        expect(owners).toEqual(isInMiddle ? [] : [outward.indexOf(most!)]);
      },
    ),
    runsOf(2000),
  );
});

it("on a small frame the diagonals of the shorter legs meet in a point, and no edge is without length", () => {
  const [over] = legsAround(100, 300);
  const wedge = betweenMitres(over!, 300, 500);
  expect(wedge.map(({ a }) => [a.x, a.y])).toEqual([
    [-500, 800],
    [600, 800],
    [50, 250],
  ]);
});
