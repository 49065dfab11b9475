import { visibleTolerance } from "../trade/visibleDifference";
import { openingBox } from "../wall/openingContour";
import { partAt, type Strip } from "../wall/strip";
import type { FinishContext } from "./defineFinish";

/** A sheet's own registers carry no further than this between two readings, however little they stray. */
const mostCarried = 4;

/**
 * So many repeats go by the sheet's registers, or the ticks of the one before, before what they stray by at worst is seen:
 * each is laid to half a division of the tape. Where repeats are stretched, each is set off by that.
 */
export const goFor = (repeatMm: number, context: FinishContext): number =>
  Math.max(
    1,
    Math.floor(visibleTolerance(repeatMm, context.viewingDistance) / (context.tapeDivision / 2) + 1e-9),
  );

/** Every so many repeats are read from the datum, and the sheet's registers carry between. */
export const readEvery = (repeatMm: number, context: FinishContext): number =>
  Math.min(mostCarried, goFor(repeatMm, context));

/**
 * Which of so many places in a row are read: each as far after the one before as the sheet carries, but where there is no wall
 * to mark a nearer one, or where there is none the first beyond.
 */
export function readPlaces(
  count: number,
  first: number,
  every: number,
  canMark: (place: number) => boolean,
): ReadonlySet<number> {
  const read = new Set<number>();
  const free = Array.from({ length: count }, (_, place) => place).filter(canMark);
  let next = first;
  while (next < count) {
    const last = next - every;
    const place =
      free.findLast((at) => at <= next && at > last && at >= first && !read.has(at)) ??
      free.find((at) => at > next);
    if (place === undefined) break;
    read.add(place);
    next = place + every;
  }
  return read;
}

/** Whether the level line of a surveyed wall can be marked at a place: it cannot in an opening. */
export function canMarkOnLevel(strip: Strip, x: number): boolean {
  const { wall, offset } = partAt(strip, x);
  if (!wall.survey) return true;
  return !wall.openings.some((opening) => {
    const { minX, maxX, minY, maxY } = openingBox(opening, opening.casing);
    return x - offset > minX && x - offset < maxX && minY < 0 && maxY > 0;
  });
}
