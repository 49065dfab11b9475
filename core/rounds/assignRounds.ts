import { curveLength } from "../geometry/curve";
import type { Pattern } from "../pattern/pattern";

/** Regions that share less edge than this, in mm, only touch. */
const touchMm = 1;

/** The group of each region of a pattern: 0 is left in base, 1 and up are painted in that order. */
export type Groups = readonly number[];

/**
 * Sorts painted regions into the fewest groups found such that no two of different paint share an edge.
 * Two groups are found whenever two are enough (two-colouring by walking outwards); else regions with the
 * most different neighbours choose first (saturation order), which is not proved to be least.
 */
export function assignRounds(pattern: Pattern, base: string): Groups {
  const neighbours = neighboursOf(pattern, base);
  const painted = pattern.regions.flatMap((region, index) => (region.colour === base ? [] : [index]));
  return (
    colourInTwo(painted, neighbours, pattern.regions.length) ??
    colourBySaturation(painted, neighbours, pattern.regions.length)
  );
}

function neighboursOf({ regions, edges }: Pattern, base: string): Map<number, Set<number>> {
  const shared = new Map<string, { pair: readonly [number, number]; length: number }>();
  for (const { left, right, curve } of edges) {
    if (left === null || right === null) continue;
    const [a, b] = [regions[left]!.colour, regions[right]!.colour];
    if (a === b || a === base || b === base) continue;
    const pair = [Math.min(left, right), Math.max(left, right)] as const;
    const length = (shared.get(pair.join())?.length ?? 0) + curveLength(curve);
    shared.set(pair.join(), { pair, length });
  }
  const neighbours = new Map<number, Set<number>>(regions.map((_, index) => [index, new Set()]));
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
