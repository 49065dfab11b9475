import { minutesADay } from "../measure/calendar";
import type { Step } from "../work/step";
import type { Away, OverAt, Standing } from "./standing";
import type { WorkHours } from "./workHours";

/** Steps by index, each with those who do it, in the order in which they are begun. */
export interface Order {
  readonly steps: readonly number[];
  /** Whose hands, from 0, by place in `steps`; several where it takes several. */
  readonly hands: readonly (readonly number[])[];
}

/** What all steps wait for, by index, in rows: the waits of step s are numbers first[s] up to first[s + 1]. */
export interface Links {
  readonly first: Int32Array;
  readonly before: Int32Array;
  /** As on the label. */
  readonly least: Float64Array;
  readonly isNextDay: Uint8Array;
  /** No air shortens or lengthens them. */
  readonly isSteady: Uint8Array;
  /** Latest times: step `step` begins at most so many minutes after `before` has ended. */
  readonly latest: readonly { readonly step: number; readonly before: number; readonly minutes: number }[];
  /** In air that was told of: when so many minutes of the label are over that begin at a time. */
  readonly overAt?: OverAt;
}

/** When each step starts and ends, by index: minutes from midnight before the first day. */
export interface Times {
  readonly starts: Float64Array;
  readonly ends: Float64Array;
  /** When the last one ends. */
  readonly end: number;
  /** Steps that begin later than they may. */
  readonly late: readonly number[];
}

/** The same links where nothing waits for steps that were left out. */
export function linksWithout(links: Links, pins: Standing["pins"]): Links {
  const isIdle = (link: number) => pins[links.before[link]!]?.isLeftOut === true;
  return {
    ...links,
    least: links.least.map((minutes, link) => (isIdle(link) ? 0 : minutes)),
    isNextDay: links.isNextDay.map((isNext, link) => (isIdle(link) ? 0 : isNext)),
  };
}

/** The waits of all steps as rows of numbers. */
export function linkSteps(steps: readonly Step[]): Links {
  const indexOf = new Map(steps.map(({ id }, index) => [id, index]));
  const count = steps.reduce((sum, { after }) => sum + after.length, 0);
  const first = new Int32Array(steps.length + 1);
  const before = new Int32Array(count);
  const least = new Float64Array(count);
  const isNextDay = new Uint8Array(count);
  const isSteady = new Uint8Array(count);
  let link = 0;
  steps.forEach(({ after }, index) => {
    for (const { step, minutes, what } of after) {
      before[link] = indexOf.get(step)!;
      least[link] = minutes;
      isNextDay[link] = what === "next-day" ? 1 : 0;
      isSteady[link] = what === "looks" ? 1 : 0;
      link++;
    }
    first[index + 1] = link;
  });
  const latest = steps.flatMap(({ within = [] }, step) =>
    within.map((wait) => ({ step, before: indexOf.get(wait.step)!, minutes: wait.minutes })),
  );
  return { first, before, least, isNextDay, isSteady, latest };
}

/** All waits in whole minutes, each so many times as long as on the label. */
export const waitsAt = ({ least, isSteady }: Links, factor: number): Float64Array =>
  least.map((minutes, link) => Math.ceil(minutes * (isSteady[link] ? 1 : factor) - 1e-9));

/** When what one link waits for is over. */
export function releaseOf(links: Links, waits: Float64Array, link: number, ends: Float64Array): number {
  const end = ends[links.before[link]!]!;
  if (links.overAt && !links.isNextDay[link] && !links.isSteady[link])
    return links.overAt(end, links.least[link]!);
  return links.isNextDay[link] ? (Math.floor(end / minutesADay) + 1) * minutesADay : end + waits[link]!;
}

/** When all that a step waits for is over. */
export function releasedAt(links: Links, waits: Float64Array, step: number, ends: Float64Array): number {
  let released = 0;
  for (let link = links.first[step]!; link < links.first[step + 1]!; link++) {
    released = Math.max(released, releaseOf(links, waits, link, ends));
  }
  return released;
}

