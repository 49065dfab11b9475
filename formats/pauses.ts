import { clockOf, minutesADay, minutesOfClock } from "@/core/measure/calendar";
import type { Job } from "@/core/job/schema";
import { waitedFor } from "@/core/job/waitedFor";
import type { PlanDay, PlanStep } from "@/core/plan/planDayTypes";
import type { Plan } from "@/core/plan/planTypes";

/** A shorter one is spent between one step and the next, min. */
const leastPauseMin = 15;
/** A day that ends so much before its hours do is a short one, min. */
const shortByMin = 60;

/** A time in a day when nobody has anything to do, and what is waited for; minutes from the first midnight. */
export interface Pause {
  readonly from: number;
  readonly until: number;
  readonly say: string;
}

/** Of a day in which something dries while all hands rest; the break at noon is none. */
export function pausesOf(job: Job, plan: Plan, day: PlanDay): Pause[] {
  const steps = stepsOf(plan, day).sort((a, b) => a.start - b.start);
  const pauses: Pause[] = [];
  let done = steps[0]?.start ?? 0;
  for (const step of steps) {
    if (step.start - done - breakWithin(day, done, step.start) >= leastPauseMin) {
      const why = waitedFor(job, plan, step, done);
      const clock = clockOf(step.start % minutesADay);
      pauses.push({
        from: done,
        until: step.start,
        say: `Nothing to do until ${clock}${why ? `: ${why}` : ""}.`,
      });
    }
    done = Math.max(done, step.end);
  }
  return pauses;
}

/** Why a day ends early, where that is for something that dries over the night; null where it does not, or is the last. */
export function whyShort(job: Job, plan: Plan, day: PlanDay): string | null {
  const last = Math.max(...stepsOf(plan, day).map(({ end }) => end));
  const ends = last % minutesADay;
  const { to } = job.work;
  const next = plan.days[plan.days.findIndex((other) => other.day === day.day) + 1];
  if (!next || to - ends < shortByMin) return null;
  const first = stepsOf(plan, next)
    .filter(({ kind }) => kind !== "set-up")
    .sort((a, b) => a.start - b.start)[0];
  const why = first && waitedFor(job, plan, first, last);
  return why ? `Ends at ${clockOf(ends)}: ${why}.` : null;
}

const stepsOf = ({ steps }: Plan, { day }: PlanDay): PlanStep[] => steps.filter((step) => step.day === day);

/** How much of a time is the break at noon, min. */
function breakWithin({ pause, day }: PlanDay, from: number, to: number): number {
  if (!pause) return 0;
  const at = (clock: string) => (day - 1) * minutesADay + minutesOfClock(clock)!;
  return Math.max(0, Math.min(to, at(pause.to)) - Math.max(from, at(pause.from)));
}
