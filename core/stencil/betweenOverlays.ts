import Flatbush from "flatbush";
import { arrange } from "../geometry/arrange";
import { isInsideContour } from "../geometry/contour";
import type { Contour } from "../geometry/curve";
import { nearestOnSegment } from "../geometry/nearestOnSegment";
import { flattenContour } from "../geometry/flatten";
import { interiorPoint } from "../geometry/interiorPoint";
import { distance, midpoint, type Point } from "../geometry/point";
import { outlinesOf, sheetToleranceMm } from "./openParts";

/** How the holes of two overlays lie to each other: apart by their least gap, or over each other by so much. */
export interface BetweenOverlays {
  readonly overlays: readonly [string, string];
  /** 0 where they touch or overlap; null where they are further apart than is looked at. */
  readonly gapMm: number | null;
  readonly overlapMm2: number;
  /** About how wide the widest overlap is, mm. */
  readonly overlapMm: number;
  /** Where the gap is least, or the middle of the largest overlap. */
  readonly at: Point | null;
}

/** Gaps wider than this are the motif's own, mm. */
const lookedAtMm = 12;

/** A pair of overlays, from their very cuts: outlines such that what lies within an odd number of them is open. */
export function betweenOverlays(
  overlays: readonly [string, string],
  [first, second]: readonly [readonly Contour[], readonly Contour[]],
): BetweenOverlays {
  const shared = sharedBy(first, second);
  if (shared.length > 0) {
    const largest = shared.reduce((a, b) => (b.area > a.area ? b : a));
    return {
      overlays,
      gapMm: 0,
      overlapMm2: shared.reduce((sum, { area }) => sum + area, 0),
      // A strip w wide and l long has an outline of 2 (l + w).
      overlapMm: Math.max(...shared.map(({ area, around }) => widthOfStrip(area, around))),
      at: largest.at,
    };
  }
  const gap = leastGap(first, second);
  return { overlays, gapMm: gap?.width ?? null, overlapMm2: 0, overlapMm: 0, at: gap?.at ?? null };
}

/** w of a strip of area w l and outline 2 (l + w). */
function widthOfStrip(area: number, around: number): number {
  const quarter = around / 4;
  return quarter - Math.sqrt(Math.max(0, quarter * quarter - area));
}

const isIn = (point: Point, outlines: readonly Contour[]): boolean =>
  outlines.filter((outline) => isInsideContour(point, outline)).length % 2 === 1;

/** What is open in both. */
function sharedBy(first: readonly Contour[], second: readonly Contour[]) {
  const curves = [...first, ...second].flat().map((curve) => ({ curve, source: null }));
  return arrange(curves, sheetToleranceMm).faces.flatMap((face) => {
    const at = interiorPoint(face);
    if (!isIn(at, first) || !isIn(at, second) || face.area < leastMm2) return [];
    const around = outlinesOf([face]).reduce((sum, outline) => sum + lengthOf(flattenContour(outline)), 0);
    return [{ area: face.area, at, around }];
  });
}

/** Less is a last bit of a computation. */
const leastMm2 = 0.01;

const lengthOf = (points: readonly Point[]): number =>
  points.reduce((sum, point, index) => sum + distance(point, points[(index + 1) % points.length]!), 0);

interface Side {
  readonly a: Point;
  readonly b: Point;
}

const sidesOf = (outlines: readonly Contour[]): Side[] =>
  outlines.flatMap((outline) => {
    const points = flattenContour(outline);
    return points.map((a, index) => ({ a, b: points[(index + 1) % points.length]! }));
  });

/** The shortest way from an edge of one to an edge of the other, corners against edges; candidates from a box index. */
function leastGap(
  first: readonly Contour[],
  second: readonly Contour[],
): { readonly width: number; readonly at: Point } | null {
  const [sides, others] = [sidesOf(first), sidesOf(second)];
  if (sides.length === 0 || others.length === 0) return null;
  const index = new Flatbush(others.length);
  for (const { a, b } of others)
    index.add(Math.min(a.x, b.x), Math.min(a.y, b.y), Math.max(a.x, b.x), Math.max(a.y, b.y));
  index.finish();
  let best: { width: number; at: Point } | null = null;
  for (const side of sides) {
    const { a, b } = side;
    const reach = best?.width ?? lookedAtMm;
    const near = index.search(
      Math.min(a.x, b.x) - reach,
      Math.min(a.y, b.y) - reach,
      Math.max(a.x, b.x) + reach,
      Math.max(a.y, b.y) + reach,
    );
    for (const place of near) {
      const other = others[place]!;
      for (const [p, q] of [
        [a, nearestOnSegment(a, other.a, other.b)],
        [b, nearestOnSegment(b, other.a, other.b)],
        [other.a, nearestOnSegment(other.a, a, b)],
        [other.b, nearestOnSegment(other.b, a, b)],
      ] as const) {
        const width = distance(p, q);
        if (width <= (best?.width ?? lookedAtMm)) best = { width, at: midpoint(p, q) };
      }
    }
  }
  return best;
}
