import { readJournal, type Entry, type ReadJournal } from "./entry";
import { compareEntries, fold, isFoldable, takenBackAhead } from "./fold";
import { entryKinds } from "./kinds";
import type { Happened, Kept, Progress, Sum } from "./happened";

/** Another number where entries of a known kind fold to something else than before. */
const sumFormat = "jacaranda-sum/2";
/** A sum is of the kinds that were known when it was made: where others are, all entries are read again. */
const start = JSON.stringify({
  format: sumFormat,
  kinds: entryKinds.map(({ kind }) => kind).join(" "),
}).slice(0, -1);

/** Whether a line is a sum that this version can go on from. */
export const isSum = (line: string): boolean => line.startsWith(start);

/** A journal of so many entries has a sum, which is made again when so many have come beside it. */
export const leastInSum = 2000;

/** A sum with later entries in it; null for none at all, and where they are not all later. */
export function sumWith(entries: readonly Entry[], before: Sum | null): Sum | null {
  if (entries.length === 0 || !isFoldable(entries, before)) return null;
  return {
    happened: fold(entries, before),
    last: entries.reduce((late, entry) => (compareEntries(entry, late) > 0 ? entry : late)),
    count: (before?.count ?? 0) + entries.length,
    ahead: before?.ahead ?? takenBackAhead(entries),
  };
}

/** A sum as one line, which a journal's text may begin with in place of the entries that are in it. */
export function writeSum({ happened, last: { id, at }, count, ahead }: Sum): string {
  const { work, lists, ...rest } = happened;
  const told = { count, last: { id, at }, ahead, happened: { ...rest, work: [...work], lists: [...lists] } };
  return `${start},${JSON.stringify(told).slice(1)}`;
}

/** The last one that was read: a job that is open is asked for again and again. Sums are never changed. */
let lastRead: { readonly line: string; readonly sum: Sum } | null = null;

/** Reads back what `writeSum` wrote; of nobody else's hand. */
export function readSum(line: string): Sum {
  if (lastRead?.line !== line) lastRead = { line, sum: parseSum(line) };
  return lastRead.sum;
}

function parseSum(line: string): Sum {
  const { count, last, ahead, happened } = JSON.parse(line) as Omit<Sum, "happened"> & {
    readonly happened: Omit<Happened, "work" | "lists"> & {
      readonly work: [string, Progress][];
      readonly lists: [string, Kept<object>[]][];
    };
  };
  const { work, lists, ...rest } = happened;
  return { count, last, ahead, happened: { ...rest, work: new Map(work), lists: new Map(lists) } };
}

/** Reads a journal as the store keeps it: it may begin with a sum. What comes from elsewhere is read by `readJournal`. */
export function readKeptJournal(text: string): ReadJournal & { readonly sum: Sum | null } {
  if (!isSum(text)) return { ...readJournal(text), sum: null };
  const end = text.indexOf("\n");
  const [line, rest] = end < 0 ? [text, ""] : [text.slice(0, end), text.slice(end + 1)];
  return { ...readJournal(rest), sum: readSum(line) };
}
