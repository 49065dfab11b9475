import { behindMs, laterBy } from "@/core/journal/clock";
import { readEntry } from "@/core/journal/entry";
import { parseMoment } from "@/core/journal/moment";
import type { Appended, JournalRepository, ToldEntry } from "@/store/repositories/journalRepository";

/** Entries of one batch, and the clock of the device that sends them. */
interface Batch {
  readonly now?: unknown;
  readonly entries?: unknown;
}

/** More at a time are sent in several batches. */
export const mostInBatch = 500;

/**
 * Keeps a batch of entries of a job. A device's clock that is off is put right once, when an entry is first taken; what does not
 * hold is refused one by one, and the rest goes in. Null where there is no such job; a sentence for what is no batch.
 */
export async function keepEntries(
  journal: JournalRepository,
  job: string,
  batch: unknown,
  rightMs: number,
): Promise<Appended | string | null> {
  const { now, entries } = (typeof batch === "object" && batch !== null ? batch : {}) as Batch;
  if (!Array.isArray(entries) || entries.length > mostInBatch)
    return `expected { "now": the device's clock, "entries": at most ${mostInBatch} entries }`;
  const clock = typeof now === "string" ? parseMoment(now) : null;
  if (now !== undefined && !clock) return "now: expected a moment like 2027-01-12T09:41:07+01:00";
  const offMs = clock ? behindMs(clock.instant * 60_000, rightMs) : 0;
  const told: ToldEntry[] = [];
  const refused: { id: string; why: string }[] = [];
  for (const value of entries as readonly unknown[]) {
    const read = toldEntry(job, value, offMs);
    if ("why" in read) refused.push(read);
    else told.push(read);
  }
  const kept = await journal.append(job, told);
  return kept && { accepted: kept.accepted, refused: [...refused, ...kept.refused] };
}

function toldEntry(job: string, value: unknown, offMs: number): ToldEntry | { id: string; why: string } {
  const read = readEntry(value);
  const given = value as { readonly id?: unknown; readonly at: string } | null;
  const id = typeof given?.id === "string" ? given.id : "";
  if (!read.ok)
    return {
      id,
      why: read.problems.map(({ path, message }) => (path ? `${path}: ${message}` : message)).join("; "),
    };
  if (read.entry.job !== job) return { id, why: "job: it is of another job" };
  const right = laterBy(given!.at, offMs);
  const entry = right === given!.at ? value : { ...(value as object), at: right, toldAt: given!.at };
  return { id, told: JSON.stringify(value), entry: JSON.stringify(entry), document: read.entry.document };
}
