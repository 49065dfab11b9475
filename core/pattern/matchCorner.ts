import { segment, type Segment } from "../geometry/curve";
import type { Point } from "../geometry/point";
import type { Pattern } from "./pattern";

/** A stretch of a corner where a region of one wall meets a region of the next. */
export interface CornerTouch {
  /** Regions by index: on the wall to the left of the corner, and on the one to its right. */
  readonly first: number;
  readonly second: number;
  /** The stretch on each wall's own edge, upwards, in that wall's coordinates. */
  readonly onFirst: Segment;
  readonly onSecond: Segment;
}

/** A painted stretch of one end of a wall, upwards. */
interface EndEdge {
  readonly region: number;
  readonly low: Point;
  readonly high: Point;
}

/** Stretches shorter than this are no more than a touch of two corners. */
const leastStretchMm = 0.01;

/**
 * What meets what at the corner between two walls of a run. Heights are common along a run, so the stretches are
 * matched by height; where one wall is higher than the other, its rest meets nothing.
 */
export function matchCorner(first: Pick<Pattern, "edges">, second: Pick<Pattern, "edges">): CornerTouch[] {
  const [rightEnd, leftEnd] = [endOf(first, "right"), endOf(second, "left")];
  const touches: CornerTouch[] = [];
  for (let i = 0, j = 0; i < rightEnd.length && j < leftEnd.length;) {
    const [a, b] = [rightEnd[i]!, leftEnd[j]!];
    const from = Math.max(a.low.y, b.low.y);
    const to = Math.min(a.high.y, b.high.y);
    if (to - from > leastStretchMm) {
      const last = touches.at(-1);
      const [onFirst, onSecond] = [stretchOf(a, from, to), stretchOf(b, from, to)];
      if (last && last.first === a.region && last.second === b.region && goesOn(last, onFirst, onSecond)) {
        touches[touches.length - 1] = {
          ...last,
          onFirst: segment(last.onFirst.a, onFirst.b),
          onSecond: segment(last.onSecond.a, onSecond.b),
        };
      } else {
        touches.push({ first: a.region, second: b.region, onFirst, onSecond });
      }
    }
    if (a.high.y < b.high.y) i++;
    else j++;
  }
  return touches;
}

function endOf({ edges }: Pick<Pattern, "edges">, side: "left" | "right"): EndEdge[] {
  return edges
    .filter((edge) => edge.sources.includes(side) && (edge.left === null) !== (edge.right === null))
    .map(({ curve, left, right }) => {
      const [low, high] = curve.a.y < curve.b.y ? [curve.a, curve.b] : [curve.b, curve.a];
      return { region: (left ?? right)!, low, high };
    })
    .filter(({ low, high }) => high.y > low.y)
    .sort((p, q) => p.low.y - q.low.y);
}

function stretchOf({ low, high }: EndEdge, from: number, to: number): Segment {
  const at = (y: number): Point => ({ x: low.x + ((high.x - low.x) * (y - low.y)) / (high.y - low.y), y });
  return segment(at(from), at(to));
}

const straightness = 1e-6;

/** Whether the stretch continues the one before it in a straight line, on both walls. */
function goesOn({ onFirst, onSecond }: CornerTouch, first: Segment, second: Segment): boolean {
  return [
    [onFirst, first],
    [onSecond, second],
  ].every(([before, after]) => {
    const [u, v] = [before!, after!].map(({ a, b }) => ({ x: b.x - a.x, y: b.y - a.y })) as [Point, Point];
    const isNext = Math.abs(before!.b.y - after!.a.y) < straightness;
    return isNext && Math.abs(u.x * v.y - u.y * v.x) < straightness * u.y * v.y;
  });
}

/** The parts of an upright straight line that lie at none of the heights of the stretches. */
export function besides(line: Segment, met: readonly Segment[]): Segment[] {
  const isUp = line.a.y < line.b.y;
  const [low, high] = isUp ? [line.a, line.b] : [line.b, line.a];
  const end: EndEdge = { region: 0, low, high };
  const rest: Segment[] = [];
  let from = low.y;
  for (const { a, b } of [...met].sort((p, q) => p.a.y - q.a.y)) {
    if (a.y - from > leastStretchMm) rest.push(stretchOf(end, from, a.y));
    from = Math.max(from, b.y);
  }
  if (high.y - from > leastStretchMm) rest.push(stretchOf(end, from, high.y));
  return isUp ? rest : rest.map(({ a, b }) => segment(b, a));
}
