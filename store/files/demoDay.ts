import {
  addDays,
  addMinutes,
  differenceInCalendarDays,
  formatISO,
  isWeekend,
  parse,
  startOfDay,
  subDays,
} from "date-fns";

/** As the demo's own days are written: on the first one paints, and on the second is looked at. */
const firstDay = "2027-01-11";
/** When its second morning is looked at, in minutes after midnight; and until when in the day that can be. */
const lookedAt = 10 * 60 + 33;
const latest = 16 * 60 + 30;
const minuteMs = 60_000;

/** How the demo's days and clocks are moved, so that it stands on its second morning when it is added. */
export interface DemoDay {
  /** A day as the demo has it, another one here. */
  day(iso: string): string;
  /** The same of a moment by the clock. */
  moment(iso: string): string;
}

/**
 * By the moment at which the demo is added: on a weekday between the demo's own half past ten and half past four that is now, else the
 * last such morning. The day before it is the working day before; what the demo tells of other days stays as far from the first.
 */
export function demoDay(now: Date): DemoDay {
  const minutesOf = (date: Date) => (date.getTime() - startOfDay(date).getTime()) / minuteMs;
  const isToday = !isWeekend(now) && minutesOf(now) >= lookedAt;
  const second = isToday ? startOfDay(now) : workingDayBefore(startOfDay(now));
  const shiftMin = isToday ? Math.floor(Math.min(minutesOf(now), latest) - lookedAt) : 0;
  const first = workingDayBefore(second);
  const dated = (iso: string) => parse(iso, "yyyy-MM-dd", now);
  const dayHere = (iso: string): Date => {
    const after = differenceInCalendarDays(dated(iso), dated(firstDay));
    return after === 1 ? second : addDays(first, after);
  };
  return {
    day: (iso) => formatISO(dayHere(iso), { representation: "date" }),
    moment(iso) {
      const [day, hours, minutes] = [iso.slice(0, 10), Number(iso.slice(11, 13)), Number(iso.slice(14, 16))];
      const here = dayHere(day);
      const isSecond = here.getTime() === second.getTime();
      return formatISO(addMinutes(here, hours * 60 + minutes + (isSecond ? shiftMin : 0)));
    },
  };
}

function workingDayBefore(day: Date): Date {
  let before = subDays(day, 1);
  while (isWeekend(before)) before = subDays(before, 1);
  return before;
}
