import type { PlanStep } from "../plan/planDayTypes";
import type { Plan } from "../plan/planTypes";
import type { Act } from "../work/act";
import type { Job } from "./schema";

/** What work without a paint of its own leaves on a wall. */
export const leftBy: Partial<Record<Act, string>> = {
  wash: "the wash water",
  fill: "the filler",
  seal: "the seal",
  lay: "the paste",
  trial: "the trial",
};

/**
 * What a step waits for at a time and longest, in words: something that dries or hardens, perhaps until the hours are over too.
 * Null where nothing does by then.
 */
export function waitedFor(
  job: Pick<Job, "walls" | "paints">,
  plan: Pick<Plan, "steps">,
  step: PlanStep,
  at: number,
): string | null {
  const [wait] = step.waitsFor
    .filter(({ what, until }) => what !== "after" && until > at)
    .sort((a, b) => b.until - a.until);
  if (!wait) return null;
  const before = plan.steps.find(({ id }) => id === wait.step);
  const wall = job.walls.find(({ id }) => id === before?.wall);
  const paint = job.paints.find(({ id }) => id === before?.colour)?.name ?? before?.colour;
  const what = paint ?? leftBy[before?.does[0]?.act ?? "look"] ?? "what was done";
  const where = wall ? ` on ${wall.name ?? wall.id}` : "";
  if (wait.what === "looks") return "every light comes by once";
  if (wait.what === "tape-over") return `${what}${where} hardens until it takes tape`;
  return wait.what === "next-day" ? `${what}${where} stands overnight` : `${what}${where} dries`;
}
