import { dayNumberOf, minutesADay, weekdayOf, weekdays, type Weekday } from "../measure/calendar";
import type { Work } from "../work/schema";

/** When hands are at work. Times are minutes from midnight before the first day. */
export interface WorkHours {
  /** Minutes of a day between setting up and closing. */
  readonly usable: number;
  /** The earliest start, not before a time, at which so many minutes are left in the day. */
  fit(earliest: number, minutes: number): number;
}

/** A working day with its first and last minutes taken by setting up and closing; other days are left out. */
export function workHoursOf(work: Work): WorkHours {
  const open = work.from + Math.ceil(work.rates.settingUp_min);
  const shut = work.to - Math.ceil(work.rates.closing_min);
  const isWorked = workedDays(work);
  return {
    usable: shut - open,
    fit(earliest, minutes) {
      let day = Math.max(0, Math.floor(earliest / minutesADay));
      for (;;) {
        const start = Math.max(earliest, day * minutesADay + open);
        if (isWorked(day) && start + minutes <= day * minutesADay + shut) return start;
        day++;
      }
    },
  };
}

function workedDays({ start, workdays }: Work): (day: number) => boolean {
  const first = start === undefined ? dayOfMonday : dayNumberOf(start)!;
  const worked = weekdays.map((_, offset) => workdays.includes(weekdayOf(first + offset)));
  return (day) => worked[day % weekdays.length]!;
}

/** Without a date the first day is taken for a Monday; 1970-01-05 was one. */
const dayOfMonday = 4;

/** The weekday of a day of the job, counted from 0. */
export const weekdayOfJob = ({ start }: Work, day: number): Weekday =>
  weekdayOf((start === undefined ? dayOfMonday : dayNumberOf(start)!) + day);
