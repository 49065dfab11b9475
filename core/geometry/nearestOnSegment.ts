import type { Point } from "./point";

/** The place of the segment from a to b that is nearest to a point; mm. */
export function nearestOnSegment(point: Point, a: Point, b: Point): Point {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const lengthSquared = dx * dx + dy * dy;
  const share = lengthSquared === 0 ? 0 : ((point.x - a.x) * dx + (point.y - a.y) * dy) / lengthSquared;
  const within = Math.min(1, Math.max(0, share));
  return { x: a.x + dx * within, y: a.y + dy * within };
}
