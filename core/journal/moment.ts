import { dayNumberOf, isoDateOf, minutesADay } from "../measure/calendar";

/** A moment as a clock on the spot tells it, and where it stands in time; days and minutes. */
export interface Moment {
  /** Of the clock's date, counted from 1970-01-01. */
  readonly day: number;
  /** After the clock's midnight, with seconds as a fraction. */
  readonly minutes: number;
  /** Minutes since 1970-01-01 in UTC; of a moment without an offset the clock's own. */
  readonly instant: number;
}

const isoMoment = /^(\d{4}-\d\d-\d\d)T(\d\d):(\d\d)(?::(\d\d(?:\.\d{1,9})?))?(Z|[+-]\d\d:\d\d)?$/;

/** Reads "2027-01-12T09:41:07+01:00"; seconds may be left out. Null for what is no moment. */
export function parseMoment(text: string): Moment | null {
  const match = isoMoment.exec(text);
  const day = match && dayNumberOf(match[1]!);
  if (!match || day === null) return null;
  const [hours, mins, seconds] = [Number(match[2]), Number(match[3]), Number(match[4] ?? 0)];
  if (hours > 23 || mins > 59 || seconds >= 60) return null;
  const offset = offsetOf(match[5]);
  if (offset === null) return null;
  const minutes = hours * 60 + mins + seconds / 60;
  return { day, minutes, instant: day * minutesADay + minutes - offset };
}

/** The furthest that a clock on earth is from UTC, min. */
const mostOffset = 14 * 60;

function offsetOf(text: string | undefined): number | null {
  if (text === undefined || text === "Z") return 0;
  const [hours, minutes] = [Number(text.slice(1, 3)), Number(text.slice(4, 6))];
  const offset = hours * 60 + minutes;
  if (minutes > 59 || offset > mostOffset) return null;
  return text.startsWith("-") ? -offset : offset;
}

/** A moment of the clock as "2027-01-12T11:20". */
export function formatMoment(day: number, minutes: number): string {
  const whole = Math.floor(minutes);
  const two = (value: number) => String(value).padStart(2, "0");
  return `${isoDateOf(day)}T${two(Math.floor(whole / 60))}:${two(whole % 60)}`;
}
