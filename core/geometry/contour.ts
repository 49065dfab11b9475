import { isBetweenChordAndArc, onItsCircle, segment, type Contour, type Segment } from "./curve";
import { sine } from "./trig";
import type { Point } from "./point";

/** A closed polygon through the points. */
export function polygonContour(points: readonly Point[]): Segment[] {
  return points.map((point, index) => segment(point, points[(index + 1) % points.length]!));
}

/** A rectangle by its corners, counter-clockwise from the lower left: bottom, right, top, left. */
export function rectangleContour(minX: number, minY: number, maxX: number, maxY: number): Contour {
  return polygonContour([
    { x: minX, y: minY },
    { x: maxX, y: minY },
    { x: maxX, y: maxY },
    { x: minX, y: maxY },
  ]);
}

/** Two half circles that share their ends exactly, so that no point can fall between their chords. */
export function circleContour(centre: Point, radius: number): Contour {
  const east = { x: centre.x + radius, y: centre.y };
  const west = { x: centre.x - radius, y: centre.y };
  const half = { kind: "arc", centre, radius, sweep: Math.PI } as const;
  return [
    { ...half, a: east, b: west },
    { ...half, a: west, b: east },
  ];
}

/**
 * Signed area in mm2, positive for a counter-clockwise contour. Green's theorem, one half of the integral of
 * x dy - y dx: a segment gives half the cross product of its ends; an arc gives that of its chord plus the
 * circular segment r^2 (sweep - sin sweep) / 2, and where its ends lie off its circle the two short ways there.
 * Points are taken relative to the first to keep digits.
 */
export function signedArea(contour: Contour): number {
  const origin = contour[0]?.a;
  if (!origin) return 0;
  const across = (a: Point, b: Point) =>
    (a.x - origin.x) * (b.y - origin.y) - (a.y - origin.y) * (b.x - origin.x);
  let twice = 0;
  for (const curve of contour) {
    if (curve.kind === "segment") {
      twice += across(curve.a, curve.b);
      continue;
    }
    const { a, b, sweep } = onItsCircle(curve);
    twice += across(a, b) + curve.radius * curve.radius * (sweep - sine(sweep));
    if (a !== curve.a) twice += across(curve.a, a) + across(b, curve.b);
  }
  return twice / 2;
}

/**
 * Whether a point is inside (points on the edge may go either way). Even-odd rule over the chords, then one
 * flip for each arc whose bulge holds the point. Arcs must be at most half a turn.
 */
export function isInsideContour(point: Point, contour: Contour): boolean {
  let inside = false;
  for (const curve of contour) {
    const { a, b } = curve;
    if (a.y > point.y !== b.y > point.y) {
      // From its lower end, so that the chord of two halves of a circle is crossed by both or by neither.
      const [low, high] = a.y < b.y ? [a, b] : [b, a];
      const x = low.x + ((point.y - low.y) / (high.y - low.y)) * (high.x - low.x);
      if (point.x < x) inside = !inside;
    }
    if (curve.kind === "arc" && isBetweenChordAndArc(curve, point)) inside = !inside;
  }
  return inside;
}
