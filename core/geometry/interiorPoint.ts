import { boxOfCurve, isWithinSweep, type Contour, type Curve } from "./curve";
import type { Face } from "./arrange";
import type { Point } from "./point";

/**
 * A point well inside a face, also a good place for its label: the middle of the widest stretch, along a
 * level through the largest gap between the heights of its corners and bulges, so that no corner is met.
 */
export function interiorPoint(face: Face): Point {
  const contours = [face.outer, ...face.holes];
  const y = middleOfLargestGap(contours);
  const crossings = contours
    .flat()
    .flatMap((curve) => crossingsAtHeight(curve, y))
    .sort((a, b) => a - b);
  let best = { x: NaN, width: -1 };
  for (let index = 0; index + 1 < crossings.length; index += 2) {
    const width = crossings[index + 1]! - crossings[index]!;
    if (width > best.width) best = { x: (crossings[index]! + crossings[index + 1]!) / 2, width };
  }
  return { x: best.x, y };
}

function middleOfLargestGap(contours: readonly Contour[]): number {
  const heights = contours
    .flat()
    .flatMap((curve) => {
      if (curve.kind === "segment") return [curve.a.y];
      const box = boxOfCurve(curve);
      return [curve.a.y, box.minY, box.maxY];
    })
    .sort((a, b) => a - b);
  let best = { y: heights[0]!, gap: -1 };
  for (let index = 0; index + 1 < heights.length; index++) {
    const gap = heights[index + 1]! - heights[index]!;
    if (gap > best.gap) best = { y: (heights[index]! + heights[index + 1]!) / 2, gap };
  }
  return best.y;
}

function crossingsAtHeight(curve: Curve, y: number): number[] {
  const { a, b } = curve;
  if (curve.kind === "segment") {
    return a.y > y === b.y > y ? [] : [a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)];
  }
  const { centre, radius } = curve;
  const rise = y - centre.y;
  if (Math.abs(rise) >= radius) return [];
  const half = Math.sqrt(radius * radius - rise * rise);
  return [centre.x - half, centre.x + half].filter((x) => isWithinSweep(curve, { x, y }));
}
