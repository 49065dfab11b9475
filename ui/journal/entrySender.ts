import { formatISO } from "date-fns";
import { entryBox, type UnsentEntry } from "./entryBox";
import { sendPictures } from "./pictureBox";
import { spread } from "./wire";

/** As many, and of so many characters, as the program takes in one batch. */
const mostInBatch = 500;
const longestBatch = 1_000_000;

interface Answer {
  readonly accepted: readonly { readonly id: string }[];
  readonly refused: readonly { readonly id: string; readonly why: string }[];
}

let underWay: Promise<void> | null = null;
let isAsked = false;

/**
 * Sends what was told and is not acknowledged, of whatever job, whichever page told it: each entry counts once, however often it
 * is sent. One sending is under way at a time; asked for meanwhile, another follows.
 */
export function sendEntries(): Promise<void> {
  isAsked = true;
  underWay ??= sendWhileAsked().finally(() => (underWay = null));
  return underWay;
}

async function sendWhileAsked(): Promise<void> {
  while (isAsked) {
    isAsked = false;
    // Without a connection the entries will say so.
    await sendPictures().catch(() => undefined);
    const byJob = new Map<string, UnsentEntry[]>();
    for (const entry of await entryBox.all()) {
      if (entry.refused === undefined) byJob.set(entry.job, [...(byJob.get(entry.job) ?? []), entry]);
    }
    for (const [job, entries] of byJob)
      for (const batch of batchesOf(entries)) if (!(await sendBatch(job, batch))) break;
  }
}

/** In their order; an entry that is long by itself goes alone. */
function batchesOf(entries: readonly UnsentEntry[]): UnsentEntry[][] {
  const batches: UnsentEntry[][] = [];
  let length = Infinity;
  for (const entry of entries) {
    const last = batches.at(-1);
    length += entry.line.length;
    if (last && last.length < mostInBatch && length <= longestBatch) last.push(entry);
    else {
      batches.push([entry]);
      length = entry.line.length;
    }
  }
  return batches;
}

/** Answers whether the program took it, one way or the other; what it did not answer is tried again later. */
async function sendBatch(job: string, entries: readonly UnsentEntry[]): Promise<boolean> {
  try {
    const response = await fetch(`/api/jobs/${encodeURIComponent(job)}/journal`, {
      method: "POST",
      headers: { "content-type": "application/json" },
      body: JSON.stringify({
        now: formatISO(new Date()),
        entries: entries.map(({ line }) => JSON.parse(line) as unknown),
      }),
    });
    if (response.status === 404) {
      for (const entry of entries) await refuse(entry, "this job was deleted");
      return true;
    }
    if (!response.ok) return false;
    const { accepted, refused } = (await response.json()) as Answer;
    for (const { id } of accepted) await entryBox.drop(job, id).catch(() => undefined);
    if (accepted.length > 0) spread({ kind: "accepted", job, ids: accepted.map(({ id }) => id) });
    for (const { id, why } of refused) {
      const entry = entries.find((one) => one.id === id);
      if (entry) await refuse(entry, why);
    }
    return true;
  } catch {
    return false;
  }
}

/** Kept with the reason: nothing that was told is lost, and whoever told it decides. */
async function refuse(entry: UnsentEntry, why: string): Promise<void> {
  await entryBox.keep({ ...entry, refused: why });
  spread({ kind: "refused", job: entry.job, id: entry.id, why });
}
