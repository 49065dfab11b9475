import { readEntry, type Entry } from "../entry";

export const ulidOf = (number: number): string => String(number).padStart(26, "0");

/** An entry of job j as it is written, to be read or sent. */
export const writtenEntry = (number: number, at: string, kind: string, payload: object, by = "Wren") => ({
  format: "jacaranda-entry/1",
  id: ulidOf(number),
  job: "j",
  at,
  by,
  device: "d",
  kind,
  ...payload,
});

/** The same, read; throws for what does not hold. */
export function entryOf(...written: Parameters<typeof writtenEntry>): Entry {
  const read = readEntry(writtenEntry(...written));
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return read.entry;
}
