import { minutesADay } from "../measure/calendar";
import type { Step } from "./step";
import type { WorkHours } from "./workHours";

/** Steps by index, each with the one who does it, in the order in which they are begun. */
export interface Order {
  readonly steps: readonly number[];
  /** Whose hands, from 0, by place in `steps`. */
  readonly hands: readonly number[];
}

/** What a step waits for, by index, with the wait in whole minutes. */
export interface Link {
  readonly before: number;
  readonly minutes: number;
  readonly isNextDay: boolean;
}

/** When each step starts and ends, by index: minutes from midnight before the first day. */
export interface Times {
  readonly starts: readonly number[];
  readonly ends: readonly number[];
  /** When the last one ends. */
  readonly end: number;
}

/** The waits of all steps as indices, each so many times as long as on the label. */
export function linkSteps(steps: readonly Step[], factor: number): Link[][] {
  const indexOf = new Map(steps.map(({ id }, index) => [id, index]));
  return steps.map(({ after }) =>
    after.map(({ step, minutes, what }) => ({
      before: indexOf.get(step)!,
      minutes: Math.ceil(minutes * factor - 1e-9),
      isNextDay: what === "next-day",
    })),
  );
}

/** When what a step waits for is over. */
export function releaseOf(link: Link, ends: readonly number[]): number {
  const end = ends[link.before]!;
  return link.isNextDay ? (Math.floor(end / minutesADay) + 1) * minutesADay : end + link.minutes;
}

/**
 * Each step of an order as early as its waits, its hands and the hours allow. With the order kept, no start can come
 * earlier when a wait grows: every start is the least time that is no less than what it waits for.
 */
export function timeOrder(
  steps: readonly Step[],
  links: readonly Link[][],
  order: Order,
  hours: WorkHours,
): Times {
  const starts = new Array<number>(steps.length).fill(0);
  const ends = new Array<number>(steps.length).fill(0);
  const freeAt: number[] = [];
  let end = 0;
  order.steps.forEach((step, place) => {
    const hand = order.hands[place]!;
    let earliest = freeAt[hand] ?? 0;
    for (const link of links[step]!) earliest = Math.max(earliest, releaseOf(link, ends));
    const { minutes } = steps[step]!;
    const start = hours.fit(earliest, minutes);
    starts[step] = start;
    ends[step] = start + minutes;
    freeAt[hand] = start + minutes;
    end = Math.max(end, start + minutes);
  });
  return { starts, ends, end };
}
