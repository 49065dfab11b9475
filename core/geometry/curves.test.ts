import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { arrange } from "./arrange";
import { circleContour, isInsideContour, polygonContour, rectangleContour, signedArea } from "./contour";
import {
  arcByAngles,
  boxOfCurve,
  curveLength,
  pointAt,
  reverseCurve,
  segment,
  splitWideArc,
  type Curve,
} from "./curve";
import { flattenContour, flattenCurve, flatteningMm, flatteningOf } from "./flatten";
import { interiorPoint } from "./interiorPoint";
import { intersectCurves } from "./intersectCurves";
import { distance, type Point } from "./point";

const tolerance = 0.01;
const places = (first: Curve, second: Curve) =>
  intersectCurves(first, second, tolerance)
    .map(({ point }) => [Math.round(point.x * 1e6) / 1e6, Math.round(point.y * 1e6) / 1e6].join())
    .filter((place, index, all) => all.indexOf(place) === index)
    .sort();
const line = (x1: number, y1: number, x2: number, y2: number) => segment({ x: x1, y: y1 }, { x: x2, y: y2 });
const upper = arcByAngles({ x: 0, y: 0 }, 5, 0, Math.PI);

it("an arc whose end was moved to a vertex off its circle keeps its area, and runs on the circle between", () => {
  const r = 1000;
  const quarter = { ...arcByAngles({ x: 0, y: 0 }, r, 0, Math.PI / 2), a: { x: r + 0.01, y: 0 } };
  // The way from the vertex back to the circle lies along the floor, and takes no area.
  const contour = [quarter, line(0, r, 0, 0), line(0, 0, r + 0.01, 0)];
  expect(signedArea(contour)).toBeCloseTo((Math.PI * r * r) / 4, 6);
  expect(distance(pointAt(quarter, 0.25), { x: 0, y: 0 })).toBeCloseTo(r, 9);
  expect(pointAt(quarter, 0)).toEqual(quarter.a);
});

it("slivers between an arc and its chord keep their area when they are flattened", () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.02, max: 3, noNaN: true }),
      fc.integer({ min: 5, max: 30_000 }),
      (sweep, r) => {
        const arc = arcByAngles({ x: 0, y: 0 }, r, 0, sweep);
        const outer = [arc, segment(arc.b, arc.a)];
        // The segment of a circle: r^2 (sweep - sin sweep) / 2.
        const area = (r * r * (sweep - Math.sin(sweep))) / 2;
        const points = flattenContour(outer, flatteningOf({ outer, holes: [], area }));
        expect(Math.abs(signedArea(polygonContour(points)) / area - 1)).toBeLessThan(
          6e-4 + (2e-4 * r * sweep) / area,
        );
      },
    ),
  );
});

