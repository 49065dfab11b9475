import { parseJobText } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { isOnWall } from "@/core/job/wallsOfFinish";
import type { PlanWall } from "@/core/plan/planTypes";
import { sheetsAtHand } from "@/core/stencil/library";
import { finishSchema } from "@/core/job/schema";

/** What comes of a finish by itself: how the wall looks, and what it takes on all its walls. */
export interface Trial {
  readonly wall: PlanWall;
  /** Of hands, min; null where its days cannot be planned. */
  readonly minutes: number | null;
  readonly days: number | null;
  readonly tapeM: number;
  readonly prints: number;
}

/** Whether a trial lies over the finishes that are on its walls, or on these in their base. */
export type TrialGround = "base" | "finishes";

/** A wall with a trial on it; the spec goes through its own schema, so that its defaults are filled in. Null where it cannot be. */
export function trialOnWall(
  documentText: string,
  wallId: string,
  spec: object,
  ground: TrialGround = "base",
): Trial | null {
  const [job, finish] = [parseJobText(documentText), finishSchema.safeParse(spec)];
  if (!job.ok || !finish.success) return null;
  const under = ground === "base" ? [] : job.job.finishes.filter((other) => isOnWall(job.job, other, wallId));
  const finishes = [...under.filter(({ id }) => id !== finish.data.id), finish.data];
  const isAlone = finishes.every(({ on }) => on === wallId);
  const walls = isAlone ? job.job.walls.filter(({ id }) => id === wallId) : job.job.walls;
  const runs = isAlone ? [] : job.job.runs.filter(({ id }) => finishes.some(({ on }) => on === id));
  const stencils = sheetsAtHand(job.job.stencils);
  const trial = plan({ ...job.job, stencils, walls, runs, finishes });
  const wall = trial.walls.find(({ id }) => id === wallId);
  return wall
    ? {
        wall,
        minutes: trial.work?.minutes ?? null,
        days: trial.work?.days ?? null,
        tapeM: trial.tapeTotals.reduce((sum, { buy_m }) => sum + buy_m, 0),
        prints: trial.walls.reduce(
          (sum, { prints = [] }) => sum + prints.reduce((own, { list }) => own + list.length, 0),
          0,
        ),
      }
    : null;
}
