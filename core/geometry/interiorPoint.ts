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
  const y = middleOfLargestGap(contours);
  const crossings: number[] = [];
  for (const contour of contours) for (const curve of contour) addCrossings(curve, y, crossings);
  crossings.sort((a, b) => a - b);
  let best = { x: NaN, width: -1 };
  for (let index = 0; index + 1 < crossings.length; index += 2) {
    const width = crossings[index + 1]! - crossings[index]!;
    if (width > best.width) best = { x: (crossings[index]! + crossings[index + 1]!) / 2, width };
  }
  return { x: best.x, y };
}

function middleOfLargestGap(contours: readonly Contour[]): number {
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
  let best = { y: heights[0]!, gap: -1 };
  for (let index = 0; index + 1 < heights.length; index++) {
    const gap = heights[index + 1]! - heights[index]!;
    if (gap > best.gap) best = { y: (heights[index]! + heights[index + 1]!) / 2, gap };
  }
  return best.y;
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
