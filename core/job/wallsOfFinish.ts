import { finishOf } from "../finishes/registry";
import { joinOfRoom } from "../wall/joinOfRoom";
import { joinWalls, type Strip } from "../wall/strip";
import { buildSurface, type Surface } from "../wall/surface";
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

/** The strip that walls make on which a finish is laid: one that goes on around a room begins where its join hides. */
export function stripOn(
  job: OnWalls,
  finish: Pick<JobFinish, "on"> & Partial<JobFinish>,
  surfaceOf: (wall: Wall) => Surface | null,
): Strip {
  const walls = wallsOfFinish(job, finish);
  const join = isWhole(finish) ? joinOf(job, finish) : null;
  if (!join) return joinWalls(walls, surfaceOf);
  const first = walls.findIndex(({ id }) => id === join[1]);
  const [before, after] = [walls.slice(0, first), walls.slice(first)];
  return joinWalls([...after, ...before], surfaceOf, {
    from: before.reduce((sum, { width }) => sum + width, 0),
  });
}

const isWhole = (finish: Partial<JobFinish>): finish is JobFinish => finish.kind !== undefined;

function joinOf({ runs, walls }: OnWalls, finish: JobFinish): readonly [string, string] | null {
  const run = runs.find(({ id }) => id === finish.on);
  return run && finishOf(finish.kind).goesAround?.(finish) ? joinOfRoom(run, walls) : null;
}

/** The strip that a finish is laid on, for the screens that edit it. */
export const stripOfFinish = (job: OnWalls, finish: Pick<JobFinish, "on"> & Partial<JobFinish>): Strip =>
  stripOn(job, finish, (wall) => buildSurface(wall).surface);
