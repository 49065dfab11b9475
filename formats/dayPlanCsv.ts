import type { Plan } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { csvOf } from "./csv";
import { whoDoes } from "./whoDoes";

const columns = [
  "day",
  "date",
  "from",
  "to",
  "person",
  "wall",
  "round",
  "coat",
  "paint",
  "what",
  "minutes",
  "take care",
] as const;

/** The day plan as CSV, one line a step; of one wall with what is done for the whole room, if a wall is given. */
export function dayPlanCsv(job: Job, plan: Plan, wall?: string): string {
  const names = new Map([...job.walls, ...job.paints].map(({ id, name }) => [id, name ?? id]));
  const dates = new Map(plan.days.map(({ day, date }) => [day, date]));
  return csvOf(
    columns,
    stepsOf(plan, wall).map((step) => [
      step.day,
      dates.get(step.day) ?? null,
      step.from,
      step.to,
      step.people ? whoDoes(step) : step.person,
      step.wall === undefined ? null : names.get(step.wall)!,
      step.round ?? null,
      step.coat ?? null,
      step.colour === undefined ? null : names.get(step.colour)!,
      step.say,
      step.minutes,
      step.cautions.join(" "),
    ]),
  );
}

/** The steps of one wall and of the room, or all. */
export const stepsOf = ({ steps }: Plan, wall?: string): Plan["steps"] =>
  steps.filter((step) => wall === undefined || step.wall === undefined || step.wall === wall);
