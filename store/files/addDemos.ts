import { readFileSync } from "node:fs";
import { join } from "node:path";
import { readEntry } from "@/core/journal/entry";
import type { JobRepository } from "../repositories/jobRepository";
import type { JournalRepository, ToldEntry } from "../repositories/journalRepository";
import { demoDay, type DemoDay } from "./demoDay";

/** What a new folder begins with, the one that is shown first last: each a job, and what has happened on it. */
const demos = ["ferry-landing-upper-rooms", "ferry-landing"] as const;
export type Demo = (typeof demos)[number];

const docs = (folder: string, name: string): string =>
  readFileSync(join(process.cwd(), "docs", folder, name), "utf8");

interface Into {
  readonly jobs: JobRepository;
  readonly journal: JournalRepository;
}

/** Adds the jobs of the demo with their journals. */
export async function addDemos(into: Into, now: Date): Promise<void> {
  for (const name of demos) await addDemo(into, name, now);
}

/** Adds one as it stands at a moment: its dates are moved to that. Answers its id. */
export async function addDemo(
  { jobs, journal }: Into,
  name: Demo,
  now: Date,
  askedBy?: string,
): Promise<string> {
  const day = demoDay(now);
  const id = await jobs.create(documentOn(docs("examples", `${name}.json`), day), undefined, askedBy);
  const lines = docs("journals", `${name}.jsonl`).trim().split("\n");
  await journal.append(
    id,
    lines.map((line) => toldOf(line, id, day)),
  );
  return id;
}

/** As it is written, but for its first day. */
const documentOn = (text: string, day: DemoDay): string =>
  text.replace(
    /("start": ")(\d{4}-\d\d-\d\d)"/,
    (_, before: string, iso: string) => `${before}${day.day(iso)}"`,
  );

function toldOf(line: string, job: string, day: DemoDay): ToldEntry {
  const written = JSON.parse(line) as { at: string };
  const read = readEntry({ ...written, job, at: day.moment(written.at) });
  if (!read.ok) throw new Error(`docs/journals: ${read.problems[0]!.path}: ${read.problems[0]!.message}`);
  const { id, document } = read.entry;
  const text = JSON.stringify({ ...written, job, at: day.moment(written.at) });
  return { id, told: text, entry: text, document };
}
