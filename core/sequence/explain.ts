import { minutesADay } from "../measure/calendar";
import type { Step } from "../work/step";
import type { HeldBy, ScheduledStep } from "./scheduledStep";
import type { Pin, Standing } from "./standing";
import { releaseOf, type Links, type Order, type Times } from "./timeOrder";
import type { WorkHours } from "./workHours";

/** Steps in an order, with their times. */
interface Timed {
  readonly steps: readonly Step[];
  readonly links: Links;
  readonly waits: Float64Array;
  readonly order: Order;
  readonly times: Times;
  readonly standing?: Standing;
}

/** Why each step starts when it does, in the order of their starts. */
export function explain(
  { steps, links, waits, order, times: { starts, ends }, standing }: Timed,
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
      times: timesOf(steps[index]!, start, standing?.pins[index] ?? null, hours),
      hand: hands[0]!,
      hands,
      heldBy: heldBy(),
      heldFrom: from === undefined ? null : steps[from]!.id,
      released,
    };
  });
  return inOrderOfStarts(scheduled);
}

function timesOf(step: Step, start: number, pin: Pin | null, hours: WorkHours): ScheduledStep["times"] {
  if (pin) return pin.times;
  return (step.stretches?.length ?? 0) > 1 ? hours.stretchTimes(start, step) : null;
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

/** The chain of steps that an end hangs on, the first first. */
export function criticalOf(steps: readonly ScheduledStep[], end: number): string[] {
  const byId = new Map(steps.map((step) => [step.step.id, step]));
  const chain: string[] = [];
  let at = steps.find((step) => step.end === end);
  while (at) {
    chain.unshift(at.step.id);
    at = at.heldFrom === null ? undefined : byId.get(at.heldFrom);
  }
  return chain;
}
