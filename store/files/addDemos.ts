import { readFileSync } from "node:fs";
import { join } from "node:path";
import { readEntry } from "@/core/journal/entry";
import type { JobRepository } from "../repositories/jobRepository";
import type { JournalRepository, ToldEntry } from "../repositories/journalRepository";

/** What a new folder begins with, the one that is shown first last: each a job, and what has happened on it. */
const demos = ["ferry-landing-upper-rooms", "ferry-landing"] as const;

const docs = (folder: string, name: string): string =>
  readFileSync(join(process.cwd(), "docs", folder, name), "utf8");

/** Adds the jobs of the demo with their journals. */
export async function addDemos({
  jobs,
  journal,
}: {
  readonly jobs: JobRepository;
  readonly journal: JournalRepository;
}): Promise<void> {
  for (const name of demos) {
    const id = await jobs.create(docs("examples", `${name}.json`));
    await journal.append(id, docs("journals", `${name}.jsonl`).trim().split("\n").map(toldOf));
  }
}

function toldOf(line: string): ToldEntry {
  const read = readEntry(JSON.parse(line));
  if (!read.ok) throw new Error(`docs/journals: ${read.problems[0]!.path}: ${read.problems[0]!.message}`);
  const { id, document } = read.entry;
  return { id, told: line, entry: line, document };
}
