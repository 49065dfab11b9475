import { nearestOnSegment } from "./nearestOnSegment";
import { distance, type Point } from "./point";

/** The distance in mm from a point to the nearest place of the segment from a to b. */
export const distanceToSegment = (point: Point, a: Point, b: Point): number =>
  distance(point, nearestOnSegment(point, a, b));
