import { lengthOf } from "../geometry/trig";
import type { PlanLine, PlanPoint, PlanTape } from "../plan/planTypes";

/** Tape that lies off a line by less than this lies on it, mm. */
const onLineMm = 0.1;
const bucketMm = 10;

interface Ray {
  readonly line: string;
  readonly at: PlanPoint;
  readonly along: PlanPoint;
}

/**
 * Answers the set-out line that a straight piece of tape lies along: the first of those that are the same. Lines are kept
 * by their distance from the wall's datum, so that the search does not grow with their number.
 */
export function linesOfTape(
  lines: readonly Pick<PlanLine, "id" | "path">[],
): (path: PlanTape["path"]) => string | undefined {
  const byOffset = new Map<number, Ray[]>();
  for (const { id, path } of lines) {
    const [at] = path;
    const along = directionOf(path[0], path[1]);
    const bucket = bucketOf(at, along);
    const rays = byOffset.get(bucket);
    if (rays) rays.push({ line: id, at, along });
    else byOffset.set(bucket, [{ line: id, at, along }]);
  }
  return (path) => {
    const along = directionOf(path[0]!, path.at(-1)!);
    const bucket = bucketOf(path[0]!, along);
    for (const near of [bucket, bucket - 1, bucket + 1]) {
      const found = byOffset.get(near)?.find((ray) => path.every((point) => offRay(ray, point) < onLineMm));
      if (found) return found.line;
    }
    return undefined;
  };
}

function directionOf([ax, ay]: PlanPoint, [bx, by]: PlanPoint): PlanPoint {
  const length = lengthOf(bx - ax, by - ay) || 1;
  return [(bx - ax) / length, (by - ay) / length];
}

/** Whichever way a line is walked, it is as far from the datum. */
const bucketOf = ([x, y]: PlanPoint, [ux, uy]: PlanPoint): number =>
  Math.round(Math.abs(ux * y - uy * x) / bucketMm);

const offRay = ({ at, along }: Ray, [x, y]: PlanPoint): number =>
  Math.abs(along[0] * (y - at[1]) - along[1] * (x - at[0]));
