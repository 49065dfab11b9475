import { minutesADay, minutesOfClock } from "../measure/calendar";
import { nowOfPlan } from "./nowOfPlan";
import type { PlanClock, PlanStep } from "./planDayTypes";
import type { Plan } from "./planTypes";

/** A day in the evening. */
export interface DayClose {
  /** What was done on it, setting up and closing left out. */
  readonly done: readonly PlanStep[];
  /** Of all hands, as it really was, without the break. */
  readonly minutes: number;
  /** What is not dry when work ends. */
  readonly drying: readonly PlanClock[];
  /** What comes first on the next day of work, and what is to be ready for it; null where there is none. */
  readonly tomorrow: { readonly first: PlanStep; readonly fetch: readonly string[] } | null;
}

const isFrame = ({ kind }: PlanStep): boolean => kind === "set-up" || kind === "close";

/** What a plan from now on tells of the day that it is; null for one of a job that has not begun. */
export function closeOfDay(plan: Plan): DayClose | null {
  const now = nowOfPlan(plan);
  if (now === null) return null;
  const today = Math.floor(now / minutesADay) + 1;
  const own = plan.steps.filter((step) => step.day === today);
  const done = own.filter(({ state }) => state === "done");
  const pause = plan.days.find(({ day }) => day === today)?.pause;
  const evening = Math.max(now, ...own.map(({ end }) => end));
  const next = plan.days.find(({ day }) => day > today);
  const first = next && plan.steps.find((step) => step.day === next.day && !isFrame(step));
  const timeOf = (moment: string) => nowOfPlan({ now: moment, days: plan.days }) ?? 0;
  return {
    done: done.filter((step) => !isFrame(step)),
    minutes: done.reduce((sum, step) => sum + workedMin(step, pause, today) * (step.people?.length ?? 1), 0),
    drying: (plan.clocks ?? []).filter(({ clock, due }) => clock === "dry" && timeOf(due) > evening),
    tomorrow: next && first ? { first, fetch: next.evening } : null,
  };
}

/** How long each one was at it: the break is not work. */
function workedMin({ start, end }: PlanStep, pause: Plan["days"][number]["pause"], day: number): number {
  const midnight = (day - 1) * minutesADay;
  const [from, to] = pause
    ? [midnight + minutesOfClock(pause.from)!, midnight + minutesOfClock(pause.to)!]
    : [0, 0];
  return end - start - Math.max(0, Math.min(end, to) - Math.max(start, from));
}
