import { emitPlan } from "@/core/job/emitPlan";
import { parseJobText } from "@/core/job/parseJob";
import type { Problem } from "@/core/job/problem";
import { planStopped } from "@/core/job/plan";
import type { Plan } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { cannotBePlanned } from "@/core/job/stopWalls";
import type { Wanted } from "@/formats/writeOutput";
import { currentPlanner } from "@/server/currentPlanner";

/**
 * A saved document's plan, as text; from a moment on where one is told. One that cannot be planned gets the plan in which every wall says why; one that does
 * not hold, since an older program let it in, its problems.
 */
export async function planTextOf(
  document: string,
  signal?: AbortSignal,
  from?: Wanted["from"],
): Promise<{ job: Job; text: string } | { problems: Problem[] }> {
  const parsed = parseJobText(document);
  if (!parsed.ok) return { problems: parsed.problems };
  const { job } = parsed;
  try {
    const request = { document, format: "json", sheet: "days", now: 0, ...(from && { from }) } as const;
    return { job, text: await currentPlanner().plan(request, signal) };
  } catch (error) {
    if (signal?.aborted) throw error;
    return { job, text: emitPlan(planStopped(job, cannotBePlanned(error))) };
  }
}

/** As `planTextOf`, read; null for a document that does not hold. */
export async function planOfDocument(
  document: string,
  signal?: AbortSignal,
  from?: Wanted["from"],
): Promise<{ job: Job; plan: Plan } | { job: null; plan: null }> {
  const answer = await planTextOf(document, signal, from);
  return "problems" in answer
    ? { job: null, plan: null }
    : { job: answer.job, plan: JSON.parse(answer.text) as Plan };
}
