import fc from "fast-check";
import { expect, it } from "vitest";
import { runsOf } from "../tests/runsOf";
import { arrange } from "./arrange";
import { clipAtLine } from "./clipAtLine";
import { circleContour, polygonContour, rectangleContour, signedArea } from "./contour";
import { reverseContour, segment, type Contour, type Segment } from "./curve";
import { interiorPoint } from "./interiorPoint";
import { cross, subtract, type Point } from "./point";

const areaOf = (contours: readonly Contour[]) => contours.reduce((sum, own) => sum + signedArea(own), 0);
const isLeftOf = ({ a, b }: Segment, at: Point) => cross(subtract(b, a), subtract(at, a)) > 0;
/** All the way across whatever lies around (0, 0). */
const lineAt = (angle: number, off: number): Segment => {
  const [x, y] = [Math.cos(angle), Math.sin(angle)];
  return segment(
    { x: -900 * x - off * y, y: -900 * y + off * x },
    { x: 900 * x - off * y, y: 900 * y + off * x },
  );
};

it("of a square with a round hole what is left of a line comes to what is worked out by hand", () => {
  const square = rectangleContour(-100, -100, 100, 100);
  const hole = reverseContour(circleContour({ x: 0, y: 0 }, 50));
  // Upwards through the middle: the left half, with half of the hole out of it, is one outline.
  const half = clipAtLine([square, hole], segment({ x: 0, y: -900 }, { x: 0, y: 900 }), 0.01)!;
  expect(half).toHaveLength(1);
  expect(areaOf(half)).toBeCloseTo(100 * 200 - (Math.PI * 50 ** 2) / 2, 6);
  // Beside the hole it stays whole; beyond everything nothing is left, or all of it.
  const most = clipAtLine([square, hole], segment({ x: 70, y: -900 }, { x: 70, y: 900 }), 0.01)!;
  expect(areaOf(most)).toBeCloseTo(170 * 200 - Math.PI * 50 ** 2, 6);
  expect(clipAtLine([square, hole], segment({ x: -200, y: -900 }, { x: -200, y: 900 }), 0.01)).toEqual([]);
  expect(clipAtLine([square, hole], segment({ x: 200, y: -900 }, { x: 200, y: 900 }), 0.01)).toEqual([
    square,
    hole,
  ]);
  // A touch does not tell.
  expect(clipAtLine([square, hole], segment({ x: -900, y: 50 }, { x: 900, y: 50 }), 0.01)).toBeNull();
  expect(clipAtLine([square, hole], segment({ x: -900, y: 100 }, { x: 900, y: 100 }), 0.01)).toBeNull();
});

it("is what an arrangement leaves, of stars, crescents and rings, along any line", () => {
  // Evenly, where numbers of their own choice would lie at bounds and at 0.
  const between = (min: number, max: number) =>
    fc.integer({ min: 0, max: 99_991 }).map((share) => min + ((max - min) * share) / 99_991);
  const star = fc.array(between(20, 100), { minLength: 5, maxLength: 11 });
  let [tried, told] = [0, 0];
  fc.assert(
    fc.property(star, between(2, 19), between(0, 6.28), between(-90, 90), (radii, inner, angle, off) => {
      const outer = polygonContour(
        radii.map((radius, index) => {
          const at = (2 * Math.PI * index) / radii.length;
          return { x: radius * Math.cos(at), y: radius * Math.sin(at) };
        }),
      );
      // (Between two long points a star may come nearer to its middle than any of them.)
      const hole = reverseContour(circleContour({ x: 0, y: 0 }, inner * 0.3));
      const line = lineAt(angle, off);
      const clipped = clipAtLine([outer, hole], line, 0.01);
      tried++;
      if (!clipped) return;
      told++;
      const curves = [...outer, ...hole, line].map((curve) => ({ curve, source: null }));
      const left = arrange(curves, 1e-4).faces.filter((face) => {
        const at = interiorPoint(face);
        const isIn = arrange(
          [...outer, ...hole].map((curve) => ({ curve, source: null })),
          1e-4,
        ).faces.some((own) => own.holes.length > 0 && contains(own.outer, own.holes, at));
        return isIn && isLeftOf(line, at);
      });
      expect(areaOf(clipped)).toBeCloseTo(
        left.reduce((sum, { area }) => sum + area, 0),
        3,
      );
      // Outlines end where they begin, and each curve where the next begins.
      for (const contour of clipped)
        contour.forEach(({ b }, index) => expect(contour[(index + 1) % contour.length]!.a).toEqual(b));
    }),
    runsOf(400),
  );
  // An arrangement is asked for seldom.
  expect(told).toBeGreaterThan(0.8 * tried);
});

function contains(outer: Contour, holes: readonly Contour[], at: Point): boolean {
  return isInside(outer, at) && holes.every((hole) => !isInside(hole, at));
}

/** By crossings of a ray over many chords: another way than the program's. */
function isInside(contour: Contour, { x, y }: Point): boolean {
  const points = contour.flatMap((curve) =>
    curve.kind === "segment"
      ? [curve.a]
      : Array.from({ length: 400 }, (_, step) => {
          const from = Math.atan2(curve.a.y - curve.centre.y, curve.a.x - curve.centre.x);
          const at = from + (curve.sweep * step) / 400;
          return {
            x: curve.centre.x + curve.radius * Math.cos(at),
            y: curve.centre.y + curve.radius * Math.sin(at),
          };
        }),
  );
  let inside = false;
  points.forEach((a, index) => {
    const b = points[(index + 1) % points.length]!;
    if (a.y > y !== b.y > y && x < ((b.x - a.x) * (y - a.y)) / (b.y - a.y) + a.x) inside = !inside;
  });
  return inside;
}
