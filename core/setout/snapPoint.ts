import type { Segment } from "../geometry/curve";
import { intersectCurves } from "../geometry/intersectCurves";
import { nearestOnSegment } from "../geometry/nearestOnSegment";
import { distance, dot, type Point } from "../geometry/point";
import { roundToDivision } from "../measure/roundToDivision";
import { placeTolerance } from "../wall/outline";
import { partAt, type Strip } from "../wall/strip";
import { snapPlace, type SnapTarget } from "../wall/snapPlace";
import { nameOf } from "../wall/surface";

/** A line that a place on the wall may be drawn onto. */
export interface SnapLine {
  readonly path: Segment;
  /** What it is called: "line 2", "the ceiling". */
  readonly thing: string;
}

/** What a place may line up with, in the strip's coordinates. */
export interface SnapTargets {
  readonly across: readonly SnapTarget[];
  readonly up: readonly SnapTarget[];
  readonly lines: readonly SnapLine[];
}

/** Edges and middles of openings and fixtures, the walls' sides, corners and middle, and the lines given. */
export function snapTargetsOf(strip: Strip, lines: readonly SnapLine[]): SnapTargets {
  const { minX, maxX, minY, maxY } = strip.extent;
  const across: SnapTarget[] = [{ at: (minX + maxX) / 2, thing: "the middle" }];
  const up: SnapTarget[] = [{ at: (minY + maxY) / 2, thing: "half the height" }];
  const sides: SnapLine[] = [];
  for (const { wall, surface, offset } of strip.parts) {
    for (const thing of [...wall.openings, ...wall.fixtures]) {
      const name = nameOf(thing);
      const casing = "casing" in thing ? thing.casing : 0;
      const [x, y] = [thing.x + offset, thing.y];
      across.push(...edgesOf(x, thing.width, casing, name), {
        at: x + thing.width / 2,
        thing: `the middle of ${name}`,
      });
      up.push(...edgesOf(y, thing.height, casing, name), {
        at: y + thing.height / 2,
        thing: `the middle of ${name}`,
      });
    }
    for (const { curve, source } of surface?.sides ?? []) {
      const place = ({ x, y }: Point): Point => ({ x: x + offset, y });
      const thing = {
        top: "the upper edge",
        bottom: "the lower edge",
        left: "the left end",
        right: "the right end",
      }[source];
      sides.push({ path: { kind: "segment", a: place(curve.a), b: place(curve.b) }, thing });
    }
  }
  return { across, up, lines: [...lines, ...sides] };
}

const edgesOf = (at: number, size: number, casing: number, name: string): SnapTarget[] =>
  [at - casing, at + size + casing].map((edge) => ({ at: edge, thing: name }));

export interface SnappedPoint {
  readonly at: Point;
  /** What it lines up with; empty where it only went to the nearest tape division. */
  readonly to: readonly string[];
}

/**
 * Where a place comes to rest (mm): on a crossing or an end of lines within reach, else on a line, else lined up with
 * things, else on a tape division as it is read from the datum of the wall that it lies on. One that moves along a
 * direction alone keeps to it.
 */
export function snapPoint(
  place: Point,
  { along, from }: { readonly along: Point | null; readonly from: Point },
  targets: SnapTargets,
  reach: number,
  strip: Strip,
  tapeDivision: number,
): SnappedPoint {
  const { offset } = partAt(strip, place.x);
  const across = (x: number) => snapAxis(x - offset, moved(targets.across, -offset), reach, tapeDivision);
  const up = (y: number) => snapAxis(y, targets.up, reach, tapeDivision);
  if (along) {
    if (along.y === 0) {
      const { value, to } = across(place.x);
      return { at: { x: value + offset, y: from.y }, to };
    }
    if (along.x === 0) {
      const { value, to } = up(place.y);
      return { at: { x: from.x, y: value }, to };
    }
    const reading = roundToDivision(dot(place, along), tapeDivision) - dot(from, along);
    return { at: { x: from.x + along.x * reading, y: from.y + along.y * reading }, to: [] };
  }
  const near = targets.lines.flatMap((line) => {
    const at = nearestOnSegment(place, line.path.a, line.path.b);
    return distance(at, place) <= reach ? [{ ...line, at }] : [];
  });
  const corner = nearestCorner(place, near, reach);
  if (corner) return corner;
  const [x, y] = [across(place.x), up(place.y)];
  const square = { x: x.value + offset, y: y.value };
  const line = near.reduce<(typeof near)[number] | null>(
    (best, other) => (best && distance(best.at, place) <= distance(other.at, place) ? best : other),
    null,
  );
  if (!line) return { at: square, to: [...x.to, ...y.to] };
  const slid = slideTo(line.path, square);
  return distance(slid.at, place) <= 2 * reach
    ? { at: slid.at, to: [line.thing, ...(slid.keeps === "x" ? x.to : y.to)] }
    : { at: line.at, to: [line.thing] };
}

const moved = (targets: readonly SnapTarget[], by: number): SnapTarget[] =>
  by === 0 ? [...targets] : targets.map(({ at, thing }) => ({ at: at + by, thing }));

function snapAxis(value: number, targets: readonly SnapTarget[], reach: number, tapeDivision: number) {
  const { value: at, to } = snapPlace(value, 0, targets, reach, tapeDivision);
  return { value: at, to: to === null ? [] : [to] };
}

/** The nearest crossing or end of lines. */
function nearestCorner(place: Point, near: readonly SnapLine[], reach: number): SnappedPoint | null {
  const corners = near.flatMap(({ path, thing }, index): SnappedPoint[] => [
    ...[path.a, path.b].map((at) => ({ at, to: [thing] })),
    ...near.slice(index + 1).flatMap((other) =>
      intersectCurves(path, other.path, placeTolerance).map(({ point }) => ({
        at: point,
        to: [...new Set([thing, other.thing])],
      })),
    ),
  ]);
  let best: SnappedPoint | null = null;
  for (const corner of corners) {
    const off = distance(corner.at, place);
    // A crossing says more than the end of one of its lines at the same place.
    const isNearer =
      !best ||
      off < distance(best.at, place) - 1e-9 ||
      (corner.to.length > best.to.length && off <= distance(best.at, place) + 1e-9);
    if (off <= reach && isNearer) best = corner;
  }
  return best;
}

/** The place on a line with the readable coordinate: along a flat line the x, up a steep one the y. */
function slideTo({ a, b }: Segment, { x, y }: Point): { at: Point; keeps: "x" | "y" } {
  const [dx, dy] = [b.x - a.x, b.y - a.y];
  return Math.abs(dx) >= Math.abs(dy)
    ? { keeps: "x", at: { x, y: a.y + ((x - a.x) / dx) * dy } }
    : { keeps: "y", at: { x: a.x + ((y - a.y) / dy) * dx, y } };
}
