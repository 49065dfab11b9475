import { segment, type Segment } from "../geometry/curve";
import { distance, type Point } from "../geometry/point";
import { flattenPath } from "../geometry/flatten";
import type { Pattern } from "../pattern/pattern";
import { isFixedLater, type Fixture, type Wall } from "../wall/schema";

/** What goes up over the finished work: where it is fixed, and how much of the painted edges it hides, mm. */
export interface Later {
  readonly thing: Fixture;
  readonly fixings: readonly Point[];
  readonly hidesMm: number;
}

/** One fixing holds so much of a ledge or rail, mm. */
const heldByOneMm = 600;

/** Things that are fixed later, with their fixing places in order from the left. */
export const listLater = ({ fixtures }: Wall, { edges }: Pattern): Later[] =>
  fixtures.filter(isFixedLater).map((thing) => ({
    thing,
    fixings: fixingsOf(thing),
    hidesMm: edges.reduce(
      (sum, { curve, left, right }) =>
        left === null || right === null ? sum : sum + lengthBehind(flattenPath([curve]), thing),
      0,
    ),
  }));

/**
 * A picture hangs from one place, a fifth of its height under its top. A ledge or rail is held at its middle height, first
 * and last a tenth of its width from its ends, and so closely between that each holds 600 mm.
 */
function fixingsOf({ kind, x, y, width, height, fixings }: Fixture): Point[] {
  const count = fixings ?? (kind === "picture" ? 1 : Math.max(2, Math.ceil((width * 0.8) / heldByOneMm) + 1));
  const up = kind === "picture" ? y + height * 0.8 : y + height / 2;
  if (count === 1) return [{ x: x + width / 2, y: up }];
  return Array.from({ length: count }, (_, place) => ({
    x: x + width * (0.1 + (0.8 * place) / (count - 1)),
    y: up,
  }));
}

/** How much of a line of points lies within a box. */
function lengthBehind(points: readonly Point[], box: Fixture): number {
  return points.slice(1).reduce((sum, b, index) => sum + shareBehind(segment(points[index]!, b), box), 0);
}

/** Clips a straight line to the box, side by side. */
function shareBehind({ a, b }: Segment, { x, y, width, height }: Fixture): number {
  let [from, to] = [0, 1];
  const sides = [
    [b.x - a.x, a.x - x],
    [a.x - b.x, x + width - a.x],
    [b.y - a.y, a.y - y],
    [a.y - b.y, y + height - a.y],
  ] as const;
  for (const [change, inside] of sides) {
    if (change === 0) {
      if (inside <= 0) return 0;
      continue;
    }
    const share = -inside / change;
    if (change > 0) from = Math.max(from, share);
    else to = Math.min(to, share);
  }
  return to <= from ? 0 : distance(a, b) * (to - from);
}
