import type { Segment } from "../geometry/curve";
import { cross, dot, midpoint, subtract, type Point } from "../geometry/point";
import { distanceToSegment } from "../geometry/distanceToSegment";
import { nearestOnSegment } from "../geometry/nearestOnSegment";
import { groupBy } from "../geometry/groupBy";
import { lengthOf } from "../geometry/trig";
import { placeTolerance } from "../wall/outline";
import type { Pattern, PatternEdge, TapedLine } from "./pattern";

/** An edge of a visible line: what is under the tape, and what is painted up to it. */
export interface LineEdge {
  readonly index: number;
  readonly line: string;
  readonly path: Segment;
  readonly under: number;
  readonly painted: number;
  /** Whether it runs along the line, half a tape away from its middle; else it is the tape's end. */
  readonly isSide: boolean;
}

/** The edges of lines that stay visible under tape. */
export function listLineEdges(pattern: Pattern): LineEdge[] {
  const linesOf = groupBy(pattern.tapedLines, ({ id }) => id);
  if (linesOf.size === 0) return [];
  return pattern.edges.flatMap((edge, index) => {
    const id = edge.sources.find((source) => linesOf.has(source));
    return id === undefined ? [] : lineEdgeOf(edge, index, linesOf.get(id)!);
  });
}

/** Which side of an edge is the visible line and which the paint beside it; none where nothing is taped there. */
function lineEdgeOf(
  { curve, left, right }: PatternEdge,
  index: number,
  lines: readonly TapedLine[],
): LineEdge[] {
  if (curve.kind !== "segment" || left === null || right === null) return [];
  const middle = midpoint(curve.a, curve.b);
  const { id, path, width } = lines.reduce((near, other) =>
    offLine(other.path, middle) < offLine(near.path, middle) ? other : near,
  );
  const isLeft =
    cross(subtract(curve.b, curve.a), subtract(nearestOnSegment(middle, path.a, path.b), middle)) > 0;
  const [under, painted] = isLeft ? [left, right] : [right, left];
  return [{ index, line: id, path: curve, under, painted, isSide: isAlong(path, curve, width) }];
}

/** How far along a line, as a share of it, the place nearest to a point lies. */
export function shareOf({ a, b }: Segment, point: Point): number {
  const along = subtract(b, a);
  return dot(subtract(point, a), along) / dot(along, along);
}

/** The place at a share of a line. */
export const pointAt = ({ a, b }: Segment, share: number): Point => ({
  x: a.x + (b.x - a.x) * share,
  y: a.y + (b.y - a.y) * share,
});

const offLine = ({ a, b }: Segment, point: Point): number => distanceToSegment(point, a, b);

/** Whether an edge runs along a line, half a tape away from its middle. */
function isAlong(line: Segment, { a, b }: Segment, width: number): boolean {
  const along = subtract(line.b, line.a);
  const length = lengthOf(along.x, along.y);
  const off = (point: Point) => Math.abs(cross(along, subtract(point, line.a))) / length;
  return [a, b].every((end) => Math.abs(off(end) - width / 2) <= 5 * placeTolerance);
}
