import { toldOf } from "../journal/defineKind";
import type { Happened, Kept } from "../journal/happened";
import { measured } from "../journal/kinds/measured";
import { settled } from "../journal/kinds/settled";
import { formatReading } from "../measure/formatReading";
import { roundToDivision } from "../measure/roundToDivision";
import type { PlanDrift, PlanDriftChoice } from "../plan/planDayTypes";
import type { Plan, PlanWall } from "../plan/planTypes";
import { judgeDifference, visibleTolerance, type Visibility } from "../trade/visibleDifference";
import { redoing } from "../work/mend/mishaps";
import type { Job } from "./schema";

type Axis = "x" | "y";

/** Two things of a finish stand at one place when they are no further apart, mm. */
const samePlaceMm = 0.5;

/**
 * Whether patterns run away from their readings: of each finish and axis, the line through the errors that were read, step by step,
 * as least squares have it (one reading tells an offset and no trend), carried on to the last step; whether that shows against
 * the size of a step from where people stand; and what can be done about it.
 */
export function driftsOf(plan: Plan, job: Job, happened: Happened): PlanDrift[] {
  const told = toldOf(happened, measured);
  const keys = [...new Set(told.map(({ finish, axis }) => `${axis} ${finish}`))];
  return keys.flatMap((key): PlanDrift[] => {
    const [axis, finish] = [key.slice(0, 1) as Axis, key.slice(2)];
    const steps = placesOf(plan.walls, finish, axis);
    const last = new Map(
      told.filter((one) => one.axis === axis && one.finish === finish).map((one) => [one.of, one]),
    );
    if (steps.length < 2) return [];
    const said = toldOf(happened, settled).findLast((one) => one.axis === axis && one.finish === finish);
    const isSince = ({ told: { at } }: Kept<object>) => !said || at.instant > said.told.at.instant;
    const all = [...last.values()];
    // What was read before something was done about it tells nothing of what came after that.
    const since = all.filter(isSince);
    const isSettled = said !== undefined && since.length === 0;
    const own = since.length > 0 ? since : all;
    const checks = own.map(({ expected, read }) => ({
      step: nearest(
        steps.map(({ at }) => at),
        expected,
      ),
      error: read - expected,
    }));
    const found = driftOf(finish, axis, steps, checks, job);
    return [isSettled ? { ...found, ...settledAs(found, said, steps, checks) } : found];
  });
}

interface Check {
  readonly step: number;
  readonly error: number;
}

function driftOf(
  finish: string,
  axis: Axis,
  steps: readonly Place[],
  checks: readonly Check[],
  job: Job,
): PlanDrift {
  const { offset, slope } = lineThrough(checks);
  const at = (step: number) => offset + slope * step;
  const end = steps.length - 1;
  const seen = Math.max(...checks.map(({ step }) => step));
  const tolerance = visibleTolerance((steps[end]!.at - steps[0]!.at) / end, job.viewingDistance);
  const judge = (mm: number) => judgeDifference(Math.abs(mm), tolerance);
  const worst = Math.max(Math.abs(at(seen)), Math.abs(at(end)));
  return {
    finish,
    axis,
    checks: checks.length,
    offset_mm: offset,
    perStep_mm: slope,
    atEnd_mm: at(end),
    shows: judge(worst),
    choices: choicesOf({ at, seen, end, tolerance, worst, judge, steps }, job.work.rates.marking_min),
  };
}

interface Run {
  readonly at: (step: number) => number;
  /** The last step that was read, and the last there is. */
  readonly seen: number;
  readonly end: number;
  readonly tolerance: number;
  readonly worst: number;
  readonly judge: (mm: number) => Visibility;
  readonly steps: readonly Place[];
}

/** Taken back, each of the next steps is a part less off than the one before. */
function settledAs(
  { offset_mm: offset, perStep_mm: slope }: PlanDrift,
  { choice, over }: { readonly choice: PlanDriftChoice["choice"]; readonly over: number },
  steps: readonly Place[],
  checks: readonly Check[],
): Pick<PlanDrift, "settled" | "readings"> {
  if (choice !== "spread") return { settled: choice };
  const seen = Math.max(...checks.map(({ step }) => step));
  const off = offset + slope * seen;
  const readings = steps.slice(seen + 1, seen + over).map(({ at }, place) => ({
    expected: at,
    now: at + off * (1 - (place + 1) / over),
  }));
  return { settled: choice, ...(readings.length > 0 && { readings }) };
}

