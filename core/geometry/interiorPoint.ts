import { boxOfCurve, isWithinSweep, type Contour, type Curve } from "./curve";
import type { Face } from "./arrange";
import type { Point } from "./point";

/**
 * A point well inside a face, also a good place for its label: the middle of the widest stretch, along a
 * level through the largest gap between the heights of its corners and bulges, so that no corner is met.
 */
export function interiorPoint(face: Face): Point {
  const before = kept.get(face);
  if (before) return before;
  const point = findInteriorPoint(face);
  kept.set(face, point);
  return point;
}

/** Several steps ask for the same faces' points; faces never change. */
const kept = new WeakMap<Face, Point>();

function findInteriorPoint(face: Face): Point {
  const contours = [face.outer, ...face.holes];
  for (const y of levelsAcross(contours)) {
    const x = middleOfWidestStretch(contours, y);
    if (x !== null) return { x, y };
  }
  // A sliver thinner than what its own corners are rounded by: no level crosses it twice.
  const corners = face.outer.map(({ a }) => a);
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  return { x: mean(corners.map(({ x }) => x)), y: mean(corners.map(({ y }) => y)) };
}

/** The middle of the widest stretch of a level that lies within contours; null where it crosses none twice. */
function middleOfWidestStretch(contours: readonly Contour[], y: number): number | null {
  const crossings: number[] = [];
  for (const contour of contours) for (const curve of contour) addCrossings(curve, y, crossings);
  crossings.sort((a, b) => a - b);
  let best: { x: number | null; width: number } = { x: null, width: -1 };
  for (let index = 0; index + 1 < crossings.length; index += 2) {
    const width = crossings[index + 1]! - crossings[index]!;
    if (width > best.width) best = { x: (crossings[index]! + crossings[index + 1]!) / 2, width };
  }
  return best.x;
}

/** Levels that are tried before a face counts as a sliver. */
const mostLevels = 6;

/** Middles of the gaps between the heights of corners and bulges, the largest gaps first; nearly always one will do. */
function* levelsAcross(contours: readonly Contour[]): Generator<number> {
  const heights: number[] = [];
  for (const contour of contours) {
    for (const curve of contour) {
      heights.push(curve.a.y);
      if (curve.kind === "segment") continue;
      const { minY, maxY } = boxOfCurve(curve);
      heights.push(minY, maxY);
    }
  }
  heights.sort((a, b) => a - b);
  const largest = largestGap(heights);
  yield (heights[largest]! + heights[largest + 1]!) / 2;
  const gaps = heights
    .slice(1)
    .map((to, index) => ({ size: to - heights[index]!, y: (to + heights[index]!) / 2 }));
  yield* gaps
    .sort((a, b) => b.size - a.size)
    .slice(1, mostLevels)
    .map(({ y }) => y);
}

function largestGap(heights: readonly number[]): number {
  let best = 0;
  for (let index = 1; index + 1 < heights.length; index++) {
    if (heights[index + 1]! - heights[index]! > heights[best + 1]! - heights[best]!) best = index;
  }
  return best;
}

/** Adds where a curve crosses a level to a list. */
function addCrossings(curve: Curve, y: number, crossings: number[]): void {
  const { a, b } = curve;
  if (curve.kind === "segment") {
    if (a.y > y !== b.y > y) crossings.push(a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x));
    return;
  }
  const { centre, radius } = curve;
  const rise = y - centre.y;
  if (Math.abs(rise) >= radius) return;
  const half = Math.sqrt(radius * radius - rise * rise);
  for (const x of [centre.x - half, centre.x + half]) if (isWithinSweep(curve, { x, y })) crossings.push(x);
}
