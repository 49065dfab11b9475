import { plan } from "@/core/job/plan";
import type { PlanWall } from "@/core/job/planTypes";
import { finishSchema, type Job } from "@/core/job/schema";
import type { Wall } from "@/core/wall/schema";

/** A wall with nothing but a trial on it; the spec goes through its own schema, so that its defaults are filled in. */
export function trialPicture(job: Job, wall: Wall, spec: object): PlanWall | null {
  const parsed = finishSchema.safeParse(spec);
  if (!parsed.success) return null;
  const { on } = parsed.data;
  const walls = on === wall.id ? [wall] : job.walls;
  const runs = on === wall.id ? [] : job.runs.filter(({ id }) => id === on);
  const trial = plan({ ...job, walls, runs, finishes: [parsed.data] });
  return trial.walls.find(({ id }) => id === wall.id) ?? null;
}
