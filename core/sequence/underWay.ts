import { dayOf, minutesADay } from "../measure/calendar";
import type { KnownWork } from "../work/onceMore";
import type { Step, Stretch } from "../work/step";
import type { Away, OverAt, Pin } from "./standing";
import type { WorkHours } from "./workHours";

/** What has happened of one step, in minutes from midnight before the first day. */
export interface StepSoFar {
  /** When it was begun; null where only that it is done was told. */
  readonly began: number | null;
  /** When what is done of it was done last; null where nothing is. */
  readonly lastDone: number | null;
  /** How much of it is done, of its pieces; and of how many stretches, from the first on, all is. */
  readonly share: number;
  readonly stretches: number;
  /** From when to when each of those was, where what was told says so. */
  readonly goes: readonly (readonly [from: number, to: number])[] | null;
  readonly isLeftOut: boolean;
  /** Whose hands told of it, from 0; null where nobody of the crew did. */
  readonly hand: number | null;
}

/** A job under way: the moment, and what is known of each step; null for one of which nothing is. */
export interface UnderWay {
  readonly now: number;
  /** What of the work is to be done once more. */
  readonly known: KnownWork;
  /** Of a step among all that there are. */
  soFar(step: Step, among: readonly Step[]): StepSoFar | null;
  /** When a wait is over in air that was told of; null where none was. */
  readonly overAt: OverAt | null;
  /** When someone is not there, by hand. */
  readonly away: readonly (readonly Away[])[];
}

/** What is told to the minute may be half a minute off at either end. */
const toPlanMin = 1;

/** Where a step stands that has been begun; null for one that has not. */
export function pinOf(
  step: Step,
  among: readonly Step[],
  { now, soFar }: UnderWay,
  hours: WorkHours,
): Pin | null {
  const known = soFar(step, among);
  if (!known) return null;
  const { began, lastDone, share, stretches, goes, isLeftOut, hand } = known;
  const shared = { hand, isLeftOut };
  if (isLeftOut) {
    const at = lastDone ?? began ?? now;
    return { ...shared, start: at, end: at, times: null };
  }
  if (share >= 1 && lastDone !== null) {
    // Of what was told only when it was done the day is known.
    const inferred = Math.max(dayOf(lastDone) * minutesADay, lastDone - step.minutes);
    const start = Math.min(began ?? inferred, lastDone);
    const times = timesFrom(start, step, hours);
    const isToPlan = times !== null && Math.abs(times.at(-1)![1] - lastDone) <= toPlanMin;
    if (isToPlan) return { ...shared, start, end: times.at(-1)![1], times };
    return { ...shared, start, end: lastDone, times: times && byDays(goes) };
  }
  const start = began ?? lastDone!;
  return { ...shared, start, ...restOf(step, { start, lastDone, share, stretches, goes, now }, hours) };
}

const timesFrom = (start: number, step: Step, hours: WorkHours): Pin["times"] =>
  (step.stretches?.length ?? 0) > 1 ? hours.stretchTimes(start, step) : null;

interface Running {
  readonly start: number;
  readonly lastDone: number | null;
  readonly share: number;
  readonly stretches: number;
  readonly goes: StepSoFar["goes"];
  readonly now: number;
}

/** When what is left of a running step is done: as it was begun where it goes to plan, else from what is done or from now on. */
function restOf(
  step: Step,
  { start, lastDone, share, stretches, goes: done, now }: Running,
  hours: WorkHours,
): Pick<Pin, "end" | "times"> {
  const times = timesFrom(start, step, hours);
  const end = times?.at(-1)![1] ?? hours.endOf(start, step);
  if (lastDone === null) return end >= now ? { end, times } : { end: now, times: null };
  const planned = times ? (times[stretches - 1]?.[1] ?? start) : start + share * (end - start);
  if (Math.abs(planned - lastDone) <= toPlanMin && end >= now) return { end, times };
  const minutes = Math.max(1, Math.ceil((1 - share) * step.minutes - 1e-9));
  // What was to be done in several goes is gone on with in those that are left.
  const left = (step.stretches?.slice(stretches) ?? []).map((stretch, place) =>
    place === 0 ? begunAnew(stretch) : stretch,
  );
  const rest = {
    minutes,
    ...(step.unbroken && { unbroken: step.unbroken }),
    ...(left.length > 1 && { stretches: left }),
  };
  const from = hours.startOf(Math.max(lastDone, dayOf(lastDone) === dayOf(now) ? 0 : now), rest);
  const goes = left.length > 1 ? hours.stretchTimes(from, rest) : null;
  const leftEnd = Math.max(now, goes?.at(-1)![1] ?? hours.endOf(from, rest));
  // The last one alone is a go, too: what it waits for over a night is not work that went on through it.
  const leftTimes = goes ?? (left.length === 1 && times ? [[from, leftEnd] as const] : null);
  return {
    end: leftEnd,
    times: leftTimes && [...(byDays(done) ?? doneTimes(start, lastDone, stretches)), ...leftTimes],
  };
}

/** What was done on several days, go by go, none of them through a night: only that is told day by day. */
function byDays(goes: StepSoFar["goes"]): StepSoFar["goes"] {
  const [first, last] = [goes?.[0], goes?.at(-1)];
  if (!first || !last || dayOf(first[0]) === dayOf(last[1] - 1)) return null;
  return goes!.every(([from, to]) => dayOf(from) === dayOf(Math.max(from, to - 1))) ? goes : null;
}

/** What is left of a field begins it: the stretch that it went on from is done. */
const begunAnew = ({ goesOn: _, ...stretch }: Stretch): Stretch => stretch;

/** Of stretches that are done it is known when the last of them was. */
const doneTimes = (start: number, lastDone: number, count: number): NonNullable<Pin["times"]> =>
  Array.from({ length: count }, (_, place) => [
    Math.round(start + ((lastDone - start) * place) / count),
    Math.round(start + ((lastDone - start) * (place + 1)) / count),
  ]);
