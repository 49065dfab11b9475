import { formatISO } from "date-fns";

/** A moment as entries tell it, with its thousandths: so many things may be told in a second. */
export function momentOf(date: Date): string {
  const iso = formatISO(date);
  const seconds = "2027-01-12T09:41:07".length;
  return `${iso.slice(0, seconds)}.${String(date.getMilliseconds()).padStart(3, "0")}${iso.slice(seconds)}`;
}
