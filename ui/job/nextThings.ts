import type { PlanStep } from "@/core/plan/planDayTypes";
import type { Plan } from "@/core/plan/planTypes";

/** What a person does next, and why that; null where nothing has been told yet. */
export interface NextThing {
  readonly person: number;
  readonly step: PlanStep;
  readonly why: string | null;
}

/** What each one does next; of a job that has not begun each one's first step. */
export function nextThings({ next, steps }: Plan, crew: number): NextThing[] {
  if (next)
    return next.flatMap(({ person, step, why }) => {
      const own = steps.find(({ id }) => id === step);
      return own ? [{ person, step: own, why }] : [];
    });
  return Array.from({ length: crew }, (_, hand) => hand + 1).flatMap((person) => {
    const step = steps.find((one) => one.person === person || one.people?.includes(person));
    return step ? [{ person, step, why: null }] : [];
  });
}
