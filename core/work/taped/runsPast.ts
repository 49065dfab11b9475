import type { Round } from "../../rounds/listPasses";
import type { EdgePiece } from "../../tape/tapePiece";
import { rollsWholeFrom, runsPastMm } from "../../trade/constants";
import type { WorkRegion, WorkWall } from "../workInput";

/** How far a colour is carried past its lines, under what comes later there. */
export interface RunsPast {
  /** The regions that are painted past a boundary, each with how long such boundaries are, mm. */
  readonly alongMm: ReadonlyMap<string, number>;
  /** m2 of the rest of the wall, where that is rolled with it; 0 where only a strip along the lines is. */
  readonly restM2: number;
  /** How far it runs, mm. */
  readonly pastMm: number;
}

/** The place of a group's first round; -1 where it has none. */
export const placeOf = (group: number, rounds: readonly Round[]): number =>
  rounds.findIndex((round) => round.group === group);

/** Where an edge is, whichever round it is taped in. */
const boundaryOf = ({ line, under, path, length }: EdgePiece): string => {
  const { x, y } = path[0]!.a;
  return [line, under, Math.round(x), Math.round(y), Math.round(length)].join(" ");
};

/**
 * How far what is painted on a wall in a round is carried past boundaries beyond which something comes only later; a line
 * that is taped again is one. `edges` are all on the wall, taped and done by hand.
 */
export function runsPast(
  on: WorkWall,
  edges: readonly EdgePiece[],
  rounds: readonly Round[],
  place: number,
): RunsPast {
  const { group } = rounds[place]!;
  const alongMm = new Map<string, number>();
  if (!on.regions.some((region) => region.group === group)) return { alongMm, restM2: 0, pastMm: runsPastMm };
  const seen = new Set<string>();
  for (const piece of edges) {
    const { under, centred, byHand, upTo } = piece;
    if (under === null || centred || byHand === "float" || on.regions[under]!.group !== group) continue;
    if (!upTo.every((side) => placeOf(side.group, rounds) > place)) continue;
    const { id } = on.regions[under]!;
    const key = boundaryOf(piece);
    alongMm.set(id, (alongMm.get(id) ?? 0) + (seen.has(key) ? 0 : piece.length));
    seen.add(key);
  }
  const restM2 = restRolled(on, alongMm, rounds, place);
  return { alongMm, restM2, pastMm: restM2 > 0 ? Math.ceil(reachOf(on)) : runsPastMm };
}

/**
 * The rest of a wall, m2, where strips along the lines come to over a quarter of it: then all of the wall is rolled. That
 * is the first colour there, alone in its round, and everything else on the wall is rolled over it later; else 0.
 */
function restRolled(
  { regions, surfaceM2 }: WorkWall,
  alongMm: ReadonlyMap<string, number>,
  rounds: readonly Round[],
  place: number,
): number {
  const stripM2 = ([...alongMm.values()].reduce((sum, mm) => sum + mm, 0) * runsPastMm) / 1e6;
  if (stripM2 === 0) return 0;
  const { group } = rounds[place]!;
  const isOwn = (region: WorkRegion) => region.group === group;
  const own = regions.filter(isOwn);
  const rest = regions.filter((region) => !isOwn(region));
  const areaOf = (of: readonly WorkRegion[]) => of.reduce((sum, { areaM2 }) => sum + areaM2, 0);
  const restM2 = areaOf(rest);
  const isAlone =
    new Set(own.map(({ colour }) => colour)).size === 1 &&
    rest.every((region) => placeOf(region.group, rounds) > place && !region.isHidden);
  const isCovered = areaOf(own) + restM2 > surfaceM2 * 0.999;
  return isAlone && isCovered && stripM2 > rollsWholeFrom * restM2 ? restM2 : 0;
}

/** No boundary is further than that from anything on a wall, mm: all around it, halved. */
const reachOf = ({ base }: WorkWall): number => base.edgeMm / 2;
