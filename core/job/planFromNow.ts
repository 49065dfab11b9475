import { dayNumberOf, isoDateOf, minutesADay } from "../measure/calendar";
import type { Happened, Progress, Told } from "../journal/happened";
import type { Moment } from "../journal/moment";
import type { Plan } from "../plan/planTypes";
import type { StepSoFar, UnderWay } from "../sequence/underWay";
import { readKey } from "../work/keys";
import { keysOfStep, ownKeysAmong } from "../work/ownKeys";
import type { Step } from "../work/step";
import { hasBoardsTold, withBoardsTold, withoutDecided } from "./boardsTold";
import { airSoFar, awaySoFar } from "./airSoFar";
import { describeNow } from "./describeNow";
import { toldOf } from "../journal/defineKind";
import { looked } from "../journal/kinds/looked";
import { sample } from "../journal/kinds/sample";
import { trouble } from "../journal/kinds/trouble";
import { asMoreCoatsFindIt, moreCoats, withMoreCoats } from "./coatsAfterLooks";
import { coatsAnew, hasAgain, withMasksAnew, withNextTimes } from "./coatsAnew";
import { mendsOf } from "./mendsOf";
import { isPaintedOtherwise } from "./paintedOtherwise";
import { usedBy } from "./forecast";
import { withMarksThatStand } from "./marksStanding";
import type { Progress as Planning } from "./layOutJob";
import { planOrStop, planStopped, planWallsFirst } from "./plan";
import { isAnewOpen, isMendOpen, isPaintAgain, withRoomOpened } from "./roomOpened";
import { afresh, type StagedPlan, type Stages } from "./planInStages";
import type { Job } from "./schema";
import { cannotBePlanned } from "./stopWalls";
import { isCountedLate, withRecords, type UsedBy } from "./withRecords";

/**
 * The plan of a job that is under way: what is done keeps its real times and hands, what is begun goes on, and the rest comes
 * no earlier than now, its waits counted from when things really ended. Pure, as `plan` is. Without a first day the job begins
 * on the day of its first entry, else now.
 */
export function planFromNow(job: Job, happened: Happened, now: Moment): Plan {
  try {
    return fromNowWallsFirst(job, happened, now).rest();
  } catch (error) {
    return planStopped(job, cannotBePlanned(error));
  }
}

/**
 * As `planFromNow`, in two answers: the walls, and then all of it, with stages that may be answered from before. `planned` is asked for
 * the plan of the job before anything had happened, where entries speak of that.
 */
export function fromNowWallsFirst(
  job: Job,
  happened: Happened,
  now: Moment,
  stages: Stages = afresh,
  planning?: Planning,
  planned: (opening: Job) => Plan = planOrStop,
  isBeforeAsked = asksForPlan(happened) || hasBoardsTold(job, happened),
): StagedPlan {
  const first = firstDayOf(job, happened, now);
  const opening = { ...withoutDecided(job, happened), work: { ...job.work, start: isoDateOf(first) } };
  // What was planned before any of it tells what some entries are about.
  const before = isBeforeAsked ? planned(opening) : null;
  const more = before ? moreCoats(opening, happened, before) : noMore;
  const recorded = withRecords(opening, happened, before ? usedIn(before, happened) : undefined);
  const inTimes = withNextTimes(happened);
  const { anew, standing: told } = before ? coatsAnew(inTimes, before) : { anew: [], standing: inTimes };
  const dated = withMoreCoats(anew.length > 0 ? { ...recorded, anew } : recorded, more);
  const mends = before ? mendsOf(opening, happened, before) : [];
  // What is laid out tells which of it still stands, before anything asks.
  let standing = told;
  const from = notBefore(job, happened, timeIn(now, first), first);
  const underWay = underWayOf(dated, () => standing, from, first);
  const mending = mends.length > 0 ? { ...dated, mends } : dated;
  const { walls, rest } = planWallsFirst(mending, { ...stages, underWay }, planning);
  // What is on the wall in another paint than it has now asks for what was planned of its tape.
  if (!before && isPaintedOtherwise(walls, happened))
    return fromNowWallsFirst(job, happened, now, stages, planning, planned, true);
  standing = withMarksThatStand(told, walls);
  if (before)
    standing = withBoardsTold(withMasksAnew(asMoreCoatsFindIt(standing, more, before), before), job, before);
  const isPaintOpen =
    isMendOpen(mends, standing) || isPaintAgain(standing) || isAnewOpen(dated.anew ?? [], walls, standing);
  standing = withRoomOpened(standing, isPaintOpen);
  const { boards } = job;
  return {
    walls,
    rest: () => describeNow(rest(), { ...dated, boards }, { standing, asTold: inTimes }, now, first),
  };
}

const noMore: ReturnType<typeof moreCoats> = new Map();

/** Whether entries speak of what only a plan knows: whose ground shows, what meets where something went wrong, what was used. */
const asksForPlan = (happened: Happened): boolean =>
  isCountedLate(happened) ||
  hasAgain(happened) ||
  toldOf(happened, looked).some(({ verdict }) => verdict === "ground-shows") ||
  toldOf(happened, trouble).length > 0;

/** What the work that is done took of each paint, by the plan of the job as it was. */
const usedIn =
  (planned: Plan, { work }: Happened): UsedBy =>
  (paint, instant) =>
    usedBy(planned, paint, work, instant);

/**
 * The day that is counted as the first, from 1970-01-01: the job's own, unless work was told of before it; what else was told (a set that was
 * refused, a note) moves no day. Without a day of its own the job begins with what was told first, else now.
 */
