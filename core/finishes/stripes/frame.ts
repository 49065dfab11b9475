import { segment, type Box, type Segment } from "../../geometry/curve";
import type { Point } from "../../geometry/point";
import { lengthOf, sinCos } from "../../geometry/trig";
import type { StripesSpec } from "./spec";

/** The straight axis across the stripes: a point p lies at normal . p, counted from `start` over `span` mm. */
export interface Frame {
  readonly normal: Point;
  readonly start: number;
  readonly span: number;
  /** What an anchor coordinate is multiplied by to land on this axis. */
  readonly anchorScale: number;
}

/**
 * Angled stripes of angle a count along (sin a, -cos a), square to their lines; an anchor x is where the line
 * crosses y = 0, which lies at x sin a. Upright is a = 90; level stripes count upwards instead.
 */
export function frameOf(direction: StripesSpec["direction"], corners: readonly Point[]): Frame {
  const normal = normalOf(direction);
  const across = corners.map(({ x, y }) => x * normal.x + y * normal.y);
  const start = Math.min(...across);
  const anchorScale = typeof direction === "number" ? normal.x : 1;
  return { normal, start, span: Math.max(...across) - start, anchorScale };
}

function normalOf(direction: StripesSpec["direction"]): Point {
  if (direction === "vertical" || direction === 90) return { x: 1, y: 0 };
  if (direction === "horizontal") return { x: 0, y: 1 };
  const angle = (direction * Math.PI) / 180;
  const { sin, cos } = sinCos(angle);
  return { x: sin, y: -cos };
}

/** The line at a distance (mm) from the span's start, within the extent; null when it only touches a corner. */
export function lineAt({ normal, start }: Frame, distance: number, extent: Box): Segment | null {
  const c = start + distance;
  if (normal.y === 0) return segment({ x: c, y: extent.minY }, { x: c, y: extent.maxY });
  if (normal.x === 0) return segment({ x: extent.minX, y: c }, { x: extent.maxX, y: c });
  const ends: Point[] = [];
  for (const x of [extent.minX, extent.maxX]) {
    const y = (c - normal.x * x) / normal.y;
    if (y >= extent.minY && y <= extent.maxY) ends.push({ x, y });
  }
  for (const y of [extent.minY, extent.maxY]) {
    const x = (c - normal.y * y) / normal.x;
    if (x >= extent.minX && x <= extent.maxX) ends.push({ x, y });
  }
  const [a] = ends;
  const b = ends.findLast((end) => a && lengthOf(end.x - a.x, end.y - a.y) > 0.01);
  return a && b ? segment(a, b) : null;
}
