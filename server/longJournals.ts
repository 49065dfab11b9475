import { readJournal, type Entry } from "@/core/journal/entry";
import type { Sum } from "@/core/journal/happened";
import { isFoldable } from "@/core/journal/fold";
import { isSum, leastInSum, readSum, sumWith, writeSum } from "@/core/journal/sum";
import { journalText } from "@/store/bundles";
import type { JournalRepository, KeptEntry, KeptSum } from "@/store/repositories/journalRepository";

type Journal = Pick<JournalRepository, "after" | "sumOf" | "keepSum">;

/** So many entries are read at a time: the rest of the program goes on in between. */
const mostAtOnce = 500;

const linesOf = (kept: readonly KeptEntry[]): string => kept.map(({ entry }) => `${entry}\n`).join("");

/** What the first entries of a long journal came to; null where that is not kept, or cannot be gone on from. */
export async function goodSum(journal: Journal, job: string): Promise<KeptSum | null> {
  const kept = await journal.sumOf(job);
  return kept && isSum(kept.sum) ? kept : null;
}

/** What happened on a job, as text and as `at` of its last entry: of a long journal what its first entries came to, and those that came after. */
export async function keptJournal(
  journal: Journal,
  job: string,
  { isWhole = false } = {},
): Promise<{ readonly text: string; readonly at: string | null }> {
  const sum = isWhole ? null : await goodSum(journal, job);
  const text = await journalText(journal, job, sum?.seq);
  const count = text.split("\n").length - 1;
  if (!sum) {
    if (!isWhole && count >= leastInSum) sumUp(journal, job);
    return { text, at: atOf(text) };
  }
  // What was told of a moment before, or takes back what is in the sum, asks for all of it.
  const isLater = count === 0 || isFoldable(readJournal(text).entries, readSum(sum.sum));
  if (!isLater || count >= leastInSum) sumUp(journal, job);
  if (!isLater) return keptJournal(journal, job, { isWhole: true });
  // Where nothing has come since, the last one that is in the sum tells by which clock it was told.
  const at = atOf(text) ?? atOf(linesOf(await journal.after(job, sum.seq - 1, 1)));
  return { text: `${sum.sum}\n${text}`, at };
}

/** When the last entry of a text was told; null in an empty one. */
function atOf(text: string): string | null {
  const last = text.slice(text.lastIndexOf("\n", text.length - 2) + 1);
  return last === "" ? null : (JSON.parse(last) as { readonly at: string }).at;
}

/** How many entries have come to a journal since it was summed up, or since the program was started. */
const cameSince = new Map<string, number>();

/** Entries have come in: who opens the job next finds them summed up, and does not wait for that. */
export function entriesCame(journal: Journal, job: string, count: number): void {
  const came = (cameSince.get(job) ?? 0) + count;
  cameSince.set(job, came >= leastInSum ? 0 : came);
  if (came >= leastInSum) sumUp(journal, job);
}

const beingSummed = new Set<string>();

/** Sums a journal up in the background. Where that fails all is read as before, and it is tried again later. */
function sumUp(journal: Journal, job: string): void {
  if (beingSummed.has(job)) return;
  beingSummed.add(job);
  void makeSum(journal, job)
    .catch((error: unknown) => console.error(`The journal of ${job} could not be summed up:`, error))
    .finally(() => beingSummed.delete(job));
}

/** Exported for its tests. */
export async function makeSum(journal: Journal, job: string): Promise<void> {
  const before = await goodSum(journal, job);
  const made =
    (before && (await sumFrom(journal, job, { at: before.seq, sum: readSum(before.sum) }))) ??
    (await sumFrom(journal, job, { at: 0, sum: null }));
  if (made?.sum) await journal.keepSum(job, { seq: made.at, sum: writeSum(made.sum) });
}

interface SummedTo {
  readonly at: number;
  readonly sum: Sum | null;
}

/** Part by part, so that nobody waits for it; null where a part cannot be gone on to from what is summed. */
async function sumFrom(journal: Journal, job: string, from: SummedTo): Promise<SummedTo | null> {
  const entries: Entry[] = [];
  let { at } = from;
  for (;;) {
    const kept = await journal.after(job, at, mostAtOnce);
    entries.push(...readJournal(linesOf(kept)).entries);
    at = kept.at(-1)?.seq ?? at;
    if (kept.length < mostAtOnce) break;
  }
  const sum = sumWith(entries, from.sum);
  return sum && { at, sum };
}
