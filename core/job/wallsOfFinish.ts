import { joinWalls, type Strip } from "../wall/strip";
import { buildSurface } from "../wall/surface";
import type { Wall } from "../wall/schema";
import type { Job, JobFinish } from "./schema";

interface OnWalls {
  readonly walls: readonly Wall[];
  readonly runs: Job["runs"];
}

/** The walls that a finish is laid on, in the order of the run. */
export function wallsOfFinish(job: OnWalls, { on }: Pick<JobFinish, "on">): Wall[] {
  const ids = job.runs.find((run) => run.id === on)?.walls ?? [on];
  return ids.map((id) => job.walls.find((wall) => wall.id === id)!);
}

/** Whether a finish lies on a wall, by itself or as part of a run. */
export const isOnWall = (job: OnWalls, finish: Pick<JobFinish, "on">, wallId: string): boolean =>
  wallsOfFinish(job, finish).some(({ id }) => id === wallId);

/** The strip that a finish is laid on, for the screens that edit it. */
export const stripOfFinish = (job: OnWalls, finish: Pick<JobFinish, "on">): Strip =>
  joinWalls(wallsOfFinish(job, finish), (wall) => buildSurface(wall).surface);
