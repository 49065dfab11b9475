import Flatbush from "flatbush";
import type { Face } from "../geometry/arrange";
import { flattenContour } from "../geometry/flatten";
import { nearestOnSegment } from "../geometry/nearestOnSegment";
import { distance, dot, midpoint, subtract, type Point } from "../geometry/point";

/** A thin place of the material: between two cuts, or between a cut and itself. */
export interface Bridge {
  readonly width: number;
  readonly at: Point;
  readonly ends: readonly [Point, Point];
}

interface Found extends Bridge {
  /** The edges, by their place, that its ends lie on. */
  readonly on: readonly [readonly number[], readonly number[]];
}

interface Side {
  readonly a: Point;
  readonly b: Point;
  /** The corner before a, and the one after b. */
  readonly before: Point;
  readonly after: Point;
  readonly cut: number;
}

/** Of one cut's thin places with itself, those this close are one. */
const apartMm = 12;

/**
 * Every place at which less than `least` mm of material stands between two cuts (the least one of each pair), or
 * between a cut and itself. A place is thin where the way across can be made no shorter by going along either edge: so the tip of
 * material between two edges that meet is none. Candidates come from a box index; n edges cost about n log n.
 */
export function findBridges(open: readonly Face[], least: number): Bridge[] {
  const sides = open.flatMap(({ outer, holes }, cut) =>
    [outer, ...holes].flatMap((contour) => sidesOf(flattenContour(contour), cut)),
  );
  if (sides.length === 0) return [];
  const index = new Flatbush(sides.length);
  for (const { a, b } of sides)
    index.add(Math.min(a.x, b.x), Math.min(a.y, b.y), Math.max(a.x, b.x), Math.max(a.y, b.y));
  index.finish();
  const found = new Map<string, Found[]>();
  sides.forEach((side, place) => {
    const near = index.search(
      Math.min(side.a.x, side.b.x) - least,
      Math.min(side.a.y, side.b.y) - least,
      Math.max(side.a.x, side.b.x) + least,
      Math.max(side.a.y, side.b.y) + least,
    );
    for (const other of near) {
      if (other <= place) continue;
      const bridge = across(side, sides[other]!, least);
      if (!bridge || isOpenAt(bridge.at, sides, index)) continue;
      const pair = [side.cut, sides[other]!.cut].sort((a, b) => a - b).join(" ");
      const before = found.get(pair);
      const touching = (end: Point) => index.search(end.x - 1e-6, end.y - 1e-6, end.x + 1e-6, end.y + 1e-6);
      const told = { ...bridge, on: [touching(bridge.ends[0]), touching(bridge.ends[1])] } as const;
      if (before) before.push(told);
      else found.set(pair, [told]);
    }
  });
  return [...found].flatMap(([pair, bridges]) =>
    leastOf(bridges, new Set(pair.split(" ")).size === 1).map(({ width, at, ends }) => ({ width, at, ends })),
  );
}

function sidesOf(points: readonly Point[], cut: number): Side[] {
  const at = (index: number) => points[(index + points.length) % points.length]!;
  return points.map((a, index) => ({
    a,
    b: at(index + 1),
    before: at(index - 1),
    after: at(index + 2),
    cut,
  }));
}

/** The shortest way between two edges, if it is under `least` and shorter than any beside it. */
function across(first: Side, second: Side, least: number): Bridge | null {
  const ways = [
    [first.a, nearestOnSegment(first.a, second.a, second.b)],
    [first.b, nearestOnSegment(first.b, second.a, second.b)],
    [nearestOnSegment(second.a, first.a, first.b), second.a],
    [nearestOnSegment(second.b, first.a, first.b), second.b],
  ] as const;
  const [p, q] = ways.reduce((best, way) => (distance(...way) < distance(...best) - 1e-9 ? way : best));
  const width = distance(p, q);
  if (width <= 1e-6 || width >= least) return null;
  return isLocal(first, p, q) && isLocal(second, q, p) ? { width, at: midpoint(p, q), ends: [p, q] } : null;
}

/** Whether going from p along its edge, and past its corner where it is one, comes no nearer to q. */
function isLocal({ a, b, before, after }: Side, p: Point, q: Point): boolean {
  const way = subtract(q, p);
  const comesNearer = (to: Point) => {
    const along = subtract(to, p);
    return dot(way, along) > 1e-9 * distance(p, q) * distance(p, to);
  };
  const isAt = (corner: Point) => distance(p, corner) < 1e-9;
  return ![isAt(a) ? before : a, isAt(b) ? after : b].some(comesNearer);
}

/** Even-odd along a level to the right, the edges that it meets from the index. */
function isOpenAt({ x, y }: Point, sides: readonly Side[], index: Flatbush): boolean {
  let inside = false;
  for (const place of index.search(x, y, Infinity, y)) {
    const { a, b } = sides[place]!;
    if (a.y > y === b.y > y) continue;
    if (x < a.x + ((y - a.y) / (b.y - a.y)) * (b.x - a.x)) inside = !inside;
  }
  return inside;
}

function leastOf(bridges: readonly Found[], isOneCut: boolean): readonly Bridge[] {
  const sorted = [...bridges].sort((a, b) => a.width - b.width);
  if (!isOneCut) return sorted.slice(0, 1);
  const kept: Found[] = [];
  for (const bridge of sorted) {
    if (kept.every((other) => distance(other.at, bridge.at) >= apartMm && !isAlong(other, bridge))) {
      kept.push(bridge);
    }
  }
  return kept;
}

/** Whether two ways across stand between the same two edges: a long thin place is one. */
function isAlong({ on: [a, b] }: Found, { on: [c, d] }: Found): boolean {
  const meet = (first: readonly number[], second: readonly number[]) =>
    first.some((edge) => second.includes(edge));
  return (meet(a, c) && meet(b, d)) || (meet(a, d) && meet(b, c));
}
