import { dayOf } from "../measure/calendar";
import { partStep } from "../work/keys";
import { doneIn, stretchesOf } from "../work/stepList";
import type { Step, Stretch } from "../work/step";
import type { ScheduledStep } from "./scheduledStep";

/**
 * The same steps with coats that are broken off by a night as one step for each day, "coat", "coat/2"; what waits for such
 * a coat waits for its last part.
 */
export function splitAtNights(scheduled: readonly ScheduledStep[]): ScheduledStep[] {
  const lastPart = new Map<string, string>();
  const split = scheduled.flatMap((one) => {
    // What really went on over a night, and not by its stretches, is told as it was.
    if (one.times === null || dayOf(one.start) === dayOf(one.end - 1)) return [one];
    const parts = partsOf(one);
    lastPart.set(one.step.id, parts.at(-1)!.step.id);
    return parts;
  });
  if (lastPart.size === 0) return split;
  const last = (id: string) => lastPart.get(id) ?? id;
  return split
    .map((one) => {
      // A later part waits for the one before it, which has its own name already.
      const isLater = one.step.part !== undefined && one.step.part.number > 1;
      if (isLater) return one;
      const after = one.step.after.map((wait) => ({ ...wait, step: last(wait.step) }));
      const heldFrom = one.heldFrom === null ? null : last(one.heldFrom);
      return { ...one, step: { ...one.step, after }, heldFrom };
    })
    .sort((a, b) => a.start - b.start || a.hand - b.hand);
}

/** A part's stretches, their ids counted from its own first; without what nothing is done of in them. */
function countedAnew(stretches: readonly Stretch[], does: number): Stretch[] {
  const places = Array.from({ length: does }, (_, place) => place);
  const first = places.map((place) => Math.min(...stretches.map(({ ids }) => ids[place]![0])));
  const isDone = places.map((place) => stretches.some(({ ids }) => ids[place]![1] > first[place]!));
  return stretches.map((stretch) => ({
    ...stretch,
    ids: stretch.ids.flatMap(([from, to], place) =>
      isDone[place] ? [[from - first[place]!, to - first[place]!] as const] : [],
    ),
  }));
}

/** A coat day by day. */
function partsOf(one: ScheduledStep): ScheduledStep[] {
  const { step } = one;
  const times = one.times!;
  const days = [...new Set(times.map(([from]) => dayOf(from)))];
  let before: ScheduledStep | null = null;
  return days.map((day, index): ScheduledStep => {
    const own = [...times.keys()].filter((place) => dayOf(times[place]![0]) === day);
    const stretches = own.map((place) => step.stretches![place]!);
    const [start, end] = [times[own[0]!]![0], times[own.at(-1)!]![1]];
    const minutes = own.reduce((sum, place) => sum + times[place]![1] - times[place]![0], 0);
    const part: Step = {
      ...step,
      id: partStep(step.id, index + 1),
      minutes,
      does: doneIn(step.does, stretches, step.stretches!),
      stretches: countedAnew(stretches, step.does.length),
      part: { number: index + 1, of: days.length },
      say: { ...step.say, values: { ...step.say.values, ...stretchesOf({ stretches }) } },
      ...(before && { after: [{ step: before.step.id, what: "after", minutes: 0 } as const] }),
    };
    const held = before && ({ heldBy: "night", heldFrom: before.step.id, released: [before.end] } as const);
    const ownTimes = own.length > 1 ? own.map((place) => times[place]!) : null;
    return (before = { ...one, step: part, start, end, times: ownTimes, ...held });
  });
}
