import { dayNumberOf, minutesADay, weekdayOf, weekdays, type Weekday } from "../measure/calendar";
import type { Work } from "../work/schema";
import type { Step } from "../work/step";

/** What of a step tells when it may be done. */
export type Timed = Pick<Step, "minutes" | "stretches" | "unbroken" | "isWet">;

/** When hands are at work. Times are minutes from midnight before the first day. */
export interface WorkHours {
  /** Minutes of a day between setting up and closing, without its break; and from the one to the break or from that to the other. */
  readonly usable: number;
  readonly longest: number;
  /** Of the day, in minutes from its midnight; null where the day has none. */
  readonly pause: Pause | null;
  /** The earliest start of a step, not before a time. Never earlier for a later time. */
  startOf(earliest: number, step: Timed): number;
  /** When a step that starts then is done. */
  endOf(start: number, step: Timed): number;
  /** The times between which each stretch of a step is done that starts then. */
  stretchTimes(start: number, step: Timed): readonly (readonly [number, number])[];
}

export interface Pause {
  readonly from: number;
  readonly to: number;
}

/** Nothing is begun that would be laid down for the break within so many minutes. */
const leastBeforePause = 10;

/**
 * A working day with its first and last minutes taken by setting up and closing, and a break; other days are left out. A
 * coat may be broken off between its stretches, by the break and by the night; other work by the break only, and what
 * must not be broken off, or is one wet area, by neither, unless it is longer than half a day.
 */
export function workHoursOf(work: Work): WorkHours {
  const open = work.from + Math.ceil(work.rates.settingUp_min);
  const shut = work.to - Math.ceil(work.rates.closing_min);
  const pause = pauseOf(work, open, shut);
  const isWorked = workedDays(work);
  const windows: readonly Pause[] = pause
    ? [
        { from: open, to: pause.from },
        { from: pause.to, to: shut },
      ]
    : [{ from: open, to: shut }];
  const longest = Math.max(...windows.map(({ from, to }) => to - from));
  /** The earliest start, not before a time, at which one of a day's parts has so many minutes left. */
  const fit = (earliest: number, minutes: number, parts: readonly Pause[]): number => {
    for (let day = Math.max(0, Math.floor(earliest / minutesADay)); ; day++) {
      if (!isWorked(day)) continue;
      const midnight = day * minutesADay;
      for (const { from, to } of parts) {
        const start = Math.max(earliest, midnight + from);
        if (start + minutes <= midnight + to) return start;
      }
    }
  };
  /** How many minutes from a start on it takes, with the break in it where it is laid down for that. */
  const lasting = (start: number, minutes: number): number => {
    if (!pause) return minutes;
    const clock = start % minutesADay;
    return clock < pause.from && clock + minutes > pause.from ? minutes + pause.to - pause.from : minutes;
  };
  const wholeDay = [{ from: open, to: shut }];
  /** Other work: on one day, with or without the break in it. */
  const fitAround = (earliest: number, minutes: number): number => {
    let start = fit(earliest, 1, windows);
    for (;;) {
      const clock = start % minutesADay;
      const tooShort =
        pause && clock < pause.from && pause.from - clock < Math.min(leastBeforePause, minutes);
      if (tooShort) start += pause.to - clock;
      else if ((start % minutesADay) + lasting(start, minutes) <= shut) return start;
      else start = fit((Math.floor(start / minutesADay) + 1) * minutesADay, 1, windows);
    }
  };
  const inOne = (earliest: number, minutes: number): number =>
    minutes <= longest ? fit(earliest, minutes, windows) : fit(earliest, minutes, wholeDay);
  const known = new WeakMap<object, readonly number[]>();
  const minutesOf = ({ minutes, stretches }: Timed): readonly number[] => {
    let own = known.get(stretches!);
    if (!own) {
      own = wholeMinutes(stretches!, minutes).map((each) => Math.min(each, longest));
      known.set(stretches!, own);
    }
    return own;
  };
  const stretchTimes = (start: number, step: Timed) => {
    let at = start;
    return minutesOf(step).map((own): readonly [number, number] => {
      const from = fit(at, own, windows);
      at = from + own;
      return [from, at];
    });
  };
  const isBroken = ({ stretches }: Timed): boolean => stretches !== undefined && stretches.length > 1;
  const isOne = ({ unbroken, isWet }: Timed): boolean => unbroken === true || isWet === true;
  return {
    usable: shut - open - (pause ? pause.to - pause.from : 0),
    longest,
    pause,
    startOf(earliest, step) {
      if (isBroken(step)) return fit(earliest, minutesOf(step)[0]!, windows);
      return isOne(step) ? inOne(earliest, step.minutes) : fitAround(earliest, step.minutes);
    },
    endOf(start, step) {
      if (isBroken(step)) return minutesOf(step).reduce((at, own) => fit(at, own, windows) + own, start);
      return start + (isOne(step) ? step.minutes : lasting(start, step.minutes));
    },
    stretchTimes,
  };
}

/** The minutes of stretches as whole ones that add up to their step's. */
function wholeMinutes(stretches: NonNullable<Step["stretches"]>, total: number): number[] {
  let sum = 0;
  let before = 0;
  return stretches.map((stretch, index) => {
    sum += stretch.minutes;
    const until = index === stretches.length - 1 ? total : Math.min(total, Math.ceil(sum - 1e-6));
    const own = until - before;
    before = until;
    return own;
  });
}

/** A break with less work than this before or after it is none: the day begins after it, or ends with it. */
const leastHalfMin = 60;

/** The break at midday, where the working day reaches well over it. */
function pauseOf({ breakAt, break_min }: Work, open: number, shut: number): Pause | null {
  const pause = { from: breakAt, to: breakAt + Math.ceil(break_min) };
  const isWithin = pause.from - open >= leastHalfMin && shut - pause.to >= leastHalfMin;
  return break_min > 0 && isWithin ? pause : null;
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
