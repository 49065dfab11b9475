import type { Speech } from "./speech";

/** What is decided about, or what a board is of: one thing of a kind. */
export type Subject = readonly [kind: string, id: string];

/** Told as { "set": "s1" }, perhaps with more about it; null where nothing is named. */
export function subjectOf(of: Readonly<Record<string, unknown>>): Subject | null {
  const found = Object.entries(of).find(([, id]) => typeof id === "string");
  return found ? [found[0], found[1] as string] : null;
}

/** Whether it is the same one. */
export const isSame = (one: Subject | null, other: Subject | null): boolean =>
  one !== null && other !== null && one[0] === other[0] && one[1] === other[1];

/** Whether two things are said of the same one. */
export const isSameSubject = (one: object, other: object): boolean =>
  isSame(subjectOf({ ...one }), subjectOf({ ...other }));

/** By its name where it has one. */
export function saySubject(of: Readonly<Record<string, unknown>>, speech: Speech): string {
  const subject = subjectOf(of);
  if (!subject) return "something";
  const [kind, id] = subject;
  if (kind === "set") return `the set ${speech.set(id)}`;
  if (kind === "paint" || kind === "mix") return speech.paint(id);
  if (kind === "finish") return speech.finish(id);
  return `the ${kind} ${id}`;
}
