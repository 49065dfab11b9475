import type { Finding } from "../findings/finding";
import { OverLimit } from "../trade/allowance";
import { layOutJob, type Progress } from "./layOutJob";
import type { LaidOutJob } from "./orderedWall";
import { afresh, planInStages, type StagedPlan, type Stages } from "./planInStages";
import type { Plan } from "../plan/planTypes";
import type { Job } from "./schema";
import { cannotBePlanned, stopWalls, tooMuch } from "./stopWalls";

/**
 * A job goes in, a plan comes out: pure, and the same for the same job on every engine. Everything that a
 * screen shows, the command line prints or a test checks comes from here. A job that comes to more than a plan may hold
 * is not worked out: each of its walls carries a stop that says of what there is too much.
 */
export const plan = (job: Job, stages: Stages = afresh, progress?: Progress): Plan =>
  planWallsFirst(job, stages, progress).rest();

/** As `plan`, in two answers: the walls, and then all of it. */
export function planWallsFirst(job: Job, stages: Stages = afresh, progress?: Progress): StagedPlan {
  try {
    const { walls, rest } = planInStages(job, stages, progress);
    return { walls, rest: () => orStopped(job, rest) };
  } catch (error) {
    const stop = stopFor(job, error);
    return { walls: stop.walls, rest: () => stop };
  }
}

function orStopped(job: Job, make: () => Plan): Plan {
  try {
    return make();
  } catch (error) {
    return stopFor(job, error);
  }
}

function stopFor(job: Job, error: unknown): Plan {
  if (!(error instanceof OverLimit)) throw error;
  return planStopped(job, tooMuch(error));
}

/** As `plan`, but a job that the program fails to plan comes out with a stop that says so on every wall. */
export function planOrStop(job: Job, stages: Stages = afresh): Plan {
  try {
    return plan(job, stages);
  } catch (error) {
    return planStopped(job, cannotBePlanned(error));
  }
}

/** The plan of a job that is not worked out: every wall carries the stop that says why. */
export const planStopped = (job: Job, stop: Finding): Plan =>
  planInStages(job, { ...afresh, layOutJob: () => stopped(job, stop) }).rest();

/** A job laid out; where it comes to too much, or the program fails at it, its walls as they stand with the stop that says so. */
export function layOutOrStop(job: Job): LaidOutJob {
  try {
    return layOutJob(job);
  } catch (error) {
    return stopped(job, error instanceof OverLimit ? tooMuch(error) : cannotBePlanned(error));
  }
}

const stopped = (job: Job, stop: Finding): LaidOutJob => ({ job, walls: stopWalls(job, stop) });
