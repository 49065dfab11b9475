import { candidateOrders } from "./candidateOrders";
import { waitFactor } from "./climate";
import type { Work } from "./schema";
import type { Step } from "./step";
import { linkSteps, releaseOf, timeOrder, type Link, type Order, type Times } from "./timeOrder";
import { workHoursOf, type WorkHours } from "./workHours";

/** Why a step starts when it does and not sooner: what it waits for, whose hands are busy, or that the day is over. */
export type HeldBy = "start" | "wait" | "hands" | "night";

export interface ScheduledStep {
  readonly step: Step;
  /** Minutes from midnight before the first day. */
  readonly start: number;
  readonly end: number;
  /** From 0. */
  readonly hand: number;
  readonly heldBy: HeldBy;
  /** The step that it waited for, or that kept the hands busy. */
  readonly heldFrom: string | null;
  /** When each of its waits is over, in their order. */
  readonly released: readonly number[];
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
}

/** The best of the candidate orders for a job's steps in its air and hours, with what each step is held by. */
export function schedule(steps: readonly Step[], work: Work): Schedule {
  const hours = workHoursOf(work);
  const factor = waitFactor(work);
  const links = linkSteps(steps, factor);
  let best: { order: Order; times: Times; switches: number } | null = null;
  for (const order of candidateOrders(steps, hours, work.crew)) {
    const times = timeOrder(steps, links, order, hours);
    if (best && times.end > best.times.end) continue;
    const switches = countSwitches(steps, order);
    if (best && times.end === best.times.end && switches >= best.switches) continue;
    best = { order, times, switches };
  }
  const { order, times } = best!;
  const scheduled = explain(steps, links, order, times, hours);
  return {
    factor,
    steps: scheduled,
    end: times.end,
    critical: criticalOf(scheduled, times.end),
    soonest: timeOrder(steps, links, withAllHands(steps), hours).end,
  };
}

/** How often someone goes on to another wall. */
function countSwitches(steps: readonly Step[], order: Order): number {
  const at: (string | undefined)[] = [];
  let switches = 0;
  order.steps.forEach((step, place) => {
    const { wall } = steps[step]!;
    const hand = order.hands[place]!;
    if (wall !== at[hand]) switches++;
    at[hand] = wall;
  });
  return switches;
}

const withAllHands = (steps: readonly Step[]): Order => ({
  steps: [...steps.keys()],
  hands: [...steps.keys()],
});

function explain(
  steps: readonly Step[],
  links: readonly Link[][],
  order: Order,
  { starts, ends }: Times,
  hours: WorkHours,
): ScheduledStep[] {
  const lastOf: (number | undefined)[] = [];
  const scheduled = order.steps.map((index, place): ScheduledStep => {
    const hand = order.hands[place]!;
    const before = lastOf[hand];
    lastOf[hand] = index;
    const start = starts[index]!;
    const released = links[index]!.map((link) => releaseOf(link, ends));
    const waited = Math.max(0, ...released);
    const busy = before === undefined ? 0 : ends[before]!;
    const from = waited >= busy ? links[index]![released.indexOf(waited)]?.before : before;
    const isFirst = from === undefined || start === hours.fit(0, 1);
    const heldBy = isFirst
      ? "start"
      : start > Math.max(waited, busy)
        ? "night"
        : waited >= busy
          ? "wait"
          : "hands";
    const heldFrom = from === undefined ? null : steps[from]!.id;
    return { step: steps[index]!, start, end: ends[index]!, hand, heldBy, heldFrom, released };
  });
  return scheduled
    .map((step, place) => ({ step, place }))
    .sort((a, b) => a.step.start - b.step.start || a.step.hand - b.step.hand || a.place - b.place)
    .map(({ step }) => step);
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