describe("where curves meet", () => {
  it("lines: crossing, touching, sharing a stretch, missing", () => {
    expect(places(line(0, 0, 10, 10), line(0, 10, 10, 0))).toEqual(["5,5"]);
    expect(places(line(0, 0, 10, 0), line(4, 0, 4, 9))).toEqual(["4,0"]);
    expect(places(line(0, 0, 10, 0), line(6, 0, 20, 0))).toEqual(["10,0", "6,0"]);
    expect(places(line(0, 0, 10, 0), line(0, 0.02, 10, 0.02))).toEqual([]);
    expect(places(line(0, 0, 3, 0), line(5, -1, 5, 1))).toEqual([]);
  });

  it("a line and an arc: through both sides, through one, touching, on the missing half", () => {
    // x = 3 and x = -3 stand under y = 4 on a circle of radius 5.
    expect(places(line(-9, 4, 9, 4), upper)).toEqual(["-3,4", "3,4"]);
    expect(places(line(0, 0, 0, 9), upper)).toEqual(["0,5"]);
    expect(places(line(-9, 5, 9, 5), upper)).toEqual(["0,5"]);
    expect(places(line(-9, -4, 9, -4), upper)).toEqual([]);
  });

  it("two arcs: crossing, touching, concentric", () => {
    // Equal circles of radius 5, centres 6 apart, meet at x = 3, y = 4 (and -4, on the other halves).
    expect(places(upper, arcByAngles({ x: 6, y: 0 }, 5, 0, Math.PI))).toEqual(["3,4"]);
    expect(
      places(
        arcByAngles({ x: 0, y: 0 }, 5, -1, 1),
        arcByAngles({ x: 10, y: 0 }, 5, Math.PI - 1, Math.PI + 1),
      ),
    ).toEqual(["5,0"]);
    expect(places(upper, arcByAngles({ x: 0, y: 0 }, 4, 0, Math.PI))).toEqual([]);
  });

  it("is told alike from both sides, and every meeting lies on both curves", () => {
    const point = fc.record({ x: fc.integer({ min: 0, max: 100 }), y: fc.integer({ min: 0, max: 100 }) });
    const curve: fc.Arbitrary<Curve> = fc.oneof(
      fc
        .tuple(point, point)
        .filter(([a, b]) => distance(a, b) > 1)
        .map(([a, b]) => segment(a, b)),
      fc
        .tuple(
          point,
          fc.integer({ min: 2, max: 80 }),
          fc.double({ min: 0, max: 6, noNaN: true }),
          fc.double({ min: 0.2, max: 3.1, noNaN: true }),
        )
        .map(([centre, radius, from, sweep]) => arcByAngles(centre, radius, from, from + sweep)),
    );
    fc.assert(
      fc.property(curve, curve, (first, second) => {
        const there = intersectCurves(first, second, tolerance);
        for (const { point: at, t, u } of there) {
          expect(distance(pointAt(first, t), at)).toBeLessThan(3 * tolerance);
          expect(distance(pointAt(second, u), at)).toBeLessThan(3 * tolerance);
        }
        const back = intersectCurves(second, first, tolerance);
        for (const { point: at } of there)
          expect(back.some((meeting) => distance(meeting.point, at) < 3 * tolerance)).toBe(true);
      }),
    );
  });
});

describe("arcs", () => {
  it("have exact lengths, boxes and halves", () => {
    expect(curveLength(upper)).toBeCloseTo(5 * Math.PI, 12);
    const box = boxOfCurve(upper);
    [box.minX + 5, box.maxX - 5, box.minY, box.maxY - 5].forEach((off) => expect(off).toBeCloseTo(0, 12));
    expect(boxOfCurve(arcByAngles({ x: 0, y: 0 }, 5, 0.1, 0.2)).maxX).toBeLessThan(5);
    expect(splitWideArc(arcByAngles({ x: 0, y: 0 }, 5, 0, 6))).toHaveLength(2);
    expect(reverseCurve(reverseCurve(upper))).toEqual(upper);
  });

  it("are flattened to within the tolerance, inside the circle", () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.double({ min: 0.01, max: 3.1, noNaN: true }),
        (radius, sweep) => {
          const arc = arcByAngles({ x: 0, y: 0 }, radius, 0, sweep);
          const points: Point[] = [...flattenCurve(arc), arc.b];
          points.slice(1).forEach((end, index) => {
            const middle = { x: (points[index]!.x + end.x) / 2, y: (points[index]!.y + end.y) / 2 };
            const gap = radius - Math.hypot(middle.x, middle.y);
            expect(gap).toBeGreaterThan(-1e-9);
            expect(gap).toBeLessThan(flatteningMm + 1e-9);
          });
        },
      ),
    );
    const flat = signedArea(polygonContour(flattenContour(circleContour({ x: 0, y: 0 }, 450))));
    expect(Math.PI * 450 * 450 - flat).toBeLessThan(2 * Math.PI * 450 * flatteningMm);
  });
});

it("the point inside a face is inside it, holes and all", () => {
  const size = fc.integer({ min: 30, max: 300 });
  const place = fc.integer({ min: 0, max: 700 });
  const shape = fc.oneof(
    fc.tuple(place, place, size, size).map(([x, y, w, h]) => rectangleContour(x, y, x + w, y + h)),
    fc.tuple(place, place, size).map(([x, y, r]) => circleContour({ x, y }, r)),
  );
  fc.assert(
    fc.property(fc.array(shape, { minLength: 1, maxLength: 6 }), (shapes) => {
      const { faces } = arrange(
        shapes.flat().map((curve) => ({ curve, source: 0 })),
        tolerance,
      );
      for (const face of faces.filter(({ area }) => area > 5)) {
        const point = interiorPoint(face);
        expect(isInsideContour(point, face.outer)).toBe(true);
        expect(face.holes.some((hole) => isInsideContour(point, hole))).toBe(false);
      }
    }),
  );
});
