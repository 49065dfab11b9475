import { emitPlan } from "@/core/job/emitPlan";
import { plan } from "@/core/job/plan";
import type { Job } from "@/core/job/schema";
import { dayNumberOf, isoDateOf, mondayAfter } from "@/core/measure/calendar";
import { dayPlanCsv } from "./dayPlanCsv";
import { dayPlanIcs } from "./dayPlanIcs";
import { shoppingCsv } from "./shoppingCsv";

export const outputFormats = ["json", "csv", "ics"] as const;
export type OutputFormat = (typeof outputFormats)[number];
/** What a table is of. */
export const sheets = ["days", "shopping"] as const;
export type Sheet = (typeof sheets)[number];

export interface Wanted {
  readonly format: OutputFormat;
  readonly sheet: Sheet;
  readonly wall?: string;
  /** ms since 1970. */
  readonly now: number;
}

/** A job's plan in one of its written forms. A calendar of a job without a date begins on the next Monday. */
export function writeOutput(job: Job, { format, sheet, wall, now }: Wanted): string {
  const whole = plan(job);
  switch (format) {
    case "json":
      return emitPlan(
        wall === undefined ? whole : { ...whole, walls: whole.walls.filter(({ id }) => id === wall) },
      );
    case "csv":
      return sheet === "days" ? dayPlanCsv(job, whole, wall) : shoppingCsv(job, whole);
    case "ics": {
      const today = dayNumberOf(new Date(now).toISOString().slice(0, 10))!;
      return dayPlanIcs(job, whole, { firstDate: isoDateOf(mondayAfter(today)), stamp: now, wall });
    }
    default:
      return format satisfies never;
  }
}
