import type * as z from "zod";
import type { Speech } from "../findings/speech";
import { keysOf } from "../work/keys";
import type { Folding, Happened, Kept, Progress, Told } from "./happened";
import type { WorkItem } from "./limits";

/** A kind of entry: what it tells, how that folds into what is known, and how it is said. */
export interface EntryKind<Schema extends z.ZodObject = z.ZodObject> {
  readonly kind: string;
  readonly payload: Schema;
  fold(folding: Folding, payload: z.infer<Schema>, told: Told): void;
  /** Without who told it and when, in the job's own units and names. */
  say(payload: z.infer<Schema>, speech: Speech): string;
}

export const defineKind = <Schema extends z.ZodObject>(kind: EntryKind<Schema>): EntryKind<Schema> =>
  Object.freeze({ ...kind });

/** Adds to the list of its kind; what was told stays in the order in which it was. */
export function intoList(folding: Folding, kind: string, payload: object, told: Told): void {
  const list = folding.lists.get(kind);
  const kept = { ...payload, told };
  if (list) list.push(kept);
  else folding.lists.set(kind, [kept]);
}

/** All that was told of a kind, in the order in which it was. */
export const toldOf = <Schema extends z.ZodObject>(
  { lists }: Happened,
  { kind }: EntryKind<Schema>,
): readonly Kept<z.infer<Schema>>[] => (lists.get(kind) ?? []) as unknown as readonly Kept<z.infer<Schema>>[];

/** Changes what is known of each piece of some work. */
export function ofWork(
  { work }: Folding,
  items: readonly WorkItem[],
  change: (known: Progress, item: WorkItem) => Progress,
): void {
  for (const item of items)
    for (const key of keysOf([item])) {
      const known = work.get(key);
      const next = change(known ?? {}, item);
      if (next !== known) work.set(key, next);
    }
}

/** How many pieces some work has: "coat 12 regions". */
export function sayWork(items: readonly WorkItem[]): string {
  const counts = new Map<string, number>();
  for (const { act, of, ids } of items) {
    const what = `${act} ${of}`;
    counts.set(what, (counts.get(what) ?? 0) + ids.length);
  }
  return [...counts].map(([what, count]) => (count === 1 ? what : `${what}s, ${count} of them`)).join("; ");
}
