import { emitPlan } from "@/core/job/emitPlan";
import { layOutOrStop, planOrStop } from "@/core/job/plan";
import { planFromNow } from "@/core/job/planFromNow";
import { fold } from "@/core/journal/fold";
import { readKeptJournal } from "@/core/journal/sum";
import { parseMoment } from "@/core/journal/moment";
import type { Plan } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { dayNumberOf, isoDateOf, mondayAfter } from "@/core/measure/calendar";
import { dayPlanCsv } from "./dayPlanCsv";
import { dayPlanIcs } from "./dayPlanIcs";
import { journalCsv } from "./journalCsv";
import { shoppingCsv } from "./shoppingCsv";
import { drawSvg } from "./svg";
import { tablesCsv } from "./tablesCsv";

export const outputFormats = ["json", "csv", "ics", "svg"] as const;
export type OutputFormat = (typeof outputFormats)[number];
/** What a table is of. */
export const csvTables = ["days", "shopping", "tables", "journal"] as const;
export type CsvTable = (typeof csvTables)[number];

export interface Wanted {
  readonly format: OutputFormat;
  readonly sheet: CsvTable;
  readonly wall?: string;
  /** ms since 1970. */
  readonly now: number;
  /** Of a job that is under way: its journal, one entry a line, and the moment to plan from. */
  readonly from?: { readonly journal: string; readonly moment: string };
}

/**
 * A job's plan in one of its written forms. A calendar of a job without a date begins on the next Monday. A job that the
 * program fails to plan comes out with a stop that says so on every wall.
 */
export function writeOutput(job: Job, wanted: Wanted): string {
  const { format } = wanted;
  if (format === "svg") return drawSvg(layOutOrStop(job), wanted.wall);
  return writePlan(job, planOf(job, wanted.from), { ...wanted, format });
}

/** A job's plan, from a moment on where it is under way. Throws for what is no moment; entries that do not hold are passed over. */
export function planOf(job: Job, from: Wanted["from"]): Plan {
  if (!from) return planOrStop(job);
  const { journal, moment } = from;
  const now = parseMoment(moment);
  if (!now) throw new RangeError(`${moment} is no moment`);
  const { sum, entries } = readKeptJournal(journal);
  return planFromNow(job, fold(entries, sum), now);
}

const writeTable: Record<CsvTable, (job: Job, whole: Plan, wanted: Wanted) => string> = {
  days: (job, whole, { wall }) => dayPlanCsv(job, whole, wall),
  shopping: shoppingCsv,
  tables: (job, whole, { wall }) => tablesCsv(job, whole, wall),
  journal: (job, whole, { from }) => journalCsv(job, whole, from?.journal ?? ""),
};

function writePlan(
  job: Job,
  whole: Plan,
  wanted: Wanted & { readonly format: Exclude<OutputFormat, "svg"> },
): string {
  const { format, sheet, wall, now } = wanted;
  switch (format) {
    case "json":
      return emitPlan(
        wall === undefined ? whole : { ...whole, walls: whole.walls.filter(({ id }) => id === wall) },
      );
    case "csv":
      return writeTable[sheet](job, whole, wanted);
    case "ics": {
      const today = dayNumberOf(new Date(now).toISOString().slice(0, 10))!;
      return dayPlanIcs(job, whole, { firstDate: isoDateOf(mondayAfter(today)), stamp: now, wall });
    }
    default:
      return format satisfies never;
  }
}