/** A step is put off this often at most for what has to follow it closely; then it cannot be had. */
const mostDelays = 60;

/**
 * Each step of an order as early as its waits, its hands and the hours allow; of a job under way no earlier than now, what stands
 * where it stands. With the order kept, no start can come
 * earlier when a wait grows: every start is the least time that is no less than what it waits for. Where a step would begin
 * later than it may after another, that other one is put off until it does not: to another day, if need be.
 */
export function timeOrder(
  steps: readonly Step[],
  links: Links,
  waits: Float64Array,
  order: Order,
  hours: WorkHours,
  standing?: Standing,
): Times {
  const notBefore = new Float64Array(steps.length).fill(standing?.now ?? 0);
  const pins = standing?.pins;
  const { away } = standing ?? {};
  const once = () => timeOnce(steps, links, waits, order, hours, { notBefore, pins, away });
  let times = once();
  for (let round = 0; times.late.length > 0 && round < mostDelays; round++) {
    let isMoved = false;
    for (const { step, before, minutes } of links.latest) {
      const start = times.starts[step]! - minutes - steps[before]!.minutes;
      if (start <= times.starts[before]! || pins?.[before]) continue;
      notBefore[before] = start;
      isMoved = true;
    }
    if (!isMoved) break;
    times = once();
  }
  return times;
}

/** What an order is timed within. */
interface Bounds {
  readonly notBefore: Float64Array;
  readonly pins: Standing["pins"] | undefined;
  readonly away: Standing["away"] | undefined;
}

/** The earliest start of a step at which nobody whom it takes is away while it is done. */
function startWith(earliest: number, step: Step, away: readonly Away[], hours: WorkHours): number {
  let start = hours.startOf(earliest, step);
  for (;;) {
    const isBroken = (step.stretches?.length ?? 0) > 1;
    const done: readonly Away[] = isBroken
      ? hours.stretchTimes(start, step)
      : [[start, hours.endOf(start, step)]];
    const missed = away.filter(([from, to]) => done.some((own) => own[0] < to && own[1] > from));
    if (missed.length === 0) return start;
    start = hours.startOf(Math.max(start + 1, ...missed.map(([, to]) => to)), step);
  }
}

function timeOnce(
  steps: readonly Step[],
  links: Links,
  waits: Float64Array,
  order: Order,
  hours: WorkHours,
  { notBefore, pins, away }: Bounds,
): Times {
  const starts = new Float64Array(steps.length);
  const ends = new Float64Array(steps.length);
  const freeAt: number[] = [];
  let end = 0;
  // What stands comes first, whatever its turn: it holds its hands until it is done.
  order.steps.forEach((step, place) => {
    const pin = pins?.[step];
    if (!pin) return;
    [starts[step], ends[step]] = [pin.start, pin.end];
    for (const hand of order.hands[place]!)
      freeAt[hand] = Math.max(freeAt[hand] ?? 0, hours.freeFrom(pin.end));
    end = Math.max(end, pin.end);
  });
  for (let place = 0; place < order.steps.length; place++) {
    const step = order.steps[place]!;
    if (pins?.[step]) continue;
    const hands = order.hands[place]!;
    let earliest = Math.max(notBefore[step]!, releasedAt(links, waits, step, ends));
    for (const hand of hands) earliest = Math.max(earliest, freeAt[hand] ?? 0);
    const start = startWith(
      earliest,
      steps[step]!,
      hands.flatMap((hand) => away?.[hand] ?? []),
      hours,
    );
    const done = hours.endOf(start, steps[step]!);
    starts[step] = start;
    ends[step] = done;
    const free = hours.freeFrom(done);
    for (const hand of hands) freeAt[hand] = free;
    end = Math.max(end, done);
  }
  const late = links.latest.flatMap(({ step, before, minutes }) =>
    starts[step]! > ends[before]! + minutes ? [step] : [],
  );
  return { starts, ends, end, late };
}
