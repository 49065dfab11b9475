import { format, parseISO } from "date-fns";
import type { PlanStep, StepState } from "@/core/plan/planDayTypes";

/** A moment of a plan as the clock alone, with its day where that is not today's. */
export function clockWords(moment: string, now: string | undefined): string {
  const [day, time] = [moment.slice(0, 10), moment.slice(11, 16)];
  return now?.startsWith(day) ? time : `${format(parseISO(day), "EEE d MMM")}, ${time}`;
}

export const stateTitles: Record<StepState, string> = {
  done: "Done",
  running: "Under way",
  ready: "Can be begun",
  waiting: "Not yet",
};

/** How a step stands, with since or until when. */
export function stateWords({ state, since, until }: PlanStep, now: string | undefined): string {
  switch (state) {
    case undefined:
      return "Not begun";
    case "done":
      return `Done ${clockWords(since!, now)}`;
    case "running":
      return `Under way since ${clockWords(since!, now)}`;
    case "ready":
      return "Can be begun";
    case "waiting":
      return `Comes ${clockWords(until!, now)}`;
    default:
      return state satisfies never;
  }
}
