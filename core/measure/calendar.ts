/** A day of the week; 0 is Monday. */
export const weekdays = ["mon", "tue", "wed", "thu", "fri", "sat", "sun"] as const;
export type Weekday = (typeof weekdays)[number];

/**
 * Days between 1970-01-01 and an ISO date, by counting whole years from March, so that the leap day ends a year (the
 * usual civil-calendar arithmetic). Null for what is no date.
 */
export function dayNumberOf(iso: string): number | null {
  const match = /^(\d{4})-(\d\d)-(\d\d)$/.exec(iso);
  if (!match) return null;
  const [year, month, day] = match.slice(1).map(Number) as [number, number, number];
  if (month < 1 || month > 12 || day < 1 || day > 31) return null;
  const years = month > 2 ? year : year - 1;
  const months = (month + 9) % 12;
  const leapDays = Math.floor(years / 4) - Math.floor(years / 100) + Math.floor(years / 400);
  // 719468 days lie between 0000-03-01 and 1970-01-01.
  const number = years * 365 + leapDays + Math.floor((153 * months + 2) / 5) + day - 1 - 719_468;
  // The 31st of a short month comes out as a day of the next.
  return isoDateOf(number) === iso ? number : null;
}

/** The ISO date of a day counted from 1970-01-01. */
export function isoDateOf(dayNumber: number): string {
  const days = dayNumber + 719_468;
  const era = Math.floor(days / 146_097);
  const dayOfEra = days - era * 146_097;
  const yearOfEra = Math.floor(
    (dayOfEra -
      Math.floor(dayOfEra / 1460) +
      Math.floor(dayOfEra / 36_524) -
      Math.floor(dayOfEra / 146_096)) /
      365,
  );
  const dayOfYear = dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
  const months = Math.floor((5 * dayOfYear + 2) / 153);
  const day = dayOfYear - Math.floor((153 * months + 2) / 5) + 1;
  const month = months < 10 ? months + 3 : months - 9;
  const year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0);
  return `${String(year).padStart(4, "0")}-${String(month).padStart(2, "0")}-${String(day).padStart(2, "0")}`;
}

/** 1970-01-01 was a Thursday. */
export const weekdayOf = (dayNumber: number): Weekday => weekdays[(((dayNumber + 3) % 7) + 7) % 7]!;

export const minutesADay = 1440;

/** The day, from 0, on which a time is that is counted in minutes from midnight before the first. */
export const dayOf = (time: number): number => Math.floor(time / minutesADay);

/** Minutes after midnight of "08:30"; null for what is no time of a day. */
export function minutesOfClock(clock: string): number | null {
  const match = /^(\d{1,2}):(\d\d)$/.exec(clock);
  if (!match) return null;
  const [hours, minutes] = [Number(match[1]), Number(match[2])];
  return hours > 24 || minutes > 59 || hours * 60 + minutes > minutesADay ? null : hours * 60 + minutes;
}

/** "08:30" of minutes after midnight. */
export const clockOf = (minutes: number): string =>
  `${String(Math.floor(minutes / 60)).padStart(2, "0")}:${String(minutes % 60).padStart(2, "0")}`;

/** The first Monday after a day. */
export const mondayAfter = (dayNumber: number): number =>
  dayNumber + weekdays.length - weekdays.indexOf(weekdayOf(dayNumber));
