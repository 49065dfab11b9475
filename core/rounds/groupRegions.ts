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

/** Walls that hang together with their painted regions sorted into as few groups as can be, not yet in an order. */
export interface GroupedWalls {
  /** The painted regions of all the walls, and the group of each. */
  readonly pieces: readonly RoundPiece[];
  readonly groups: readonly number[];
  readonly count: number;
  /** No sorting has fewer groups than this. */
  readonly lowerBound: number;
  /** For each wall the piece that each of its regions is; null for what is left in base. */
  readonly pieceOf: readonly (readonly (number | null)[])[];
}

/**
 * Sorts painted regions of walls joined at corners into the fewest groups such that no two of different paint share an
 * edge. `paintOf` gives a paint's L*, and whether tape marks it.
 */
export function groupRegions(
  walls: readonly RoundsWall[],
  corners: readonly RoundsCorner[],
  paintOf: (colour: string) => Pick<RoundPiece, "lightness" | "marks">,
): GroupedWalls {
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
    ...paintOf(colour),
    neighbours: new Set([...neighbours.get(node)!].map((other) => placeOf.get(other)!)),
  }));
  return {
    pieces,
    ...colourGraph(pieces.map((piece) => piece.neighbours)),
    pieceOf: walls.map(({ pattern }, wall) =>
      pattern.regions.map((_, index) => placeOf.get(starts[wall]! + index) ?? null),
    ),
  };
}

/**
 * The rounds of all walls of a job, those that hang together given as one: with the count of rounds kept, light goes
 * before dark, and a paint that has been opened for a round on one wall is used in the same round on the others. Those
 * with the most groups choose first, since the others fit in with them. Answers the groups of each wall of each.
 */
export function orderRounds(joined: readonly GroupedWalls[]): Groups[][] {
  const rounds = Math.max(0, ...joined.map(({ count }) => count));
  const opened = new Set<string>();
  const answers: Groups[][] = joined.map(() => []);
  const inTurn = [...joined.keys()].sort((a, b) => joined[b]!.count - joined[a]!.count || a - b);
  for (const index of inTurn) {
    const { pieces, groups, pieceOf } = joined[index]!;
    const ordered = orderGroups(pieces, groups, rounds, opened);
    answers[index] = pieceOf.map((wall) => wall.map((piece) => (piece === null ? 0 : ordered[piece]!)));
  }
  return answers;
}

/** For each region that stays visible under tape, those that are painted up to the tape. */
function laterThan(walls: readonly RoundsWall[], starts: readonly number[]): Map<number, number[]> {
  const pairs = walls.flatMap(({ pattern }, wall) =>
    listLineEdges(pattern)
      .filter(({ under, painted }) => pattern.regions[under]!.colour !== pattern.regions[painted]!.colour)
      .map(({ under, painted }) => ({ under: starts[wall]! + under, painted: starts[wall]! + painted })),
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
