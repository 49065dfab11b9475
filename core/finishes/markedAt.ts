import { segment, type Segment } from "../geometry/curve";
import { lengthOf } from "../geometry/trig";
import type { Point } from "../geometry/point";
import type { Box } from "../geometry/curve";
import type { FinishContext } from "./defineFinish";

/** What is said of a mark of a line that a tape leaves, by where its tape is marked. */
export function saidOfTape({ edges }: FinishContext, kind: "plumb" | "level" | "slant"): string {
  if (edges.markAt === "middle") return "the middle of the tape";
  return kind === "plumb" ? "the left edge of the tape" : "the lower edge of the tape";
}

/**
 * Where a taped line is marked: along the tape's middle, or along its lower edge, the left one of a plumb line. Half the
 * width w of a slanted tape is w / 2 / cos upright and w / 2 / sin along, so that its ends stay on the sides that they lie on.
 */
export function markedAt(path: Segment, width: number, { edges }: FinishContext, extent: Box): Segment {
  if (edges.markAt === "middle") return path;
  const [dx, dy] = [path.b.x - path.a.x, path.b.y - path.a.y];
  const long = lengthOf(dx, dy);
  const half = width / 2;
  if (Math.abs(dx) < 1e-6) {
    const left = (point: Point) => ({ x: point.x - half, y: point.y });
    return segment(left(path.a), left(path.b));
  }
  const down = (half * long) / Math.abs(dx);
  const isOnEnd = ({ x }: Point) => Math.min(Math.abs(x - extent.minX), Math.abs(x - extent.maxX)) < 1;
  const isOnFloorOrCeiling = ({ y }: Point) =>
    Math.min(Math.abs(y - extent.minY), Math.abs(y - extent.maxY)) < 1;
  const moved = (point: Point): Point =>
    Math.abs(dy) < 1e-6 || isOnEnd(point) || !isOnFloorOrCeiling(point)
      ? { x: point.x, y: point.y - down }
      : { x: point.x + (down * dx) / dy, y: point.y };
  return segment(moved(path.a), moved(path.b));
}
