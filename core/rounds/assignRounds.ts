import { curveLength } from "../geometry/curve";
import type { CornerTouch } from "../pattern/matchCorner";
import type { Pattern } from "../pattern/pattern";

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

/**
 * Sorts painted regions of walls joined at corners into the fewest groups found such that no two of different paint
 * share an edge. Two groups are found whenever two are enough (two-colouring by walking outwards); else regions with
 * the most different neighbours choose first (saturation order), which is not proved to be least.
 */
export function assignRounds(walls: readonly RoundsWall[], corners: readonly RoundsCorner[] = []): Groups[] {
  const starts: number[] = [];
  let size = 0;
  for (const { pattern } of walls) {
    starts.push(size);
    size += pattern.regions.length;
  }
  const neighbours = neighboursOf(walls, corners, starts);
  const painted = walls.flatMap(({ pattern, base }, wall) =>
    pattern.regions.flatMap((region, index) => (region.colour === base ? [] : [starts[wall]! + index])),
  );
  const groups = colourInTwo(painted, neighbours, size) ?? colourBySaturation(painted, neighbours, size);
  return walls.map(({ pattern }, wall) =>
    groups.slice(starts[wall]!, starts[wall]! + pattern.regions.length),
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

function colourInTwo(
  painted: readonly number[],
  neighbours: Map<number, Set<number>>,
  size: number,
): number[] | null {
  const groups = new Array<number>(size).fill(0);
  for (const start of painted) {
    if (groups[start] !== 0) continue;
    groups[start] = 1;
    const queue = [start];
    for (let at = queue.pop(); at !== undefined; at = queue.pop()) {
      for (const other of neighbours.get(at)!) {
        if (groups[other] === groups[at]) return null;
        if (groups[other] !== 0) continue;
        groups[other] = 3 - groups[at]!;
        queue.push(other);
      }
    }
  }
  return groups;
}

function colourBySaturation(
  painted: readonly number[],
  neighbours: Map<number, Set<number>>,
  size: number,
): number[] {
  const groups = new Array<number>(size).fill(0);
  const left = new Set(painted);
  while (left.size > 0) {
    let best = { region: -1, saturation: -1, degree: -1 };
    for (const region of left) {
      const around = [...neighbours.get(region)!];
      const saturation = new Set(around.map((other) => groups[other]).filter((group) => group !== 0)).size;
      if (saturation > best.saturation || (saturation === best.saturation && around.length > best.degree)) {
        best = { region, saturation, degree: around.length };
      }
    }
    const taken = new Set([...neighbours.get(best.region)!].map((other) => groups[other]));
    let group = 1;
    while (taken.has(group)) group++;
    groups[best.region] = group;
    left.delete(best.region);
  }
  return groups;
}
