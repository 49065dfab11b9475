import { emitPlan } from "./emitPlan";
import { parseJobText, type Problem } from "./parseJob";
import { plan } from "./plan";
import type { OrderWalls, Progress } from "./orderWalls";

/** A job document's text in, the plan document's text out, or what is wrong with the job. */
export function planText(
  text: string,
  order?: OrderWalls,
  progress?: Progress,
): { ok: true; text: string } | { ok: false; problems: Problem[] } {
  const parsed = parseJobText(text);
  return parsed.ok ? { ok: true, text: emitPlan(plan(parsed.job, order, progress)) } : parsed;
}
