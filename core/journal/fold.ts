import type { Entry } from "./entry";
import type { Folding, Happened } from "./happened";
import { kindOf } from "./kinds";

/**
 * What a journal comes to. Entries count in the order of their moments, and of one moment by their ids: so any order of
 * arrival, any repetition and any split into batches comes to the same. What was withdrawn counts as never told.
 */
export function fold(entries: readonly Entry[]): Happened {
  const inTurn = inOrder(entries);
  const withdrawn = withdrawnIn(inTurn);
  const folding: Folding = { work: new Map(), lists: new Map() };
  const people = new Set<string>();
  let [first, last]: [Entry | null, Entry | null] = [null, null];
  for (const entry of inTurn) {
    if (!entry.isKnown || entry.kind === "withdrawn" || withdrawn.has(entry.id)) continue;
    first ??= entry;
    last = entry;
    people.add(entry.by);
    kindOf(entry.kind)!.fold(folding, entry.payload as never, {
      entry: entry.id,
      at: entry.at,
      by: entry.by,
    });
  }
  return { ...folding, people: [...people], first: first?.at ?? null, last: last?.at ?? null };
}

/** Each once, by their moments and then by their ids. */
function inOrder(entries: readonly Entry[]): Entry[] {
  const byId = new Map(entries.map((entry) => [entry.id, entry]));
  return [...byId.values()].sort((a, b) => a.at.instant - b.at.instant || (a.id < b.id ? -1 : 1));
}

/** What is taken back: a withdrawal may be taken back by a later one. */
function withdrawnIn(inTurn: readonly Entry[]): ReadonlySet<string> {
  const withdrawn = new Set<string>();
  for (const { id, kind, isKnown, payload } of inTurn.toReversed()) {
    if (kind === "withdrawn" && isKnown && !withdrawn.has(id))
      withdrawn.add((payload as { readonly entry: string }).entry);
  }
  return withdrawn;
}
