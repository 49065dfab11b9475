import { dayNumberOf, dayOf, minutesADay, weekdayOf, weekdays, type Weekday } from "../measure/calendar";
import type { Work } from "../work/schema";
import type { Step } from "../work/step";
import { longestField } from "../work/stepList";

/** What of a step tells when it may be done. */
export type Timed = Pick<Step, "minutes" | "stretches" | "unbroken" | "isWet" | "part">;

/** When hands are at work. Times are minutes from midnight before the first day. */
export interface WorkHours {
  /** Minutes of a day between setting up and closing, without its break; and from the one to the break or from that to the other. */
  readonly usable: number;
  readonly longest: number;
  /** How long there is for what is done in one go: half a day for a field; what is only not broken off takes the break too. */
  mostInOneGo(step: Timed): number;
  isTooLong(step: Timed): boolean;
  /** Of the day, in minutes from its midnight; null where the day has none. */
  readonly pause: Pause | null;
  /** From when on hands are free that were at work until then: a break that work ran into begins later and is as long. */
  freeFrom(end: number): number;
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

/** A field that is more than half done is finished into the break or the evening, by so many minutes at most. */
const overrunMin = 20;

/** Nothing is begun in the evening that would be laid down for the night within so many minutes. */
const leastBegunMin = 15;

/** Nothing is begun that would be laid down for the break within so many minutes. */
const leastBeforePause = 10;

/**
 * A working day with its first and last minutes taken by setting up and closing, and a break; other days are left out. A
 * coat may be broken off between its fields, by the break and by the night; other work by the break only, and what must
 * not be broken off, or is one wet area, by neither: it waits, or runs over a little. What is longer than half a day can
 * only be laid down in spite of that, or take the break too; that is told.
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
  /** The earliest start, not before a time, at which one of a day's parts has so many minutes left; all of the longest of them for more. */
  const fit = (earliest: number, asked: number, parts: readonly Pause[], over = 0): number => {
    const minutes = Math.min(asked, Math.max(...parts.map(({ from, to }) => to - from)) + over);
    for (let day = Math.max(0, Math.floor(earliest / minutesADay)); ; day++) {
      if (!isWorked(day)) continue;
      const midnight = day * minutesADay;
      for (const { from, to } of parts) {
        const start = Math.max(earliest, midnight + from);
        if (start + minutes <= midnight + to + over) return start;
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
  const usable = shut - open - (pause ? pause.to - pause.from : 0);
  /** Other work: on one day, with or without the break in it. */
  const fitAround = (earliest: number, asked: number): number => {
    // What is longer than a day takes all of one.
    const minutes = Math.min(asked, usable);
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
  // What runs into the break is done before that would be over.
  const mostOver = pause ? Math.min(overrunMin, pause.to - pause.from) : overrunMin;
  const overrunOf = (minutes: number): number => Math.min(mostOver, Math.floor(minutes / 2));
  const inOne = (earliest: number, minutes: number): number => {
    const over = overrunOf(minutes);
    return fit(earliest, minutes, minutes <= longest + over ? windows : wholeDay, over);
  };
  const freeFrom = (end: number): number => {
    const clock = end % minutesADay;
    return pause && clock > pause.from && clock <= pause.to ? end + pause.to - pause.from : end;
  };
  const known = new WeakMap<object, readonly Field[]>();
  const fieldsOf = (step: Timed): readonly Field[] => {
    let own = known.get(step.stretches!);
    if (!own) known.set(step.stretches!, (own = fieldsOfStretches(step, longest + mostOver)));
    return own;
  };
  /** Whether some minutes that are left of a step are over before the evening, or little later: no last piece is left for the morning. */
  const isLastOfDay = (from: number, rest: number): boolean => {
    const clock = from % minutesADay;
    return clock >= (pause?.to ?? open) && clock < shut && clock + rest <= shut + mostOver;
  };
  const stretchTimes = (start: number, step: Timed) => {
    let at = start;
    let rest = step.minutes;
    let isLast = false;
    return fieldsOf(step).flatMap(({ minutes, stretches }, index) => {
      const from = index === 0 ? start : freeFrom(at);
      isLast ||= isLastOfDay(from, rest);
      at = isLast ? from : inOne(from, minutes);
      rest -= minutes;
      return stretches.map((own): readonly [number, number] => [at, (at += own)]);
    });
  };
  /** Of a step that goes on in the morning, whether it is hardly begun before that. */
  const isHardlyBegun = (start: number, step: Timed): boolean => {
    const clock = start % minutesADay;
    if (clock < (pause?.to ?? open) || shut - clock > longestField(step) + leastBegunMin) return false;
    const times = stretchTimes(start, step);
    const today = times.filter(([from]) => dayOf(from) === dayOf(start));
    return today.length < times.length && today.at(-1)![1] - start < leastBegunMin;
  };
  const isBroken = ({ stretches }: Timed): boolean => stretches !== undefined && stretches.length > 1;
  const isOne = ({ unbroken, isWet }: Timed): boolean => unbroken === true || isWet === true;
  const mostInOneGo = (step: Timed): number => (isBroken(step) || step.isWet ? longest : usable);
  return {
    usable,
    longest,
    mostInOneGo,
    isTooLong(step) {
      const most = mostInOneGo(step) + (isBroken(step) || step.isWet ? mostOver : 0);
      if (isBroken(step)) return longestField(step) > most;
      return isOne(step) && (step.minutes > most || (step.isWet === true && step.part !== undefined));
    },
    pause,
    freeFrom,
    startOf(earliest, step) {
      if (isBroken(step)) {
        const [{ minutes } = { minutes: 0 }] = fieldsOf(step);
        const start = inOne(earliest, minutes);
        return isHardlyBegun(start, step) ? inOne((dayOf(start) + 1) * minutesADay, minutes) : start;
      }
      return isOne(step) ? inOne(earliest, step.minutes) : fitAround(earliest, step.minutes);
    },
    endOf(start, step) {
      if (isBroken(step)) return stretchTimes(start, step).at(-1)![1];
      return start + (isOne(step) ? step.minutes : lasting(start, step.minutes));
    },
    stretchTimes,
  };
}

/** Stretches that are done one after the other without a pause. */
interface Field {
  readonly minutes: number;
  readonly stretches: readonly number[];
}

/** One that is longer than `most` minutes is laid down between its stretches all the same, and none of them is longer than that. */
function fieldsOfStretches({ minutes, stretches = [] }: Timed, most: number): Field[] {
  const each = wholeMinutes(stretches, minutes).map((own) => Math.min(own, most));
  const fields: number[][] = [];
  each.forEach((own, index) => {
    if (stretches[index]!.goesOn) fields.at(-1)!.push(own);
    else fields.push([own]);
  });
  const sumOf = (own: readonly number[]) => own.reduce((sum, one) => sum + one, 0);
  return fields
    .flatMap((own) => (sumOf(own) > most ? own.map((one) => [one]) : [own]))
    .map((own) => ({ minutes: sumOf(own), stretches: own }));
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
