import type { Point } from "../geometry/point";

/** Readings in order, joined by straight lines, held beyond the first and the last. */
export type Polyline = readonly Point[];

/** Where two readings stand at one place (a step), which of them counts. */
export type Pick = "highest" | "lowest";

/** y of a floor or ceiling (points from left to right) at x, in mm. */
export function heightAt(line: Polyline, x: number, pick: Pick): number {
  const heights = heightsAt(line, x);
  return pick === "highest" ? Math.max(...heights) : Math.min(...heights);
}

function heightsAt(line: Polyline, x: number): number[] {
  const [first, last] = [line[0]!, line.at(-1)!];
  const exact = line.filter((point) => point.x === x).map((point) => point.y);
  if (exact.length > 0) return exact;
  if (x < first.x) return [first.y];
  if (x > last.x) return [last.y];
  const next = line.findIndex((point) => point.x > x);
  return [between(line[next - 1]!, line[next]!, x)];
}

function between(a: Point, b: Point, x: number): number {
  return a.y + (b.y - a.y) * ((x - a.x) / (b.x - a.x));
}

const turned = ({ x, y }: Point): Point => ({ x: y, y: x });

/** x of a wall's end (points upwards) at the height y, in mm. */
export const offsetAt = (end: Polyline, y: number): number => heightAt(end.map(turned), y, "lowest");

/**
 * Where a wall's end (points upwards) meets a floor or ceiling (points from left to right), upwards. Both divide the
 * plane, so they meet at least once; more often where one of them zigzags across the other.
 */
export function meetingsOf(end: Polyline, which: "left" | "right", level: Polyline): Point[] {
  const stretches = heldStretches(end, level);
  const met = stretches.flatMap(([a, b]) => meetingsWithin(a, b, which, level)).sort((p, q) => p.y - q.y);
  if (met.length > 0)
    return met.filter((point, index) => index === 0 || !isSamePlace(point, met[index - 1]!));
  // An end that bends away right at a step meets the riser itself.
  for (const [a, b] of stretches.filter(([a, b]) => a.x === b.x)) {
    const heights = heightsAt(level, a.x);
    const [low, high] = [Math.max(a.y, Math.min(...heights)), Math.min(b.y, Math.max(...heights))];
    if (low <= high) return [{ x: a.x, y: low }];
  }
  // Or it bends on the riser, below the step on one side and above it on the other.
  const bend = stretches.slice(1).find(([{ x, y }]) => {
    const heights = heightsAt(level, x);
    return Math.min(...heights) <= y && y <= Math.max(...heights);
  });
  if (bend) return [bend[0]];
  throw new Error("An end that runs the whole way up meets every floor and ceiling.");
}

const isSamePlace = (a: Point, b: Point): boolean => Math.abs(a.x - b.x) < 0.01 && Math.abs(a.y - b.y) < 0.01;

/** The end's straight stretches from below all of `level` to above it. */
function heldStretches(end: Polyline, level: Polyline): [Point, Point][] {
  const heights = [...level, ...end].map(({ y }) => y);
  const [first, last] = [end[0]!, end.at(-1)!];
  const points = [
    { x: first.x, y: Math.min(...heights) - 1 },
    ...end,
    { x: last.x, y: Math.max(...heights) + 1 },
  ];
  return points.slice(1).map((point, index) => [points[index]!, point]);
}

function meetingsWithin(a: Point, b: Point, which: "left" | "right", level: Polyline): Point[] {
  if (a.x === b.x) {
    const heights = heightsAt(level, a.x);
    // A step right at the end is no step: the reading on the wall's side of it is the corner.
    const y = which === "left" ? heights.at(-1)! : heights[0]!;
    return y >= a.y && y <= b.y ? [{ x: a.x, y }] : [];
  }
  const [low, high] = a.x < b.x ? [a, b] : [b, a];
  // The level line's corners between the two; each keeps its own height, so that stretches side by side agree.
  const corners = [
    { x: low.x, y: heightsAt(level, low.x).at(-1)! },
    ...level.filter(({ x }) => x > low.x && x < high.x),
    { x: high.x, y: heightsAt(level, high.x)[0]! },
  ];
  return corners.slice(1).flatMap((to, index) => {
    const from = corners[index]!;
    const above = [from, to].map((corner) => between(low, high, corner.x) - corner.y) as [number, number];
    return crossingWithin(from.x, to.x, above).map((x) => ({ x, y: between(low, high, x) }));
  });
}

/** Where a straight difference passes zero between two places; both where it is zero all along. */
function crossingWithin(from: number, to: number, [start, end]: readonly [number, number]): number[] {
  if (start * end > 0) return [];
  if (start === 0 && end === 0) return [from, to];
  return [from + (to - from) * (start / (start - end))];
}
