import type { Job } from "@/core/job/schema";
import { waitedFor } from "@/core/job/waitedFor";
import type { PlanDay } from "@/core/plan/planDayTypes";
import type { Plan } from "@/core/plan/planTypes";

/** A day with work, as the list of jobs tells of it. */
export interface DueDay {
  readonly date: string;
  readonly from: string;
  /** What is painted on which walls; else on which walls something is done. */
  readonly what: string;
  /** What its first work waits for. */
  readonly waits: string | null;
}

/** So many days are looked ahead at. */
const mostDays = 60;

/** The days of a job that has a first day; none where it has not. */
export const agendaOf = (job: Job, plan: Plan): DueDay[] =>
  plan.days
    .slice(0, mostDays)
    .flatMap((day) => (day.date === null ? [] : [dueDay(job, plan, day, day.date)]));

function dueDay(job: Job, plan: Plan, day: PlanDay, date: string): DueDay {
  const steps = plan.steps.filter((step) => step.day === day.day);
  const wallName = (id: string) => job.walls.find((wall) => wall.id === id)?.name ?? id;
  const paintName = (id: string) => job.paints.find((paint) => paint.id === id)?.name ?? id;
  const onWalls = new Map<string, Set<string>>();
  const all = new Set<string>();
  for (const { wall, colour, does } of steps) {
    if (wall === undefined) continue;
    all.add(wallName(wall));
    if (colour === undefined || !does.some(({ act }) => act === "coat" || act === "print" || act === "base"))
      continue;
    onWalls.set(colour, (onWalls.get(colour) ?? new Set()).add(wallName(wall)));
  }
  const painted = [...onWalls].map(([paint, walls]) => `${paintName(paint)} on ${listed([...walls])}`);
  const [first] = steps.filter(({ kind }) => kind !== "set-up").sort((a, b) => a.start - b.start);
  return {
    date,
    from: day.from,
    what: painted.length > 0 ? listed(painted, "; ") : listed([...all]),
    waits: first ? waitedFor(job, plan, first, lastBefore(plan, day)) : null,
  };
}

/** When the last thing before a day was done. */
const lastBefore = ({ steps }: Plan, { day }: PlanDay): number =>
  Math.max(0, ...steps.filter((step) => step.day < day).map(({ end }) => end));

/** The first few, and how many more. */
function listed(things: readonly string[], between = ", "): string {
  const most = 3;
  const rest = things.length - most;
  return [...things.slice(0, most), ...(rest > 0 ? [`${rest} more`] : [])].join(between);
}
