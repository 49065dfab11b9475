import type { Point } from "./point";
import { lengthOf } from "./trig";

/** The distance in mm from a point to the nearest place of the segment from a to b. */
export function distanceToSegment(point: Point, a: Point, b: Point): number {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  const lengthSquared = dx * dx + dy * dy;
  const share = lengthSquared === 0 ? 0 : ((point.x - a.x) * dx + (point.y - a.y) * dy) / lengthSquared;
  const within = Math.min(1, Math.max(0, share));
  return lengthOf(point.x - a.x - dx * within, point.y - a.y - dy * within);
}
