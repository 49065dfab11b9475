import type { PlanStep } from "@/core/plan/planDayTypes";

/** Whose hands a step takes: "1", or "1 and 2". */
export const whoDoes = ({ person, people }: Pick<PlanStep, "person" | "people">): string =>
  people ? `${people.slice(0, -1).join(", ")} and ${people.at(-1)}` : String(person);

/** The same as a sentence. */
export const whoDoesIt = (step: Pick<PlanStep, "person" | "people">): string =>
  `${step.people ? "Persons" : "Person"} ${whoDoes(step)}.`;
