import { minutesADay } from "../measure/calendar";
import type { PlanDay, PlanDid, PlanStep } from "../plan/planDayTypes";
import type { Plan } from "../plan/planTypes";

/** Something that is done to one thing, from when to when. */
export interface Doing {
  readonly step: PlanStep;
  readonly did: PlanDid;
  readonly id: string;
  readonly wall: string;
  readonly from: number;
  readonly to: number;
  /** The stretches in which it is done, each from when to when. */
  readonly spans: readonly Span[];
}

export type Span = readonly [from: number, to: number];

/** The break of the day in which a step stands, in minutes from the first midnight. */
function breakIn({ day }: PlanStep, days: ReadonlyMap<number, PlanDay>): Span | null {
  const pause = days.get(day)?.pause;
  if (!pause) return null;
  const midnight = (day - 1) * minutesADay;
  const minutesOf = (clock: string) => Number(clock.slice(0, 2)) * 60 + Number(clock.slice(3));
  return [midnight + minutesOf(pause.from), midnight + minutesOf(pause.to)];
}

/** When each stretch of a step is done, as it is told; else one after the other, none begun that would run into the break. */
export function spansOf(step: PlanStep, days: ReadonlyMap<number, PlanDay>): Span[] {
  const { stretches = [], start, end, minutes } = step;
  if (stretches.length < 2) return [[start, end]];
  const total = stretches.reduce((sum, stretch) => sum + stretch.minutes, 0);
  const scale = total > 0 ? minutes / total : 0;
  const told = stretches.flatMap(({ start: from }) => from ?? []);
  // Those of a step that has been moved since are none.
  const areTold =
    told.length === stretches.length &&
    told[0] === start &&
    Math.abs(told.at(-1)! + stretches.at(-1)!.minutes * scale - end) <= slackMin;
  if (areTold)
    return told.map((from, index): Span => [
      from,
      Math.min(told[index + 1] ?? end, from + stretches[index]!.minutes * scale + slackMin),
    ]);
  const pause = end - start > minutes ? breakIn(step, days) : null;
  // What is done took as long as it really did.
  const rested = pause ? Math.max(0, Math.min(end, pause[1]) - Math.max(start, pause[0])) : 0;
  const real = step.state === "done" && total > 0 ? (end - start - rested) / total : scale;
  let at = start;
  return stretches.map((stretch): Span => {
    const lasts = stretch.minutes * real;
    if (pause && at < pause[1] && at + lasts > pause[0] + slackMin) at = Math.max(at, pause[1]);
    const from = at;
    at += lasts;
    return [from, at];
  });
}

/** Whole minutes that are told hide so much of a stretch. */
const slackMin = 1;

/** Everything that a plan's steps do, in the order in which it is begun. */
export function timelineOf({ steps, days }: Plan): Doing[] {
  const dayOf = new Map(days.map((day) => [day.day, day]));
  return steps
    .flatMap((step) => {
      const spans = spansOf(step, dayOf);
      return step.does.flatMap((did, place) => doingsOf(step, did, place, spans));
    })
    .sort((a, b) => a.from - b.from);
}

function doingsOf(step: PlanStep, did: PlanDid, place: number, spans: readonly Span[]): Doing[] {
  const wall = did.wall ?? "";
  const { stretches = [] } = step;
  if (spans.length < 2) {
    const all: Span[] = [[step.start, step.end]];
    return did.ids.map((id) => ({ step, did, id, wall, from: step.start, to: step.end, spans: all }));
  }
  const own = did.ids.map((): Span[] => []);
  stretches.forEach((stretch, index) => {
    const range = stretch.ids[place];
    if (range) for (let at = range[0]; at < range[1]; at++) own[at]?.push(spans[index]!);
  });
  return did.ids.map((id, at) => {
    // What no stretch tells of is done at the end.
    const mine = own[at]!.length > 0 ? own[at]! : [[step.start, step.end] as const];
    return { step, did, id, wall, from: mine[0]![0], to: mine.at(-1)![1], spans: mine };
  });
}
