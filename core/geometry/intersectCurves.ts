import type { Arc, Curve, Segment } from "./curve";
import { cross, distance, dot, rotateAbout, subtract, type Point } from "./point";

import { arcSine, directionOf, lengthOf } from "./trig";

/** A meeting of two curves: where, and the share of the way along each. */
export interface Meeting {
  readonly point: Point;
  readonly t: number;
  readonly u: number;
}

/**
 * Every point at which two curves meet, to a tolerance in mm: crossings, touches, an end of one that lies on
 * the other, and the ends of stretches that they share. The same place may be named twice; the arrangement
 * merges it. Arcs must be at most half a turn.
 */
export function intersectCurves(first: Curve, second: Curve, tolerance: number): Meeting[] {
  const meetings: Meeting[] = [];
  if (first.kind === "segment" && second.kind === "segment" && areApart(first, second, tolerance))
    return meetings;
  const addEndOfFirst = (t: 0 | 1, end: Point) => {
    const u = shareAt(second, end, tolerance);
    if (u !== null) meetings.push({ point: end, t, u });
  };
  const addEndOfSecond = (u: 0 | 1, end: Point) => {
    const t = shareAt(first, end, tolerance);
    if (t !== null) meetings.push({ point: end, t, u });
  };
  addEndOfFirst(0, first.a);
  addEndOfFirst(1, first.b);
  addEndOfSecond(0, second.a);
  addEndOfSecond(1, second.b);
  for (const point of crossings(first, second)) {
    const t = shareAt(first, point, tolerance);
    const u = shareAt(second, point, tolerance);
    if (t !== null && u !== null) meetings.push({ point, t, u });
  }
  return meetings;
}

/** Whether one segment lies wholly on one side of the other's line, well beyond what counts as a touch. */
const areApart = (first: Segment, second: Segment, tolerance: number): boolean =>
  isBeside(first, second, tolerance) || isBeside(second, first, tolerance);

function isBeside({ a, b }: Segment, other: Segment, tolerance: number): boolean {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  // A touch reaches a tolerance across and one along: together less than two.
  const clear = 2 * tolerance * Math.sqrt(dx * dx + dy * dy);
  const from = dx * (other.a.y - a.y) - dy * (other.a.x - a.x);
  const to = dx * (other.b.y - a.y) - dy * (other.b.x - a.x);
  return (from > clear && to > clear) || (from < -clear && to < -clear);
}

function crossings(first: Curve, second: Curve): Point[] {
  if (first.kind === "segment") {
    return second.kind === "segment" ? lineWithLine(first, second) : lineWithCircle(first, second);
  }
  return second.kind === "segment" ? lineWithCircle(second, first) : circleWithCircle(first, second);
}

/** The share of the way along a curve at a point that lies on it to the tolerance; null for one that does not. */
export function shareAt(curve: Curve, point: Point, tolerance: number): number | null {
  if (curve.kind === "segment") {
    const along = subtract(curve.b, curve.a);
    const length = lengthOf(along.x, along.y);
    const offset = subtract(point, curve.a);
    if (Math.abs(cross(along, offset)) > tolerance * length) return null;
    return clampShare(dot(along, offset) / (length * length), tolerance / length);
  }
  if (Math.abs(distance(point, curve.centre) - curve.radius) > tolerance) return null;
  const from = subtract(curve.a, curve.centre);
  const to = subtract(point, curve.centre);
  const direction = Math.sign(curve.sweep);
  let angle = directionOf(cross(from, to), dot(from, to)) * direction;
  const slack = tolerance / curve.radius;
  if (angle < -slack) angle += 2 * Math.PI;
  return clampShare(angle / Math.abs(curve.sweep), slack / Math.abs(curve.sweep));
}

function clampShare(share: number, slack: number): number | null {
  if (share < -slack || share > 1 + slack) return null;
  return Math.min(1, Math.max(0, share));
}

function lineWithLine(first: Segment, second: Segment): Point[] {
  const r = subtract(first.b, first.a);
  const s = subtract(second.b, second.a);
  const denominator = cross(r, s);
  // Parallel lines share at most stretches, whose ends the caller finds.
  if (Math.abs(denominator) <= 1e-14 * lengthOf(r.x, r.y) * lengthOf(s.x, s.y)) return [];
  const t = cross(subtract(second.a, first.a), s) / denominator;
  return [{ x: first.a.x + t * r.x, y: first.a.y + t * r.y }];
}

function lineWithCircle(line: Segment, arc: Arc): Point[] {
  const along = subtract(line.b, line.a);
  const length = lengthOf(along.x, along.y);
  const unit = { x: along.x / length, y: along.y / length };
  const toCentre = subtract(arc.centre, line.a);
  const foot = dot(toCentre, unit);
  const height = cross(unit, toCentre);
  const half = halfChord(arc.radius, Math.abs(height));
  return half.map((offset) => ({
    x: line.a.x + unit.x * (foot + offset),
    y: line.a.y + unit.y * (foot + offset),
  }));
}

function circleWithCircle(first: Arc, second: Arc): Point[] {
  const between = subtract(second.centre, first.centre);
  const gap = lengthOf(between.x, between.y);
  if (gap === 0) return [];
  const along = (gap * gap + first.radius * first.radius - second.radius * second.radius) / (2 * gap);
  const unit = { x: between.x / gap, y: between.y / gap };
  const foot = { x: first.centre.x + unit.x * along, y: first.centre.y + unit.y * along };
  return halfChord(first.radius, Math.abs(along)).map((offset) => ({
    x: foot.x - unit.y * offset,
    y: foot.y + unit.x * offset,
  }));
}

/** Offsets of the two ends of a chord from its middle; a chord that only just misses the circle is a touch. */
function halfChord(radius: number, height: number): number[] {
  const touch = 1e-9 * radius;
  if (height > radius + touch) return [];
  const half = Math.sqrt(Math.max(0, (radius - height) * (radius + height)));
  return half === 0 ? [0] : [-half, half];
}

/**
 * The point at a straight distance from the start of a curve, seen from its two ends: a chord c of a circle of radius r
 * lies asin(c / 2r) off the tangent where it starts, so the short chord is turned from the whole one by the difference.
 * The circle's centre would mislead where a very short arc's ends have been moved to common vertices.
 */
export function pointAtChord(curve: Curve, chord: number): Point {
  const { a, b } = curve;
  const share = chord / distance(a, b);
  const along = { x: a.x + (b.x - a.x) * share, y: a.y + (b.y - a.y) * share };
  if (curve.kind === "segment") return along;
  const off = Math.abs(curve.sweep) / 2 - arcSine(Math.min(1, chord / (2 * curve.radius)));
  return rotateAbout(along, a, -Math.sign(curve.sweep) * off);
}
