import { assignRounds } from "../rounds/assignRounds";
import { planTape, type TapePiece } from "../tape/planTape";
import { layOutWall, type LaidOutWall } from "./layOutWall";
import type { Job } from "./schema";

/** A laid-out wall with the order of its painting. */
export interface OrderedWall extends LaidOutWall {
  /** The group of each region: 0 is left in base. */
  readonly groups: readonly number[];
  readonly tape: readonly TapePiece[];
}

/** How the walls of a job are laid out: `orderWall`, or something that answers unchanged walls from before. */
export type OrderWall = (job: Job, index: number) => OrderedWall;

/** Lays out one wall and groups and tapes its regions. */
export const orderWall: OrderWall = (job, index) => {
  const laidOut = layOutWall(job, job.walls[index]!);
  if (!laidOut.laid) return { ...laidOut, groups: [], tape: [] };
  const { pattern, surface } = laidOut.laid;
  const groups = assignRounds(pattern, laidOut.wall.base);
  return { ...laidOut, groups, tape: planTape(pattern, surface, groups) };
};

/**
 * An `orderWall` that keeps its last answer for each wall and gives it again while nothing that the wall
 * depends on has changed: the wall, its finishes, the tape division and the viewing distance.
 */
export function keepUnchangedWalls(): OrderWall {
  const kept = new Map<string, { key: string; ordered: OrderedWall }>();
  return (job, index) => {
    const wall = job.walls[index]!;
    const finishes = job.finishes.filter((finish) => finish.on === wall.id);
    const key = JSON.stringify([wall, finishes, job.tapeDivision, job.viewingDistance]);
    const before = kept.get(wall.id);
    if (before?.key === key) return before.ordered;
    const ordered = orderWall(job, index);
    kept.set(wall.id, { key, ordered });
    return ordered;
  };
}
