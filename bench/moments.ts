import { formatMoment } from "@/core/journal/moment";
import { writtenEntry } from "@/core/journal/tests/entries";
import { dayNumberOf } from "@/core/measure/calendar";
import type { Plan } from "@/core/plan/planTypes";
import { workToTell } from "@/core/plan/workOfStep";
import { PlanSender } from "@/workers/planSender";

const moments = 40;

/** A job told of step by step as it goes to plan: what each entry takes until all that it changes is worked out, ms. */
export function momentsOf(document: string, start: string): number[] {
  const sender = new PlanSender();
  sender.walls(document);
  const { steps } = JSON.parse(sender.rest().rest) as Pick<Plan, "steps">;
  return steps.slice(0, moments).map((step, place) => {
    const at = formatMoment(dayNumberOf(start)! + step.day - 1, step.end % 1440);
    sender.hear(`${JSON.stringify(writtenEntry(place, at, "finished", { work: workToTell(step) }))}\n`);
    const before = performance.now();
    sender.walls(document, undefined, at);
    sender.rest();
    return performance.now() - before;
  });
}
