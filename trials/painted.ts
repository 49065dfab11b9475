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
  /** How many words came late, since the phone had no connection. */
  readonly late: number;
}

/** How closely it is watched. */
interface Watch {
  /** Every so many words the plan from then on is carried out to the letter. */
  readonly lookEvery: number;
  /** With it the phone is without a connection half of the time: what it tells arrives late, all at once and in any order. */
  readonly random?: () => number;
}

const monday = "2027-01-11";
/** Nobody paints a job for longer. */
const mostEntries = 4000;

/** Lets a helper paint a job, planned anew on the phone after each word, and watches both the phone's plan and the one of those whom its words reach. */
export function paintJob(given: Job, helper: WallHelper, { lookEvery, random }: Watch): Painted {
  const job = { ...given, work: { ...given.work, start: given.work.start ?? monday } };
  const first = dayNumberOf(job.work.start)!;
  const before = new Set(rehearse(job, plan(job)).faults.map(faultOf));
  const entries: Entry[] = [];
  const faults: string[] = [];
  const folder = random && patchyFolder(random);
  let looks = 0;
  let now = 8 * 60;
  const planBy = (told: readonly Entry[]) => planFromNow(job, fold(told), parseMoment(momentOf(first, now))!);
  const look = (whole: Plan, where: string) => {
    looks++;
    for (const fault of rehearse(job, whole).faults)
      if (!fault.told && !before.has(faultOf(fault)))
        faults.push(
          `after ${entries.length} words, ${momentOf(first, now)}, ${where}: ${faultOf(fault)}: ${fault.say}`,
        );
  };
  for (;;) {
    const whole = planBy(entries);
    const isBehind = folder !== undefined && folder.hear(entries);
    if (entries.length > 0 && entries.length % lookEvery === 0) {
      look(whole, "at the wall");
      if (isBehind && folder.has.length > 0) look(planBy(folder.has), "where the phone is not heard");
      if (folder && !isBehind && JSON.stringify(planBy(folder.has)) !== JSON.stringify(whole))
        faults.push(`after ${entries.length} words: where all has arrived another plan is made of it`);
    }
    const told = helper.next(whole, now);
    if (!told) return { entries, last: whole, faults, looks, late: folder?.late ?? 0 };
    for (const one of told) entries.push(entryFor(one, entries.length, first));
    now = Math.max(now, ...told.map(({ at }) => at));
    if (entries.length > mostEntries) throw new Error("It is never done.");
  }
}

/** In stretches of up to eight words each the phone has a connection, or none; on its return all arrives in one lot, in no order and some of it twice. */
function patchyFolder(random: () => number) {
  const has: Entry[] = [];
  let known = 0;
  let isOn = true;
  let turnsAt = 0;
  const folder = {
    has: has as readonly Entry[],
    /** How many words came late. */
    late: 0,
    /** Takes what there is to hear of all that was told; answers whether it is behind. */
    hear(told: readonly Entry[]): boolean {
      const wasOn = isOn;
      if (told.length >= turnsAt) {
        isOn = !isOn;
        turnsAt = told.length + 1 + Math.floor(random() * 8);
      }
      if (!isOn) return known < told.length;
      const news = told.slice(known).map((entry) => ({ entry, at: random() }));
      has.push(...news.sort((a, b) => a.at - b.at).map(({ entry }) => entry));
      if (!wasOn) {
        folder.late += news.length;
        has.push(...news.slice(0, 1).map(({ entry }) => entry));
      }
      known = told.length;
      return false;
    },
  };
  return folder;
}

const faultOf = ({ code, wall, step }: Fault): string => `${code} in ${step} on ${wall}`;

const momentOf = (first: number, time: number): string =>
  formatMoment(first + Math.floor(time / minutesADay), time % minutesADay);

const entryFor = ({ at, by, kind, payload }: Telling, number: number, first: number): Entry =>
  entryOf(number, momentOf(first, at), kind, payload, by);

const skills = ["careful", "usual", "beginner"] as const;

/** The demo, its upper rooms and so many random jobs of all finishes, each painted to its end by a simulated painter, looked at after every word. */
export function tryPainted(count: number, seed: number): Promise<Outcome> {
  const random = randomOf(seed);
  const faults: string[] = [];
  const counts = { painted: 0, words: 0, late: 0, looks: 0, troubles: 0, weighed: 0 };
  const paint = (name: string, job: Job, skill: (typeof skills)[number]) => {
    try {
      const helper = createSimulatedPainter({ seed: `${name} ${seed}`, skill });
      const watch = { lookEvery: 1, random: randomOf(seed + counts.painted) };
      const { entries, last, faults: own, looks, late } = paintJob(job, helper, watch);
      counts.painted++;
      counts.words += entries.length;
      counts.looks += looks;
      counts.late += late;
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
