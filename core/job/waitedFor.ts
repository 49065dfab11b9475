import type { PlanStep } from "../plan/planDayTypes";
import type { Plan } from "../plan/planTypes";
import type { Job } from "./schema";

/** What a step waits for that dries, in words; null where it waits for hands or for nothing. */
export function waitedFor(
  job: Pick<Job, "walls" | "paints">,
  plan: Pick<Plan, "steps">,
  step: PlanStep,
): string | null {
  const wait = step.waitsFor.find(({ step: id }) => id === step.heldFrom);
  if (step.heldBy !== "wait" || !wait || wait.what === "after") return null;
  const before = plan.steps.find(({ id }) => id === wait.step);
  const wall = job.walls.find(({ id }) => id === before?.wall);
  const paint = job.paints.find(({ id }) => id === before?.colour)?.name ?? before?.colour;
  const what = paint ?? "what was done";
  const where = wall ? ` on ${wall.name ?? wall.id}` : "";
  if (wait.what === "tape-over") return `${what}${where} hardens until it takes tape`;
  return wait.what === "next-day" ? `${what}${where} stands overnight` : `${what}${where} dries`;
}