function firstDayOf({ work: { start }, boards }: Job, happened: Happened, now: Moment): number {
  if (start === undefined) return happened.first?.day ?? now.day;
  const tried = hasBoardsTold({ boards }, happened)
    ? toldOf(happened, sample).find(({ board }) => boards.some(({ id }) => id === board))?.told.at.day
    : undefined;
  return Math.min(
    dayNumberOf(start)!,
    firstWorkDay(happened, () => true),
    tried ?? Infinity,
  );
}

/** The day on which any of some work was told of first; never where none was. */
function firstWorkDay({ work }: Happened, isAsked: (key: string) => boolean): number {
  let first = Infinity;
  for (const [key, { began, before, finished, skipped }] of work) {
    const told = began ?? before ?? finished ?? skipped;
    if (told && told.at.day < first && isAsked(key)) first = told.at.day;
  }
  return first;
}

const isOnWalls = (key: string): boolean => readKey(key).of !== "board";

/** Nothing is begun on the walls before the job's own first day, unless it was. */
function notBefore({ work: { start } }: Job, happened: Happened, now: number, first: number): number {
  const day = start === undefined ? null : dayNumberOf(start)!;
  const isBegun = day === null || firstWorkDay(happened, isOnWalls) < day;
  return isBegun ? now : Math.max(now, (day - first) * minutesADay);
}

/** A moment of the clock in whole minutes from midnight before the first day. */
const timeIn = ({ day, minutes }: Moment, firstDay: number): number =>
  (day - firstDay) * minutesADay + Math.round(minutes);

function underWayOf(job: Job, standing: () => Happened, now: number, firstDay: number): UnderWay {
  const { crew } = job.work;
  const happened = standing();
  const { people } = happened;
  const timeOf = (moment: Moment) => timeIn(moment, firstDay);
  const at = (told: Told) => timeIn(told.at, firstDay);
  const handOf = ({ by }: Told): number | null => {
    const place = people.indexOf(by);
    return place >= 0 && place < crew ? place : null;
  };
  return {
    now,
    known: {
      isAgain: (key) => standing().work.get(key)?.again !== undefined,
      isDone: (key) => standing().work.get(key)?.finished !== undefined,
    },
    overAt: airSoFar(job, happened, timeOf),
    away: awaySoFar(job, happened, timeOf),
    soFar(step, among) {
      const isOwn = ownKeysAmong(among)(step);
      const { work } = standing();
      const known = keysOfStep(step).map((key) => (isOwn(key) ? (work.get(key) ?? {}) : null));
      return soFarOf(step, known, at, handOf);
    },
  };
}

/** What is known of each of a step's keys, in their order; null for those that other steps have too. */
type KnownOfStep = readonly (Progress | null)[];

/** Of how many stretches, from the first on, all is done. */
function stretchesDone({ does, stretches = [] }: Step, known: KnownOfStep): number {
  const firsts = does.map((_, place) => does.slice(0, place).reduce((sum, { ids }) => sum + ids.length, 0));
  const isDone = (place: number, id: number) => {
    const one = known[firsts[place]! + id]!;
    return one === null || (one.finished ?? one.skipped) !== undefined;
  };
  const open = stretches.findIndex(({ ids }) =>
    ids.some(([from, to], place) =>
      Array.from({ length: to - from }, (_, id) => from + id).some((id) => !isDone(place, id)),
    ),
  );
  return open < 0 ? stretches.length : open;
}

/**
 * From when to when each of the first stretches of a step really was, by the words for what is done last in it; null where they do not
 * tell: all at once, or out of their turn.
 */
function goesDone(
  { does, stretches = [] }: Step,
  known: KnownOfStep,
  count: number,
  at: (told: Told) => number,
): StepSoFar["goes"] {
  const firsts = does.map((_, place) => does.slice(0, place).reduce((sum, { ids }) => sum + ids.length, 0));
  const lastOf = new Map<number, number>();
  stretches.forEach(({ ids }, index) =>
    ids.forEach(([from, to], place) => {
      for (let id = from; id < to; id++) lastOf.set(firsts[place]! + id, index);
    }),
  );
  const goes: (readonly [number, number])[] = [];
  for (let index = 0; index < count; index++) {
    const own = [...lastOf].flatMap(([key, last]) => (last === index ? (known[key] ?? []) : []));
    const began = own.flatMap((one) => (one.began ? at(one.began) : []));
    const ended = own.flatMap((one) => (one.finished ? at(one.finished) : []));
    const from = Math.max(goes.at(-1)?.[1] ?? -Infinity, Math.min(...began));
    const to = Math.max(...ended);
    if (!Number.isFinite(from) || !Number.isFinite(to) || to < from) return null;
    goes.push([from, to]);
  }
  return goes;
}

function soFarOf(
  step: Step,
  ofKeys: KnownOfStep,
  at: (told: Told) => number,
  handOf: (told: Told) => number | null,
): StepSoFar | null {
  const known = ofKeys.filter((one) => one !== null);
  const began = known.flatMap((one) => one.began ?? []);
  const done = known.flatMap((one) => one.finished ?? []);
  const leftOut = known.flatMap((one) => one.skipped ?? []);
  const [told] = [...began, ...done, ...leftOut];
  if (!told) return null;
  const times = (all: readonly Told[]) => all.map(at);
  const isOver = ({ finished, skipped }: Progress) => (finished ?? skipped) !== undefined;
  const count = stretchesDone(step, ofKeys);
  return {
    began: began.length > 0 ? Math.min(...times(began)) : null,
    lastDone: done.length + leftOut.length > 0 ? Math.max(...times([...done, ...leftOut])) : null,
    share: known.filter(isOver).length / known.length,
    stretches: count,
    goes: goesDone(step, ofKeys, count, at),
    isLeftOut: done.length === 0 && leftOut.length > 0 && known.every(isOver),
    hand: handOf(told),
  };
}
