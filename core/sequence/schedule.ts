import type { HeldBy, ScheduledStep } from "./scheduledStep";
import { dayOf, minutesADay } from "../measure/calendar";
import { waitFactor } from "../trade/climate";
import type { Work } from "../work/schema";
import type { Step } from "../work/step";
import { candidateOrders, wettedBy } from "./candidateOrders";
import { linkSteps, releaseOf, timeOrder, waitsAt, type Links, type Order, type Times } from "./timeOrder";
import { splitAtNights } from "./splitAtNights";
import { workHoursOf, type WorkHours } from "./workHours";

/** A step that cannot be done as it should be, and why: it is in the schedule as well as it can be. */
export interface Impossible {
  readonly step: Step;
  readonly why: "too-long" | "too-few-hands" | "too-late";
}

export interface Schedule {
  readonly factor: number;
  /** In the order of their starts. */
  readonly steps: readonly ScheduledStep[];
  readonly end: number;
  /** The chain of steps that the end hangs on, the first first. */
  readonly critical: readonly string[];
  /** When the job would end with as many hands as one likes: no plan can be sooner. */
  readonly soonest: number;
  readonly impossible: readonly Impossible[];
}

/**
 * The best of the candidate orders for a job's steps in its air and hours, with what each step is held by. `crews`: the steps
 * as one person does them, as two do, and so on to the whole crew; what fewer do in less time is their plan.
 */
export function schedule(crews: readonly (readonly Step[])[], work: Work): Schedule {
  const hours = workHoursOf(work);
  const factor = waitFactor(work);
  let best: Tried | null = null;
  crews.forEach((given, index) => {
    best = bestOf(tryOrders(given, index + 1, hours, factor), best);
  });
  const { given, steps, links, waits, order, times, faults } = best!;
  const scheduled = splitAtNights(explain(steps, links, waits, order, times, hours));
  return {
    factor,
    steps: scheduled,
    end: times.end,
    critical: criticalOf(scheduled, times.end),
    soonest: Math.min(...[given, crews.at(-1)!].map((all) => soonestEnd(all, hours, factor))),
    impossible: [
      ...faults,
      ...[...new Set(times.late)].map((step): Impossible => ({ step: given[step]!, why: "too-late" })),
    ],
  };
}

/** What takes more than a day has, and is not divided: it is cut back to one. */
const isBeyondADay = ({ minutes, stretches }: Step, { usable }: WorkHours): boolean =>
  minutes > usable && (stretches?.length ?? 0) <= 1;

const withinADay = (given: readonly Step[], hours: WorkHours): Step[] =>
  given.map((step) => (isBeyondADay(step, hours) ? { ...step, minutes: hours.usable } : step));

/** Some steps, and what is the same for them in whatever order. */
interface Timing {
  readonly given: readonly Step[];
  readonly steps: readonly Step[];
  readonly links: Links;
  readonly waits: Float64Array;
  /** What each step has someone take in hand. */
  readonly wet: readonly string[];
  /** What cannot be done as it should be, however it is ordered. */
  readonly faults: readonly Impossible[];
}

/** An order of so many hands, and what comes of it. */
interface Tried extends Timing {
  readonly order: Order;
  readonly times: Times;
}

function tryOrders(given: readonly Step[], hands: number, hours: WorkHours, factor: number): Tried[] {
  const steps = withinADay(given, hours);
  const links = linkSteps(steps);
  const waits = waitsAt(links, factor);
  const wet = steps.map(wettedBy);
  const faults = given.flatMap((step): Impossible[] => [
    ...(hours.isTooLong(step) ? [{ step, why: "too-long" } as const] : []),
    ...((step.hands ?? 1) > hands ? [{ step, why: "too-few-hands" } as const] : []),
  ]);
  return candidateOrders(steps, links, hours, hands).map((order) => ({
    given,
    steps,
    links,
    waits,
    wet,
    faults,
    order,
    times: timeOrder(steps, links, waits, order, hours),
  }));
}

function soonestEnd(given: readonly Step[], hours: WorkHours, factor: number): number {
  const steps = withinADay(given, hours);
  const links = linkSteps(steps);
  return timeOrder(steps, links, waitsAt(links, factor), withAllHands(steps), hours).end;
}

/** What ends within so many minutes of the soonest ends with it: then it matters how often one changes over. */
const togetherMin = 30;

const faultsOf = ({ faults, times }: Tried): number => faults.length + times.late.length;
const lastDayOf = ({ times }: Tried): number => dayOf(times.end - 1);

/** By the first of some keys that differs; negative where the first is better. */
const compare = (mine: readonly number[], other: readonly number[]): number => {
  const at = mine.findIndex((value, index) => value !== other[index]);
  return at < 0 ? 0 : mine[at]! - other[at]!;
};

const leastBy = (all: readonly Tried[], keysOf: (tried: Tried) => readonly number[]): Tried => {
  const keys = new Map(all.map((tried) => [tried, keysOf(tried)]));
  return all.reduce((best, tried) => (compare(keys.get(tried)!, keys.get(best)!) < 0 ? tried : best));
};

/**
 * What has fewer faults is better, then what ends on an earlier day and sooner; of those that end together on a day what
 * takes up a colour seldom, and then what has people stand about less. What `fewer` hands do sooner is kept.
 * (So neither warmth nor one more person can make the last day later, nor one more person the end.)
 */
