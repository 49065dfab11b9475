import { segment, type Segment } from "../geometry/curve";
import { isInsideContour } from "../geometry/contour";
import { intersectCurves } from "../geometry/intersectCurves";
import { distance, midpoint, type Point } from "../geometry/point";
import { isPlainBox, placeTolerance } from "../wall/outline";
import type { Surface } from "../wall/surface";

/**
 * A straight line from the first to the last place where it runs over the wall between trim and ends, openings
 * ignored; null for one that only touches an edge or misses the wall. Along an edge it would divide nothing.
 */
export function clipToOutline(line: Segment, { outline, extent }: Surface): Segment | null {
  if (isPlainBox(outline) && isStrictlyAcross(line, extent)) return line;
  const meetings = outline.flatMap((side) => intersectCurves(line, side, placeTolerance));
  const ends = [
    { t: 0, point: line.a },
    { t: 1, point: line.b },
  ].filter(({ point }) => isInsideContour(point, outline));
  const stops = [...ends, ...meetings.map(({ t, point }) => ({ t, point }))].sort((a, b) => a.t - b.t);
  const within = stops.flatMap((stop, index): [Point, Point][] => {
    const next = stops[index + 1];
    if (!next || distance(stop.point, next.point) <= placeTolerance) return [];
    const middle = midpoint(stop.point, next.point);
    const runsAlongAnEdge = outline.some(
      (side) =>
        intersectCurves(segment(stop.point, next.point), side, placeTolerance).length > 1 &&
        distanceAcross(side as Segment, middle) <= placeTolerance,
    );
    return isInsideContour(middle, outline) && !runsAlongAnEdge ? [[stop.point, next.point]] : [];
  });
  const [first, last] = [within[0], within.at(-1)];
  return first && last ? segment(first[0], last[1]) : null;
}

/** A box's plumb, level or slanted line from edge to edge, which is what most lines are. */
function isStrictlyAcross({ a, b }: Segment, box: Surface["extent"]): boolean {
  const isIn = ({ x, y }: Point) => x >= box.minX && x <= box.maxX && y >= box.minY && y <= box.maxY;
  const middle = midpoint(a, b);
  const { minX, maxX, minY, maxY } = box;
  const isInside =
    Math.min(middle.x - minX, maxX - middle.x, middle.y - minY, maxY - middle.y) > placeTolerance;
  return isIn(a) && isIn(b) && isInside;
}

function distanceAcross({ a, b }: Segment, point: Point): number {
  const length = distance(a, b);
  return Math.abs((b.x - a.x) * (point.y - a.y) - (b.y - a.y) * (point.x - a.x)) / length;
}
