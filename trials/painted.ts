import { readFileSync } from "node:fs";
import { parseJob, parseJobText } from "@/core/job/parseJob";
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
import { createSimulatedPainter } from "@/devices/painter/simulatedPainter";
import type { Telling, WallHelper } from "@/devices/painter/wallHelper";
import { sensibleDocument } from "./sensible";
import { randomOf, type Outcome } from "./support";

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

const skills = ["careful", "usual", "beginner"] as const;
/** A long job is looked at every so many words: each look plans and rehearses all of it. */
const wordsALook = 6;

/** The demo, its upper rooms and so many random jobs of all finishes, each painted to its end by a simulated painter. */
export function tryPainted(count: number, seed: number): Promise<Outcome> {
  const random = randomOf(seed);
  const faults: string[] = [];
  const counts = { painted: 0, words: 0, looks: 0, troubles: 0, weighed: 0 };
  const paint = (name: string, job: Job, skill: (typeof skills)[number]) => {
    try {
      const helper = createSimulatedPainter({ seed: `${name} ${seed}`, skill });
      const { entries, last, faults: own, looks } = paintJob(job, helper, wordsALook);
      counts.painted++;
      counts.words += entries.length;
      counts.looks += looks;
      counts.troubles += entries.filter(({ kind }) => kind === "trouble").length;
      counts.weighed += entries.filter(({ kind }) => kind === "weighed").length;
      // One job takes minutes: how far it is can be followed.
      console.error(`${name}, ${skill}: ${entries.length} words, ${own.length} faults`);
      faults.push(...own.map((fault) => `${name} by a ${skill} one: ${fault}`));
      const open = last.steps.filter(({ state }) => state !== "done");
      if (open.length > 0)
        faults.push(`${name} by a ${skill} one: ${open.length} steps are never done, first ${open[0]!.id}`);
    } catch (error) {
      faults.push(`${name} by a ${skill} one: ${error instanceof Error ? error.message : String(error)}`);
    }
  };
  for (const name of ["ferry-landing", "ferry-landing-upper-rooms"]) {
    const demo = parseJobText(readFileSync(`docs/examples/${name}.json`, "utf8"));
    if (demo.ok) paint(name, demo.job, "usual");
  }
  for (let number = 0; number < count; number++) {
    const parsed = parseJob(sensibleDocument(random));
    if (parsed.ok) paint(`${seed}/${number}`, parsed.job, skills[number % skills.length]!);
  }
  return Promise.resolve({ trial: "painted", counts, faults });
}
