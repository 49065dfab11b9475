import { finishOf } from "../finishes/registry";
import { schools, type School } from "../rounds/listPasses";
import { contribute, keepContributed, type Contribute } from "./contribute";
import { calculate, lastDayOf, workOut, type WorkedOut } from "./calculate";
import { describeJob } from "./describeJob";
import { keepToldWalls, tellWalls, type WallTeller } from "./describeWall";
import { keepUnchangedWalls, layOutJob, type LayOutJob, type Progress } from "./layOutJob";
import type { Plan, PlanWall } from "../plan/planTypes";
import { edgesInRounds, roundsOfJob } from "./roundsOfJob";
import type { UnderWay } from "../sequence/underWay";
import type { Job } from "./schema";
import { keepWorkWalls, workWalls, type WorkWalls } from "./workWalls";

/** About how much of a plan's time goes by until its walls are laid out; the rest is its order of work. */
const layingOutShare = 0.6;

/** The stages of a plan that may be answered from before. */
export interface Stages {
  readonly layOutJob: LayOutJob;
  readonly workWalls: WorkWalls;
  readonly contribute: Contribute;
  readonly teller: WallTeller;
  /** The same job as it would be cut in by hand. */
  readonly byHand: Pick<Stages, "layOutJob" | "workWalls" | "contribute">;
  /** Of a job that has been begun: how it stands. */
  readonly underWay?: UnderWay;
}

export const afresh: Stages = {
  layOutJob,
  workWalls,
  contribute,
  teller: tellWalls,
  byHand: { layOutJob, workWalls, contribute },
};

/** Stages that work out again only what has changed since the job that they were last asked for. */
export const keepUnchanged = (): Stages => ({
  layOutJob: keepUnchangedWalls(),
  workWalls: keepWorkWalls(),
  contribute: keepContributed(),
  teller: keepToldWalls(),
  byHand: {
    layOutJob: keepUnchangedWalls(),
    workWalls: keepWorkWalls(),
    contribute: keepContributed(),
  },
});

/** A plan in two answers. */
export interface StagedPlan {
  /** What lies on the walls; what else could be done there, and how long printing takes, comes with the rest. */
  readonly walls: readonly PlanWall[];
  /** The whole plan, with the order of work and what it takes. */
  readonly rest: () => Plan;
}

/**
 * Laid out, contributed to, calculated and described: each stage takes what the one before made, and none calls back. The
 * walls come first: they are all that a hand waits for while it moves a line. Throws OverLimit for a job that comes to too
 * much, from either answer.
 */
export function planInStages(job: Job, stages: Stages = afresh, progress?: Progress): StagedPlan {
  const laidOut = stages.layOutJob(job, (share) => progress?.(share * layingOutShare));
  const rounds = roundsOfJob(laidOut, job.school);
  const taping = { rounds, ...edgesInRounds(laidOut, rounds) };
  const told = stages.teller.first(laidOut, taping);
  return {
    walls: told,
    rest() {
      const walls = stages.workWalls(laidOut);
      let done = 0;
      const workOutNext = (school: School): WorkedOut => {
        const worked = workOut(stages.contribute(laidOut, walls, school), stages.underWay);
        done++;
        progress?.(layingOutShare + (done / schools.length) * (1 - layingOutShare));
        return worked;
      };
      const own = workOutNext(job.school);
      const others = schools.filter((school) => school !== job.school).map(workOutNext);
      const needs = calculate(laidOut, own, byHand(job, own, stages.byHand));
      return describeJob({ laidOut, taping, told, schools: [own, ...others], needs }, stages.teller);
    },
  };
}

/** From so many rounds and days on it is looked at whether a brush would be done sooner. */
const worthLooking = { rounds: 3, days: 3 } as const;

/** Pieces that touch take turns under tape, and fewer by hand: the same job so, where that may be sooner; null where it is not looked at. */
function byHand(
  job: Job,
  { work, schedule }: WorkedOut,
  { layOutJob, workWalls, contribute }: Stages["byHand"],
): WorkedOut | null {
  const mayCutIn = job.finishes.length > 0 && job.finishes.every(({ kind }) => finishOf(kind).mayCutIn);
  if (!schedule || !mayCutIn || job.edges.straight !== "tape") return null;
  if (work.site.rounds.length < worthLooking.rounds || lastDayOf(schedule) < worthLooking.days) return null;
  const laidOut = layOutJob({ ...job, edges: { ...job.edges, straight: "hand" } });
  return workOut(contribute(laidOut, workWalls(laidOut), job.school));
}
