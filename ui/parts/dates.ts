import { format, isValid, parse, parseISO } from "date-fns";

/** What a date may be typed as, the form in which it is shown first. */
const forms = ["d MMM yyyy", "yyyy-MM-dd", "d.M.yyyy", "d/M/yyyy", "d MMMM yyyy"];

/** A date as a document has it: `2027-01-11`. */
export const writeDate = (date: Date): string => format(date, "yyyy-MM-dd");

/** The same as it is shown: `11 Jan 2027`. */
export const showDate = (written: string): string => format(parseISO(written), forms[0]!);

/** A date that was typed; null for what is none, and for years that nobody means. */
export function readDate(typed: string): Date | null {
  const read = forms.map((form) => parse(typed.trim(), form, new Date(2000, 0, 1)));
  return read.find((date) => isValid(date) && date.getFullYear() >= 1000) ?? null;
}
