import { plan } from "@/core/job/plan";
import { planFromNow } from "@/core/job/planFromNow";
import type { Job } from "@/core/job/schema";
import type { Entry } from "@/core/journal/entry";
import { fold } from "@/core/journal/fold";
import { formatMoment, parseMoment } from "@/core/journal/moment";
import { entryOf } from "@/core/journal/tests/entries";
import { dayNumberOf, minutesADay } from "@/core/measure/calendar";
import type { Plan } from "@/core/plan/planTypes";
import type { Fault } from "@/core/rehearse/fault";
import { rehearse } from "@/core/rehearse/rehearse";
import type { Telling, WallHelper } from "@/devices/painter/wallHelper";

/** A job that was painted to its end: all that was told, what its plans did wrong on the way, and how often one was looked at. */
export interface Painted {
  readonly entries: readonly Entry[];
  readonly last: Plan;
  readonly faults: readonly string[];
  readonly looks: number;
}

const monday = "2027-01-11";
/** Nobody paints a job for longer. */
const mostEntries = 4000;

/** Lets a helper paint a job, planned anew after each word; every so many of them the plan from then on is carried out to the letter. */
export function paintJob(given: Job, helper: WallHelper, lookEvery: number): Painted {
  const job = { ...given, work: { ...given.work, start: given.work.start ?? monday } };
  const first = dayNumberOf(job.work.start)!;
  const before = new Set(rehearse(job, plan(job)).faults.map(faultOf));
  const entries: Entry[] = [];
  const faults: string[] = [];
  let looks = 0;
  let now = 8 * 60;
  for (;;) {
    const whole = planFromNow(job, fold(entries), parseMoment(momentOf(first, now))!);
    if (entries.length > 0 && entries.length % lookEvery === 0) {
      looks++;
      for (const fault of rehearse(job, whole).faults)
        if (!fault.told && !before.has(faultOf(fault)))
          faults.push(
            `after ${entries.length} words, ${momentOf(first, now)}: ${faultOf(fault)}: ${fault.say}`,
          );
    }
    const told = helper.next(whole, now);
    if (!told) return { entries, last: whole, faults, looks };
    for (const one of told) entries.push(entryFor(one, entries.length, first));
    now = Math.max(now, ...told.map(({ at }) => at));
    if (entries.length > mostEntries) throw new Error("It is never done.");
  }
}

const faultOf = ({ code, wall, step }: Fault): string => `${code} in ${step} on ${wall}`;

const momentOf = (first: number, time: number): string =>
  formatMoment(first + Math.floor(time / minutesADay), time % minutesADay);

const entryFor = ({ at, by, kind, payload }: Telling, number: number, first: number): Entry =>
  entryOf(number, momentOf(first, at), kind, payload, by);
