import { curveLength } from "../geometry/curve";
import { groupBy } from "../geometry/groupBy";
import { listLineEdges } from "../pattern/lineEdges";
import type { CornerTouch } from "../pattern/matchCorner";
import type { Pattern } from "../pattern/pattern";
import { colourGraph } from "./colourGraph";
import { orderGroups, type RoundPiece } from "./orderGroups";

/** Regions that share less edge than this, in mm, only touch. */
const touchMm = 1;

/** The group of each region of a wall: 0 is left in base, 1 and up are painted in that order. */
export type Groups = readonly number[];

/** A wall whose regions are to be painted, over its base. */
export interface RoundsWall {
  readonly pattern: Pattern;
  readonly base: string;
}

/** Two walls of a run, by index, and what touches at their corner. */
export interface RoundsCorner {
  readonly first: number;
  readonly second: number;
  readonly touches: readonly CornerTouch[];
}

/** The groups of each wall's regions, and the count that no order can do with less than. */
export interface AssignedRounds {
  readonly groups: readonly Groups[];
  readonly count: number;
  readonly lowerBound: number;
}

/**
 * Sorts painted regions of walls joined at corners into the fewest groups such that no two of different paint share an
 * edge, and names the groups so that light goes before dark and paints are opened in few of them. `lightnessOf` gives a
 * paint's L*.
 */
export function assignRounds(
  walls: readonly RoundsWall[],
  corners: readonly RoundsCorner[],
  lightnessOf: (colour: string) => number,
): AssignedRounds {
  const starts: number[] = [];
  let size = 0;
  for (const { pattern } of walls) {
    starts.push(size);
    size += pattern.regions.length;
  }
  const neighbours = neighboursOf(walls, corners, starts);
  const painted = walls.flatMap(({ pattern, base }, wall) =>
    pattern.regions.flatMap(({ colour }, index) =>
      colour === base ? [] : [{ node: starts[wall]! + index, colour }],
    ),
  );
  const placeOf = new Map(painted.map(({ node }, place) => [node, place]));
  const later = laterThan(walls, starts);
  const pieces = painted.map(({ node, colour }): RoundPiece => ({
    colour,
    before: new Set([...(later.get(node) ?? [])].flatMap((other) => placeOf.get(other) ?? [])),
    lightness: lightnessOf(colour),
    neighbours: new Set([...neighbours.get(node)!].map((other) => placeOf.get(other)!)),
  }));
  const coloured = colourGraph(pieces.map((piece) => piece.neighbours));
  const ordered = orderGroups(pieces, coloured.groups, coloured.count);
  const groups = new Array<number>(size).fill(0);
  painted.forEach(({ node }, place) => (groups[node] = ordered[place]!));
  return {
    groups: walls.map(({ pattern }, wall) =>
      groups.slice(starts[wall]!, starts[wall]! + pattern.regions.length),
    ),
    count: coloured.count,
    lowerBound: coloured.lowerBound,
  };
}

/** For each region that stays visible under tape, those that are painted up to the tape. */
function laterThan(walls: readonly RoundsWall[], starts: readonly number[]): Map<number, number[]> {
  const pairs = walls.flatMap(({ pattern }, wall) =>
    listLineEdges(pattern).map(({ under, painted }) => ({
      under: starts[wall]! + under,
      painted: starts[wall]! + painted,
    })),
  );
  return new Map(
    [...groupBy(pairs, ({ under }) => under)].map(([under, own]) => [
      under,
      own.map(({ painted }) => painted),
    ]),
  );
}

function neighboursOf(
  walls: readonly RoundsWall[],
  corners: readonly RoundsCorner[],
  starts: readonly number[],
): Map<number, Set<number>> {
  const shared = new Map<string, { pair: readonly [number, number]; length: number }>();
  const share = (a: number, b: number, length: number) => {
    const pair = [Math.min(a, b), Math.max(a, b)] as const;
    const key = pair.join();
    shared.set(key, { pair, length: (shared.get(key)?.length ?? 0) + length });
  };
  const isPainted = (wall: number, region: number) =>
    walls[wall]!.pattern.regions[region]!.colour !== walls[wall]!.base;
  const colourOf = (wall: number, region: number) => walls[wall]!.pattern.regions[region]!.colour;
  walls.forEach(({ pattern }, wall) => {
    for (const { left, right, curve } of pattern.edges) {
      if (left === null || right === null || colourOf(wall, left) === colourOf(wall, right)) continue;
      if (!isPainted(wall, left) || !isPainted(wall, right)) continue;
      share(starts[wall]! + left, starts[wall]! + right, curveLength(curve));
    }
  });
  for (const { first, second, touches } of corners) {
    for (const touch of touches) {
      if (colourOf(first, touch.first) === colourOf(second, touch.second)) continue;
      if (!isPainted(first, touch.first) || !isPainted(second, touch.second)) continue;
      share(starts[first]! + touch.first, starts[second]! + touch.second, curveLength(touch.onFirst));
    }
  }
  const neighbours = new Map<number, Set<number>>();
  walls.forEach(({ pattern }, wall) =>
    pattern.regions.forEach((_, index) => neighbours.set(starts[wall]! + index, new Set())),
  );
  for (const { pair, length } of shared.values()) {
    if (length <= touchMm) continue;
    neighbours.get(pair[0])!.add(pair[1]);
    neighbours.get(pair[1])!.add(pair[0]);
  }
  return neighbours;
}
