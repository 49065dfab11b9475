import fc from "fast-check";
import polygonClipping from "polygon-clipping";
import { describe, expect, it } from "vitest";
import { arrange } from "./arrange";
import { circleContour, isInsideContour, rectangleContour, signedArea } from "./contour";
import { arcByAngles, curveLength, reverseContour, segment, type Contour, type Curve } from "./curve";
import { flattenContour } from "./flatten";
import { interiorPoint } from "./interiorPoint";
import { runsOf } from "@/core/tests/runsOf";

const tolerance = 0.01;
const sourced = (curves: readonly Curve[]) => curves.map((curve, index) => ({ curve, source: index }));
const arrangeAll = (...contours: (readonly Curve[])[]) => arrange(sourced(contours.flat()), tolerance);
const areasOf = (...contours: (readonly Curve[])[]) =>
  arrangeAll(...contours)
    .faces.map((face) => face.area)
    .sort((a, b) => a - b);

describe("arrange", () => {
  it("cuts a rectangle by a line, and leaves a window in the middle as a hole", () => {
    const wall = rectangleContour(0, 0, 1000, 600);
    expect(areasOf(wall, [segment({ x: 400, y: 0 }, { x: 400, y: 600 })])).toEqual([240000, 360000]);
    const holed = arrangeAll(wall, rectangleContour(300, 200, 500, 400));
    expect(holed.faces.map((face) => [face.area, face.holes.length])).toEqual([
      [560000, 1],
      [40000, 0],
    ]);
  });

  it("gives two overlapping circles their lens", () => {
    // Equal circles of radius r at a distance r: lens = r^2 (2 pi / 3 - sqrt(3) / 2).
    const r = 700;
    const lens = r * r * ((2 * Math.PI) / 3 - Math.sqrt(3) / 2);
    const [a, b, c] = areasOf(circleContour({ x: 0, y: 0 }, r), circleContour({ x: r, y: 0 }, r));
    expect(a).toBeCloseTo(lens, 5);
    expect(b).toBeCloseTo(Math.PI * r * r - lens, 5);
    expect(c).toBeCloseTo(Math.PI * r * r - lens, 5);
  });

  it("keeps an arc apart from the line that is tangent to it", () => {
    // A wall 2000 wide with a half circle of radius 1000 standing on its floor touches both sides and leaves two corners.
    const arch = [arcByAngles({ x: 1000, y: 0 }, 1000, 0, Math.PI)];
    const [left, right, inside] = areasOf(rectangleContour(0, 0, 2000, 1000), arch);
    expect(inside).toBeCloseTo((Math.PI / 2) * 1e6, 4);
    expect(left).toBeCloseTo(1e6 - (Math.PI / 4) * 1e6, 4);
    expect(right).toBeCloseTo(1e6 - (Math.PI / 4) * 1e6, 4);
  });

  it("handles three lines through a point, doubles, lines along an edge and free ends", () => {
    const wall = rectangleContour(0, 0, 900, 900);
    const star = [
      segment({ x: 0, y: 450 }, { x: 900, y: 450 }),
      segment({ x: 0, y: 450 }, { x: 900, y: 450 }),
      segment({ x: 450, y: 0 }, { x: 450, y: 900 }),
      segment({ x: 0, y: 0 }, { x: 900, y: 900 }),
      segment({ x: 100, y: 0 }, { x: 700, y: 0 }),
      segment({ x: 100, y: 300 }, { x: 200, y: 400 }),
      segment({ x: 700, y: 300 }, { x: 880, y: 320 }),
    ];
    const { faces, loose, edges } = arrangeAll(wall, star);
    expect(faces).toHaveLength(6);
    expect(faces.reduce((sum, face) => sum + face.area, 0)).toBeCloseTo(810000, 6);
    expect(loose).toHaveLength(2);
    // The doubled line is one edge a stretch, with both its sources.
    expect(edges.filter((edge) => edge.sources.length > 1).length).toBeGreaterThanOrEqual(3);
  });

  it("counts 1 + n + crossings faces for lines in general position, with total area kept", () => {
    const end = fc.double({ min: 1, max: 999, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.tuple(end, end), { minLength: 1, maxLength: 25 }), (ends) => {
        const lines = ends.map(([a, b]) => segment({ x: 0, y: a }, { x: 2000, y: b }));
        let crossings = 0;
        let close = false;
        ends.forEach(([a, b], i) => {
          for (const [c, d] of ends.slice(i + 1)) {
            if ((a - c) * (b - d) < 0) crossings++;
            if (Math.abs(a - c) < 1 || Math.abs(b - d) < 1) close = true;
          }
        });
        const { faces, edges } = arrangeAll(rectangleContour(0, 0, 2000, 1000), lines);
        expect(faces.reduce((sum, face) => sum + face.area, 0)).toBeCloseTo(2e6, 3);
        // Three crossings within the tolerance of one place may merge, which takes at most that many faces away.
        // Lines that all but coincide are one in places; what stands between two such places may part nothing.
        if (close) return;
        expect(Math.abs(faces.length - (1 + ends.length + crossings))).toBeLessThanOrEqual(1);
        for (const edge of edges) expect(edge.left).not.toBe(edge.right);
      }),
    );
  });

  it("agrees with polygon-clipping on random rectangles and circles", () => {
    const size = fc.integer({ min: 20, max: 400 });
    const place = fc.integer({ min: 0, max: 900 });
    const shape = fc.oneof(
      fc.tuple(place, place, size, size).map(([x, y, w, h]) => rectangleContour(x, y, x + w, y + h)),
      fc.tuple(place, place, size).map(([x, y, r]) => circleContour({ x, y }, r)),
    );
    const ring = (contour: Contour) => [flattenContour(contour).map((p) => [p.x, p.y] as [number, number])];
    fc.assert(
      fc.property(fc.array(shape, { minLength: 2, maxLength: 6 }), (shapes) => {
        const { faces } = arrangeAll(...shapes);
        const union = faces
          .filter((face) => shapes.some((contour) => isInsideContour(interiorPoint(face), contour)))
          .reduce((sum, face) => sum + face.area, 0);
        const [first, ...rest] = shapes.map(ring);
        const second = polygonClipping
          .union(first!, ...rest)
          .flat()
          .reduce(
            (sum, points) =>
              sum +
              signedArea(
                points.map((p, i) =>
                  segment(
                    { x: p[0], y: p[1] },
                    { x: points[(i + 1) % points.length]![0], y: points[(i + 1) % points.length]![1] },
                  ),
                ),
              ),
            0,
          );
        // The second opinion works on flattened circles, each of which loses up to 0.05 mm along its edge.
        const slack = shapes.flat().reduce((sum, curve) => sum + curveLength(curve), 0) * 0.05;
        expect(Math.abs(union - second)).toBeLessThan(slack);
        expect(union).toBeGreaterThanOrEqual(second - 1);
      }),
      runsOf(150),
    );
  });
});

describe("contours", () => {
  it("have exact areas with arcs, signed by direction", () => {
    const circle = circleContour({ x: 5, y: -3 }, 450);
    expect(signedArea(circle)).toBeCloseTo(Math.PI * 450 * 450, 6);
    expect(signedArea(reverseContour(circle))).toBeCloseTo(-Math.PI * 450 * 450, 6);
    expect(isInsideContour({ x: 300, y: 300 }, circle)).toBe(true);
    expect(isInsideContour({ x: 330, y: 330 }, circle)).toBe(false);
    // On the chord that the two halves of a circle share, and on the chord of an arch over its rectangle.
    for (const x of [-400, 0, 5, 300]) expect(isInsideContour({ x, y: -3 }, circle)).toBe(true);
    const arch = [
      segment({ x: 0, y: 0 }, { x: 800, y: 0 }),
      segment({ x: 800, y: 0 }, { x: 800, y: 500 }),
      arcByAngles({ x: 400, y: 500 }, 400, 0, Math.PI),
      segment({ x: 0, y: 500 }, { x: 0, y: 0 }),
    ];
    for (const y of [1, 499, 500, 501, 899]) expect(isInsideContour({ x: 400, y }, arch)).toBe(true);
  });
});
