import { toldOf } from "../journal/defineKind";
import type { Happened } from "../journal/happened";
import { air } from "../journal/kinds/air";
import { hours } from "../journal/kinds/hours";
import { parseMoment, type Moment } from "../journal/moment";
import { minutesADay } from "../measure/calendar";
import { waitFactor } from "../trade/climate";
import type { Away, OverAt } from "../sequence/standing";
import type { Job } from "./schema";

/**
 * When a wait is over in the air that was and is: each reading holds until the next, the document's before the first. Drying
 * goes on at one minute of the label in as many as the air makes of it. Null where no air was told of.
 */
export function airSoFar({ work }: Job, happened: Happened, timeOf: (at: Moment) => number): OverAt | null {
  const told = toldOf(happened, air);
  if (told.length === 0) return null;
  const spells = [
    { from: -Infinity, factor: waitFactor(work) },
    ...told.map(({ told: { at }, temperature, humidity }) => ({
      from: timeOf(at),
      factor: waitFactor({ temperature, humidity }),
    })),
  ];
  return (from, labelMinutes) => {
    let [at, left] = [from, labelMinutes];
    for (const [place, { factor }] of spells.entries()) {
      const until = spells[place + 1]?.from ?? Infinity;
      if (until <= at) continue;
      const needs = left * factor;
      if (at + needs <= until) return Math.ceil(at + needs - 1e-9);
      left -= (until - at) / factor;
      at = until;
    }
    return at;
  };
}

/** When each hand is not there, on the days of which its hours were told; the last word on a day counts. */
export function awaySoFar(
  { work: { crew } }: Job,
  happened: Happened,
  timeOf: (at: Moment) => number,
): Away[][] {
  const told = toldOf(happened, hours);
  const names = [...new Set([...happened.people, ...told.map(({ who }) => who)])];
  const days = new Map<string, { hand: number; from: number; to: number; midnight: number }>();
  for (const { who, from, to } of told) {
    // Moments that do not hold were refused with their entry.
    const [begin, end] = [parseMoment(from)!, parseMoment(to)!];
    const hand = names.indexOf(who);
    if (hand >= crew) continue;
    const midnight = timeOf({ ...begin, minutes: 0 });
    days.set(`${hand} ${midnight}`, { hand, midnight, from: timeOf(begin), to: timeOf(end) });
  }
  return Array.from({ length: crew }, (_, hand) =>
    [...days.values()]
      .filter((day) => day.hand === hand)
      .sort((a, b) => a.midnight - b.midnight)
      .flatMap(({ midnight, from, to }): Away[] => [
        [midnight, from],
        [Math.max(from, to), midnight + minutesADay],
      ])
      .filter(([from, to]) => to > from),
  );
}
