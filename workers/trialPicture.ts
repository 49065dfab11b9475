import { parseJobText } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import type { PlanWall } from "@/core/plan/planTypes";
import { sheetsAtHand } from "@/core/stencil/library";
import { finishSchema } from "@/core/job/schema";

/** A wall with nothing but a trial on it; the spec goes through its own schema, so that its defaults are filled in. */
export function trialPicture(documentText: string, wallId: string, spec: object): PlanWall | null {
  const [job, finish] = [parseJobText(documentText), finishSchema.safeParse(spec)];
  if (!job.ok || !finish.success) return null;
  const { on } = finish.data;
  const isAlone = on === wallId;
  const walls = isAlone ? job.job.walls.filter(({ id }) => id === wallId) : job.job.walls;
  const runs = isAlone ? [] : job.job.runs.filter(({ id }) => id === on);
  const stencils = sheetsAtHand(job.job.stencils);
  const trial = plan({ ...job.job, stencils, walls, runs, finishes: [finish.data] });
  return trial.walls.find(({ id }) => id === wallId) ?? null;
}
