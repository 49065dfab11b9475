import type { Entry } from "./entry";
import type { Folding, Happened, Sum } from "./happened";
import { kindOf } from "./kinds";

/**
 * What a journal comes to. Entries count in the order of their moments, and of one moment by their ids: so any order of
 * arrival, any repetition and any split into batches comes to the same. What was withdrawn counts as never told. `before` is what
 * others came to that these can be folded onto.
 */
export function fold(entries: readonly Entry[], before: Pick<Sum, "happened"> | null = null): Happened {
  const inTurn = inOrder(entries);
  const withdrawn = withdrawnIn(inTurn);
  const folding: Folding = {
    work: new Map(before?.happened.work),
    lists: new Map([...(before?.happened.lists ?? [])].map(([kind, list]) => [kind, [...list]])),
  };
  const people = new Set(before?.happened.people);
  let [first, last]: [Entry | null, Entry | null] = [null, null];
  for (const entry of inTurn) {
    if (!entry.isKnown || entry.kind === "withdrawn") continue;
    if (withdrawn.size > 0 && withdrawn.has(entry.id)) continue;
    first ??= entry;
    last = entry;
    people.add(entry.by);
    kindOf(entry.kind)!.fold(folding, entry.payload as never, {
      entry: entry.id,
      at: entry.at,
      by: entry.by,
    });
  }
  return {
    ...folding,
    people: [...people],
    first: before?.happened.first ?? first?.at ?? null,
    last: last?.at ?? before?.happened.last ?? null,
  };
}

/**
 * Whether entries can be folded onto a sum: all are later than what is in it, none takes any of that back, and nothing in it
 * takes back one of them (whose clock was behind may have told of it before).
 */
export function isFoldable(entries: readonly Entry[], sum: Pick<Sum, "last" | "ahead"> | null): boolean {
  if (!sum) return true;
  const ids = new Set(entries.map(({ id }) => id));
  return (
    entries.every(
      (entry) => compareEntries(entry, sum.last) > 0 && (!isWithdrawal(entry) || ids.has(takenBackBy(entry))),
    ) && sum.ahead.every((id) => !ids.has(id))
  );
}

/** What is taken back by entries that is not among them. */
export function takenBackAhead(entries: readonly Entry[]): string[] {
  const withdrawals = entries.filter(isWithdrawal);
  if (withdrawals.length === 0) return [];
  const ids = new Set(entries.map(({ id }) => id));
  return [...new Set(withdrawals.map(takenBackBy))].filter((id) => !ids.has(id)).sort();
}

const isWithdrawal = ({ kind, isKnown }: Entry): boolean => kind === "withdrawn" && isKnown;
const takenBackBy = ({ payload }: Entry): string => (payload as { readonly entry: string }).entry;

/** By their moments, and then by their ids. */
export const compareEntries = (a: Pick<Entry, "id" | "at">, b: Pick<Entry, "id" | "at">): number =>
  a.at.instant - b.at.instant || (a.id < b.id ? -1 : a.id > b.id ? 1 : 0);

/** Each once, by their moments and then by their ids. Most journals come so, and then a look is enough. */
function inOrder(entries: readonly Entry[]): readonly Entry[] {
  const isSo = entries.every((entry, place) => place === 0 || compareEntries(entries[place - 1]!, entry) < 0);
  return isSo
    ? entries
    : [...new Map(entries.map((entry) => [entry.id, entry])).values()].sort(compareEntries);
}

/** What is taken back, and by which entry: a withdrawal may be taken back by a later one. */
function withdrawnIn(inTurn: readonly Entry[]): ReadonlyMap<string, string> {
  const withdrawn = new Map<string, string>();
  for (const entry of inTurn.filter(isWithdrawal).reverse())
    if (!withdrawn.has(entry.id)) withdrawn.set(takenBackBy(entry), entry.id);
  return withdrawn;
}

/** An entry that was told, and the one that takes it back; null where it counts. */
export interface ToldInTurn {
  readonly entry: Entry;
  readonly takenBackBy: string | null;
}

/** All that was told, each once and in its turn, beside what takes it back; what takes back has no line of its own. */
export function toldInTurn(entries: readonly Entry[]): ToldInTurn[] {
  const inTurn = inOrder(entries);
  const withdrawn = withdrawnIn(inTurn);
  return inTurn
    .filter(({ kind }) => kind !== "withdrawn")
    .map((entry) => ({ entry, takenBackBy: withdrawn.get(entry.id) ?? null }));
}
