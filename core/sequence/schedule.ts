import type { HeldBy, ScheduledStep } from "./scheduledStep";
import { minutesADay } from "../measure/calendar";
import { waitFactor } from "../trade/climate";
import type { Work } from "../work/schema";
import type { Step } from "../work/step";
import { candidateOrders } from "./candidateOrders";
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

/** The best of the candidate orders for a job's steps in its air and hours, with what each step is held by. */
export function schedule(given: readonly Step[], work: Work): Schedule {
  const hours = workHoursOf(work);
  const steps = given.map((step) => (isBeyondADay(step, hours) ? { ...step, minutes: hours.usable } : step));
  const factor = waitFactor(work);
  const links = linkSteps(steps);
  const waits = waitsAt(links, factor);
  let best: Tried | null = null;
  for (const order of candidateOrders(steps, links, hours, work.crew)) {
    const times = timeOrder(steps, links, waits, order, hours);
    const tried = { order, times, switches: countSwitches(steps, order) };
    if (!best || isBetter(tried, best)) best = tried;
  }
  const { order, times } = best!;
  const scheduled = splitAtNights(explain(steps, links, waits, order, times, hours));
  return {
    factor,
    steps: scheduled,
    end: times.end,
    critical: criticalOf(scheduled, times.end),
    soonest: timeOrder(steps, links, waits, withAllHands(steps), hours).end,
    impossible: [
      ...given.flatMap((step): Impossible[] => [
        ...(hours.isTooLong(step) ? [{ step, why: "too-long" } as const] : []),
        ...((step.hands ?? 1) > work.crew ? [{ step, why: "too-few-hands" } as const] : []),
      ]),
      ...[...new Set(times.late)].map((step): Impossible => ({ step: given[step]!, why: "too-late" })),
    ],
  };
}

/** What takes more than a day has, and is not divided: it is cut back to one. */
const isBeyondADay = ({ minutes, stretches }: Step, { usable }: WorkHours): boolean =>
  minutes > usable && (stretches?.length ?? 0) <= 1;

interface Tried {
  readonly order: Order;
  readonly times: Times;
  readonly switches: number;
}

/**
 * What keeps more of the latest times is better, then what ends on an earlier day; on the same day a colour that is taken
 * up seldom is worth more than an hour, and then what ends sooner. (So neither warmth nor one more person can make the
 * last day later.)
 */
function isBetter(a: Tried, b: Tried): boolean {
  const keyOf = ({ times, switches }: Tried) =>
    [times.late.length, Math.floor((times.end - 1) / minutesADay), switches, times.end] as const;
  const [mine, other] = [keyOf(a), keyOf(b)];
  const at = mine.findIndex((value, index) => value !== other[index]);
  return at >= 0 && mine[at]! < other[at]!;
}

/** To take up another colour is more of a break than to go on to another wall. */
const colourSwitchWeight = 3;

/** How often someone takes up another colour, or goes on to another wall. */
function countSwitches(steps: readonly Step[], order: Order): number {
  const at: { wall?: string; colour?: string }[] = [];
  let switches = 0;
  order.steps.forEach((step, place) => {
    const { wall, colour } = steps[step]!;
    for (const hand of order.hands[place]!) {
      const before = at[hand] ?? {};
      if (wall !== before.wall) switches++;
      if (colour !== undefined && colour !== before.colour) switches += colourSwitchWeight;
      at[hand] = { wall, colour: colour ?? before.colour };
    }
  });
  return switches;
}

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