/** Leave it; take it back over the next steps, so many that none of them shows; or do again what shows. */
function choicesOf(
  { at, seen, end, tolerance, worst, judge, steps }: Run,
  markMin: number,
): PlanDriftChoice[] {
  const now = Math.abs(at(seen));
  const left = end - seen;
  const over = Math.min(left, Math.max(1, Math.ceil(now / tolerance - 1e-9)));
  const wrong = Array.from({ length: seen + 1 }, (_, step) => step).filter(
    (step) => Math.abs(at(step)) > tolerance,
  );
  const ids = wrong.flatMap((step) => steps[step]!.ids);
  const again = redoing.baseOutMin + redoing.markMin + redoing.printMin;
  return [
    { choice: "leave", over: 0, worst_mm: worst, shows: judge(worst), minutes: 0 },
    ...(left > 0 && now > 0
      ? [
          {
            choice: "spread",
            over,
            worst_mm: now,
            shows: judge(now / over),
            minutes: over * markMin,
          } as const,
        ]
      : []),
    ...(wrong.length > 0
      ? [
          {
            choice: "redo",
            over: wrong.length,
            worst_mm: Math.min(now, tolerance),
            shows: "won't show",
            minutes: wrong.length * again,
            ...(ids.length > 0 && { ids }),
          } as const,
        ]
      : []),
  ];
}

/** Least squares; through one point the level line. */
function lineThrough(checks: readonly Check[]): { readonly offset: number; readonly slope: number } {
  const count = checks.length;
  const mean = (of: (check: Check) => number) => checks.reduce((sum, check) => sum + of(check), 0) / count;
  const [step, error] = [mean((check) => check.step), mean((check) => check.error)];
  const spread = mean((check) => (check.step - step) * (check.step - step));
  const slope = spread > 0 ? mean((check) => (check.step - step) * (check.error - error)) / spread : 0;
  return { offset: error - slope * step, slope };
}

/** Where a step of a finish is along an axis, and the prints or bricks that are there. */
interface Place {
  readonly at: number;
  readonly ids: readonly string[];
}

/** Where the steps of a finish are along an axis, the lowest first: its prints, bricks, or lines. */
function placesOf(walls: readonly PlanWall[], finish: string, axis: Axis): Place[] {
  const own = walls.flatMap(({ prints = [], bricks = [], marks, lines }): Place[] => {
    const printed = prints.filter((one) => one.finish === finish).flatMap(({ list }) => list);
    if (printed.length > 0) return printed.map(({ at, id }) => ({ at: at[axis === "x" ? 0 : 1], ids: [id] }));
    const laid = bricks.filter((one) => one.finish === finish).flatMap(({ list }) => list);
    if (laid.length > 0) return laid.map(({ box, id }) => ({ at: box[axis === "x" ? 0 : 1], ids: [id] }));
    const ids = new Set(lines.filter((line) => line.finish === finish).map(({ id }) => id));
    return marks
      .filter((mark) => mark.axis === axis && ids.has(mark.line ?? ""))
      .map(({ at }) => ({ at, ids: [] }));
  });
  const found: { at: number; ids: string[] }[] = [];
  for (const { at, ids } of own.sort((a, b) => a.at - b.at)) {
    const last = found.at(-1);
    if (last && at - last.at <= samePlaceMm) last.ids.push(...ids);
    else found.push({ at, ids: [...ids] });
  }
  return found;
}

/** Marks of lines that are taken back are made where they are by now. */
export function withMarksTakenBack(walls: PlanWall[], drifts: readonly PlanDrift[], job: Job): PlanWall[] {
  const spread = drifts.filter(({ readings }) => readings !== undefined);
  if (spread.length === 0) return walls;
  return walls.map((wall) => {
    const finishOf = new Map(wall.lines.map(({ id, finish }) => [id, finish]));
    const marks = wall.marks.map((mark) => {
      const own = spread.find(
        ({ finish, axis }) => axis === mark.axis && finish === finishOf.get(mark.line ?? ""),
      );
      const back = own?.readings!.find(({ expected }) => Math.abs(expected - mark.at) <= samePlaceMm);
      if (!back) return mark;
      const read = roundToDivision(Math.abs(back.now), job.tapeDivision);
      return {
        ...mark,
        at: back.now,
        reading: formatReading(read, job.units),
        error: read - Math.abs(back.now),
        planned: mark.at,
      };
    });
    return { ...wall, marks };
  });
}

const nearest = (places: readonly number[], at: number): number =>
  places.reduce(
    (best, place, index) => (Math.abs(place - at) < Math.abs(places[best]! - at) ? index : best),
    0,
  );
