import { arrange } from "../geometry/arrange";
import { isInsideContour, signedArea } from "../geometry/contour";
import { segment, type Contour, type Segment } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import { distance, type Point } from "../geometry/point";
import type { SourcedCurve } from "../geometry/splitCurves";
import { distanceToSegment } from "../geometry/distanceToSegment";
import { heightAt, offsetAt } from "./polyline";
import { cornersOf, sidesOf, type SideName, type WallShape } from "./wallShape";

/** Places closer than this, in mm, are one (`job-format.md`). */
export const placeTolerance = 0.01;

export interface Outline {
  /** Counter-clockwise. */
  readonly contour: Contour;
  /** The same pieces by the side of the wall that they belong to. */
  readonly sides: readonly SourcedCurve<SideName>[];
}

/** The outline of a shape, or null where its sides cross each other. */
export function traceOutline(shape: WallShape): Outline | null {
  if (!cornersOf(shape).areClear) return null;
  const sides = sideSegments(shape);
  const contour = sides.map(({ curve }) => curve);
  if (isPlainBox(contour)) return { contour, sides };
  const { faces, edges, loose } = arrange(sides, placeTolerance);
  const isSimple = faces.length === 1 && loose.length === 0 && edges.length === sides.length;
  return isSimple && signedArea(contour) > 0 ? { contour, sides } : null;
}

/**
 * As `traceOutline`, but sides that cross are cut off there where that leaves one piece: a ceiling that comes down to
 * the skirting under a stair.
 */
export function cutOutline(shape: WallShape): Outline | null {
  const traced = traceOutline(shape);
  if (traced) return traced;
  const { faces, edges } = arrange(sideSegments(shape), placeTolerance);
  const inside = faces.flatMap((face, index) => (isBetweenSides(shape, interiorPoint(face)) ? [index] : []));
  const [only] = inside;
  if (only === undefined || inside.length > 1) return null;
  const around = edges.filter(({ left, right }) => left !== right && (left === only || right === only));
  return {
    contour: faces[only]!.outer,
    sides: around.map(({ curve, sources }) => ({ curve, source: sources[0]! })),
  };
}

function sideSegments(shape: WallShape): (SourcedCurve<SideName> & { curve: Segment })[] {
  return sidesOf(shape).flatMap(({ name, points }) =>
    points.slice(1).flatMap((b, index) => {
      const a = points[index]!;
      return distance(a, b) <= placeTolerance ? [] : [{ curve: segment(a, b), source: name }];
    }),
  );
}

/** Four sides in turn, up to four right angles: most walls, and no need to look for crossings. */
export function isPlainBox(contour: Contour): boolean {
  const [bottom, right, top, left] = contour;
  return (
    contour.length === 4 &&
    bottom!.a.y === bottom!.b.y &&
    top!.a.y === top!.b.y &&
    right!.a.x === right!.b.x &&
    left!.a.x === left!.b.x &&
    bottom!.a.x < bottom!.b.x &&
    right!.a.y < right!.b.y
  );
}

function isBetweenSides({ floor, ceiling, left, right }: WallShape, { x, y }: Point): boolean {
  return (
    y > heightAt(floor, x, "lowest") &&
    y < heightAt(ceiling, x, "highest") &&
    x > offsetAt(left, y) &&
    x < offsetAt(right, y)
  );
}

/** Whether a convex polygon lies in an outline of straight sides, its edge included, to the place tolerance. */
export function isWithin(polygon: readonly Point[], outline: Contour): boolean {
  const edges = polygon.map((point, index) => segment(point, polygon[(index + 1) % polygon.length]!));
  const isIn = (point: Point) =>
    isInsideContour(point, outline) ||
    outline.some((side) => distanceToSegment(point, side.a, side.b) <= placeTolerance);
  const isStrictlyIn = (point: Point) =>
    isInsideContour(point, edges) &&
    edges.every(({ a, b }) => distanceToSegment(point, a, b) > placeTolerance);
  return polygon.every(isIn) && !outline.some((side) => isStrictlyIn(side.a));
}
