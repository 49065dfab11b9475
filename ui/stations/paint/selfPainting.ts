import type { Plan } from "@/core/plan/planTypes";
import { minutesADay } from "@/core/measure/calendar";
import type { WallHelper } from "@/devices/painter/wallHelper";
import type { Telling } from "@/ui/journal/journalState";

const minuteMs = 60_000;

/** Midnight before the first day of a plan, by the clock on the spot, ms; of a job without dates before the day that a moment is of. */
export function midnightOf({ days }: Pick<Plan, "days">, nowMs: number): number {
  const [first] = days;
  if (!first?.date) return new Date(nowMs).setHours(0, 0, 0, 0);
  const [year, month, day] = first.date.split("-").map(Number) as [number, number, number];
  return new Date(year, month - 1, day - (first.day - 1)).getTime();
}

/** What a helper tells next by a plan, and when that is; null when there is nothing left to do. */
export function nextWords(
  helper: WallHelper,
  plan: Plan,
  nowMs: number,
): { readonly at: number; readonly tellings: Telling[] } | null {
  const midnight = midnightOf(plan, nowMs);
  const told = helper.next(plan, Math.round((nowMs - midnight) / minuteMs));
  if (!told || told.length === 0) return null;
  const msOf = (minutes: number) => {
    // A day's clock, whatever the hour that a summer begins with.
    const date = new Date(midnight);
    date.setDate(date.getDate() + Math.floor(minutes / minutesADay));
    return date.setMinutes(minutes % minutesADay);
  };
  return {
    at: Math.max(...told.map(({ at }) => msOf(at))),
    tellings: told.map(({ at, by, kind, payload }) => ({ kind, payload, by, at: new Date(msOf(at)) })),
  };
}

/** When a job is begun that has not been, or gone on with, ms: the first morning, or now where that is over. */
export function startOfPractice(plan: Plan, nowMs: number): number {
  const [first] = plan.steps;
  if (plan.now !== undefined || !first) return nowMs;
  return midnightOf(plan, nowMs) + first.start * minuteMs;
}