function bestOf(tried: readonly Tried[], fewer: Tried | null): Tried {
  const soonest = leastBy(tried, (one) => [faultsOf(one), one.times.end]);
  const atMost = fewer && faultsOf(fewer) <= faultsOf(soonest) ? fewer.times.end : Infinity;
  if (fewer && atMost < soonest.times.end) return fewer;
  const together = tried.filter(
    (one) =>
      faultsOf(one) === faultsOf(soonest) &&
      lastDayOf(one) === lastDayOf(soonest) &&
      one.times.end <= Math.min(atMost, soonest.times.end + togetherMin),
  );
  return leastBy(together, (one) => [countVisits(one), idleIn(one), one.times.end]);
}

/** To take up another colour is more of a break than to go on to another wall. */
const colourWeight = 3;

/** How often someone takes up another colour, or another sheet, or goes on to another wall. */
function countVisits({ steps, order, wet: wets }: Tried): number {
  const at: { wall?: string; wet?: string }[] = [];
  let visits = 0;
  order.steps.forEach((step, place) => {
    const { wall } = steps[step]!;
    const wet = wets[step]!;
    for (const hand of order.hands[place]!) {
      const before = at[hand] ?? {};
      if (wall !== before.wall) visits++;
      if (wet !== "" && wet !== before.wet) visits += colourWeight;
      at[hand] = { wall, wet: wet || before.wet };
    }
  });
  return visits;
}

/** Minutes for which people are there on a day and do nothing, between the first and the last that each does on it. */
function idleIn({ order: { steps: turn, hands }, times: { starts, ends } }: Tried): number {
  const lastOf = new Map<number, number>();
  let idle = 0;
  turn.forEach((step, place) => {
    for (const hand of hands[place]!) {
      const before = lastOf.get(hand);
      const isSameDay = before !== undefined && sameDay(before, starts[step]!);
      if (isSameDay) idle += starts[step]! - before;
      lastOf.set(hand, ends[step]!);
    }
  });
  return idle;
}

const sameDay = (a: number, b: number): boolean => dayOf(a - 1) === dayOf(b - 1);

const withAllHands = (steps: readonly Step[]): Order => ({
  steps: [...steps.keys()],
  hands: [...steps.keys()].map((hand) => [hand]),
});

function explain(
  steps: readonly Step[],
  links: Links,
  waits: Float64Array,
  order: Order,
  { starts, ends }: Times,
  hours: WorkHours,
): ScheduledStep[] {
  const lastOf: (number | undefined)[] = [];
  const following = new Set(links.latest.map(({ before }) => before));
  const firstMinute = hours.startOf(0, { minutes: 1 });
  const scheduled = order.steps.map((index, place): ScheduledStep => {
    const hands = order.hands[place]!;
    const before = lastToEnd(
      hands.map((hand) => lastOf[hand]),
      ends,
    );
    for (const hand of hands) lastOf[hand] = index;
    const start = starts[index]!;
    const released: number[] = [];
    const first = links.first[index]!;
    for (let link = first; link < links.first[index + 1]!; link++) {
      released.push(releaseOf(links, waits, link, ends));
    }
    const waited = Math.max(0, ...released);
    const busy = before === undefined ? 0 : ends[before]!;
    const isWait = released.length > 0 && waited >= busy;
    const from = isWait ? links.before[first + released.indexOf(waited)]! : before;
    const heldBy = (): HeldBy => {
      if (from === undefined || start === firstMinute) return "start";
      const free = Math.max(waited, busy);
      if (start > free) {
        if (following.has(index)) return "follower";
        const isAfterBreak = hours.pause !== null && start % minutesADay === hours.pause.to;
        return isAfterBreak || start === hours.freeFrom(free) ? "break" : "night";
      }
      return isWait ? "wait" : "hands";
    };
    return {
      step: steps[index]!,
      start,
      end: ends[index]!,
      times: (steps[index]!.stretches?.length ?? 0) > 1 ? hours.stretchTimes(start, steps[index]!) : null,
      hand: hands[0]!,
      hands,
      heldBy: heldBy(),
      heldFrom: from === undefined ? null : steps[from]!.id,
      released,
    };
  });
  return inOrderOfStarts(scheduled);
}

const inOrderOfStarts = (scheduled: readonly ScheduledStep[]): ScheduledStep[] =>
  scheduled
    .map((step, place) => ({ step, place }))
    .sort((a, b) => a.step.start - b.step.start || a.step.hand - b.step.hand || a.place - b.place)
    .map(({ step }) => step);

/** Of what several people did last, what ended last. */
function lastToEnd(lasts: readonly (number | undefined)[], ends: Float64Array): number | undefined {
  let last: number | undefined;
  for (const step of lasts) {
    if (step !== undefined && (last === undefined || ends[step]! > ends[last]!)) last = step;
  }
  return last;
}

function criticalOf(steps: readonly ScheduledStep[], end: number): string[] {
  const byId = new Map(steps.map((step) => [step.step.id, step]));
  const chain: string[] = [];
  let at = steps.find((step) => step.end === end);
  while (at) {
    chain.unshift(at.step.id);
    at = at.heldFrom === null ? undefined : byId.get(at.heldFrom);
  }
  return chain;
}
