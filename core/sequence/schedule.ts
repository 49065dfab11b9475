import { criticalOf, explain } from "./explain";
import type { ScheduledStep } from "./scheduledStep";
import { KeepingAll } from "../geometry/keeping";
import { dayOf } from "../measure/calendar";
import { waitFactor } from "../trade/climate";
import type { Work } from "../work/schema";
import type { Step } from "../work/step";
import { candidateOrders, wettedBy } from "./candidateOrders";
import { linksWithout, linkSteps, timeOrder, waitsAt, type Links, type Order, type Times } from "./timeOrder";
import type { Pin, Standing } from "./standing";
import { pinOf, type UnderWay } from "./underWay";
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
 * as one person does them, as two do, and so on to the whole crew; what fewer do in less time is their plan. Of a job that is under
 * way what is begun stands, and the rest keeps its order as long as all goes to plan.
 */
export function schedule(
  crews: readonly (readonly Step[])[],
  work: Work,
  underWay: UnderWay | null = null,
): Schedule {
  const hours = workHoursOf(work);
  const factor = waitFactor(work);
  const tried = crews.map((given, index) =>
    keptOrders.answer(given, [index + 1, work], () => tryOrders(given, index + 1, hours, factor)),
  );
  const best = underWay ? fromNow(tried, underWay, hours, factor) : bestOfCrews(tried);
  const most = tried.at(-1)![0]!;
  const { given, times, faults } = best;
  const scheduled = splitAtNights(explain(best, hours));
  return {
    factor,
    steps: scheduled,
    end: times.end,
    critical: criticalOf(scheduled, times.end),
    soonest: Math.min(
      underWay ? times.end : Infinity,
      ...[best, ...(best.steps === most.steps ? [] : [most])].map((one) =>
        soonestEnd(one, hours, factor, underWay),
      ),
    ),
    impossible: [
      ...faults,
      ...[...new Set(times.late)].map((step): Impossible => ({ step: given[step]!, why: "too-late" })),
    ],
  };
}

/** Whatever happens meanwhile, the same steps are first ordered the same. */
const keptOrders = new KeepingAll<Tried[]>();

const bestOfCrews = (crews: readonly (readonly Tried[])[]): Tried =>
  crews.reduce<Tried | null>((best, tried) => bestOf(tried, best), null)!;

/** As it was ordered at first where the rest comes out as it did then; else the best of all orders from now on, that one among them. */
function fromNow(
  crews: readonly (readonly Tried[])[],
  underWay: UnderWay,
  hours: WorkHours,
  factor: number,
): Tried {
  const atFirst = bestOfCrews(crews);
  const [kept] = stood([atFirst], underWay, hours, factor);
  const { pins } = kept!.standing!;
  const isToPlan = pins.every((pin, step) => pin || kept!.times.starts[step] === atFirst.times.starts[step]);
  return isToPlan ? kept! : bestOfCrews(crews.map((own) => stood(own, underWay, hours, factor)));
}

/** What stands of some steps, and their links from now on: the same in whatever order the rest comes. */
function standingOf(
  { steps, links }: Timing,
  underWay: UnderWay,
  hours: WorkHours,
  factor: number,
): Pick<Tried, "standing" | "links" | "waits"> {
  const { now, away, overAt } = underWay;
  const pins = steps.map((step) => pinOf(step, steps, underWay, hours));
  const rest = linksWithout(links, pins);
  const open = overAt ? { ...rest, overAt } : rest;
  return { standing: { now, pins, away }, links: open, waits: waitsAt(open, factor) };
}

/** Orders of the same steps with what stands already where it stands, and the hands that did it. */
function stood(tried: readonly Tried[], underWay: UnderWay, hours: WorkHours, factor: number): Tried[] {
  const from = standingOf(tried[0]!, underWay, hours, factor);
  const { links, waits, standing } = from;
  return tried.map((one) => {
    const order = { steps: one.order.steps, hands: handsThatStood(one.order, standing!.pins) };
    return { ...one, ...from, order, times: timeOrder(one.steps, links, waits, order, hours, standing) };
  });
}

/**
 * Whose hands a step under way has: who told of it, and beside him whom the order says, unless that one is at something else meanwhile
 * by what was told: then somebody who is not.
 */
function handsThatStood({ steps, hands }: Order, pins: Standing["pins"]): readonly (readonly number[])[] {
  const crew = [...new Set(hands.flat())].sort((a, b) => a - b);
  const isBusy = (hand: number, at: Pin) =>
    steps.some((step) => {
      const other = pins[step];
      return other && other !== at && other.hand === hand && other.start < at.end && at.start < other.end;
    });
  return hands.map((own, place) => {
    const pin = pins[steps[place]!];
    if (!pin || pin.hand === null) return own;
    const told = pin.hand;
    const stood = own.includes(told) ? own : [told, ...own.slice(1)];
    if (stood.length === 1 || !stood.some((hand) => hand !== told && isBusy(hand, pin))) return stood;
    const others = [...new Set([...stood, ...crew])].filter((hand) => hand !== told);
    const free = others.filter((hand) => !isBusy(hand, pin));
    const beside = [...free, ...others.filter((hand) => !free.includes(hand))];
    return [told, ...beside.slice(0, stood.length - 1)];
  });
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
  /** Of a job under way. */
  readonly standing?: Standing;
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

/** With as many hands as one likes, of whom nobody is missed. */
function soonestEnd(one: Tried, hours: WorkHours, factor: number, underWay: UnderWay | null): number {
  const { links, waits, standing } =
    underWay && !one.standing ? standingOf(one, underWay, hours, factor) : one;
  const open = standing && { ...standing, away: [] };
  return timeOrder(one.steps, links, waits, withAllHands(one.steps), hours, open).end;
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
