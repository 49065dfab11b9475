import type { Happened, Kept, Progress } from "../journal/happened";
import { toldOf } from "../journal/defineKind";
import { weighed } from "../journal/kinds/weighed";
import type { PlanForecast } from "../plan/planMoneyTypes";
import type { PlanStep } from "../plan/planDayTypes";
import type { Plan, PlanPaint } from "../plan/planTypes";
import type { Job } from "./schema";
import { exponentOf, naturalLogOf } from "../trade/powers";
import { keysOfStep } from "../work/ownKeys";

/**
 * How far one painter's use of paint is from another's, as the deviation of its logarithm, and how far what one piece takes is from what
 * the next does: a fifth each. So before a painter's own use is known, the usual one has the weight of one piece.
 */
const painterSpread = 0.2;
const pieceSpread = 0.2;
const priorPieces = (pieceSpread * pieceSpread) / (painterSpread * painterSpread);
/** Between the tenth and the ninetieth hundredth of a normal distribution lies four fifths of it: 1.2816 deviations either way. */
const bandOf80 = 1.2816;

/** What of a paint is used, left and yet needed, as far as tins were weighed, with a band of four fifths. */
export function forecastPaint(plan: Plan, job: Job, happened: Happened): PlanForecast[] {
  const told = toldOf(happened, weighed);
  return plan.paint.flatMap((paint): PlanForecast[] => {
    const own = told.filter((one) => one.paint === paint.colour);
    return own.length === 0 ? [] : [forecastOf(paint, hadOf(paint, job), own, plan.steps, happened.work)];
  });
}

/** What there was of it at first: in the store, bought and made; ml. */
const hadOf = ({ colour, packs, made_ml = 0 }: PlanPaint, { paints }: Job): number =>
  (paints.find(({ id }) => id === colour)?.onHandMl ?? 0) +
  packs.reduce((sum, { size_ml, count }) => sum + size_ml * count, made_ml);

type Weighed = Kept<{ paint: string; tin?: string | undefined; left_ml: number }>;

function forecastOf(
  paint: PlanPaint,
  had: number,
  told: readonly Weighed[],
  steps: readonly PlanStep[],
  work: Happened["work"],
): PlanForecast {
  const latest = new Map(told.map((one) => [one.tin ?? "", one]));
  const last = told.at(-1)!;
  const weighedMl = [...latest.values()].reduce((sum, { left_ml }) => sum + left_ml, 0);
  const coats = steps.flatMap((step) => usesOf(step, paint.colour, work));
  const film = coats.reduce((sum, { ml }) => sum + ml, 0);
  // What tools keep and touching up takes goes with the film.
  const perFilm = film > 0 ? paint.need_ml / film : 0;
  const sumOf = (some: readonly Use[]) => some.reduce((sum, { ml }) => sum + ml * perFilm, 0);
  const isBefore = ({ doneAt }: Use) => doneAt !== null && doneAt <= last.told.at.instant;
  const before = coats.filter(isBefore);
  const ratio = had > weighedMl && sumOf(before) > 0 ? (had - weighedMl) / sumOf(before) : 1;
  const pieces = evenPieces(before);
  const own = exponentOf((pieces / (pieces + priorPieces)) * naturalLogOf(ratio));
  const since = coats.filter((use) => use.doneAt !== null && !isBefore(use));
  const left = Math.max(0, weighedMl - own * sumOf(since));
  const open = coats.filter(({ doneAt }) => doneAt === null);
  const needs = own * sumOf(open);
  // What is known of the painter by now, and how the pieces that are left differ among themselves.
  const painter = (painterSpread * painterSpread) / (1 + pieces / priorPieces);
  const rest = open.length > 0 ? (pieceSpread * pieceSpread) / evenPieces(open) : 0;
  const spread = bandOf80 * Math.sqrt(painter + rest);
  const [low, high] = [needs * exponentOf(-spread), needs * exponentOf(spread)];
  const runsOut = runsOutAt(open, own * perFilm, left);
  const lasts = runsOutAt(open, own * perFilm * exponentOf(spread), left);
  return {
    paint: paint.colour,
    used_ml: Math.max(0, had - left),
    left_ml: left,
    needs_ml: needs,
    low_ml: low,
    high_ml: high,
    verdict: left >= high ? "enough" : left >= low ? "tight" : "short",
    ...(runsOut && { stopAt: runsOut.step }),
    ...(lasts && { lastsTo: lasts }),
  };
}

/** Paint that a step puts on: how much of it as planned, in how many pieces, and when it was done. */
interface Use {
  readonly step: string;
  readonly ml: number;
  readonly ids: readonly string[];
  /** The instant; null while it is not. */
  readonly doneAt: number | null;
}

function usesOf(step: PlanStep, colour: string, work: Happened["work"]): Use[] {
  const own = step.does.filter((one) => one.with === colour && (one.ml ?? 0) > 0);
  return own.map((one): Use => {
    const known = keysOfStep({ does: [one], wall: step.wall }).map((key): Progress => work.get(key) ?? {});
    const ends = known.flatMap(({ finished, skipped }) => finished?.at.instant ?? skipped?.at.instant ?? []);
    return {
      step: step.id,
      ml: one.ml ?? 0,
      ids: one.ids,
      doneAt: ends.length === known.length ? Math.max(...ends) : null,
    };
  });
}

/** How much of a paint the work that was done by an instant has taken, as planned; ml. */
export function usedBy(plan: Plan, colour: string, work: Happened["work"], instant: number): number {
  const uses = plan.steps.flatMap((step) => usesOf(step, colour, work));
  const film = uses.reduce((sum, { ml }) => sum + ml, 0);
  const need = plan.paint.find((paint) => paint.colour === colour)?.need_ml ?? 0;
  const done = uses.filter(({ doneAt }) => doneAt !== null && doneAt <= instant);
  return film > 0 ? done.reduce((sum, { ml }) => sum + ml, 0) * (need / film) : 0;
}

/** So many alike pieces would differ as much in sum as those of different sizes do; at least one. */
function evenPieces(uses: readonly Use[]): number {
  let [sum, squares] = [0, 0];
  for (const { ml, ids } of uses) {
    sum += ml;
    squares += (ml * ml) / Math.max(1, ids.length);
  }
  return squares > 0 ? Math.max(1, (sum * sum) / squares) : 0;
}

/** Where what is left is used up: the step, and the last of its pieces that it covers whole, if it covers any; null where it is enough. */
function runsOutAt(open: readonly Use[], factor: number, leftMl: number): PlanForecast["lastsTo"] | null {
  let left = leftMl;
  for (const { step, ml, ids } of open) {
    const took = ml * factor;
    if (took > left + 1e-9) {
      const whole = Math.floor((left / took) * ids.length + 1e-9);
      const piece = ids[whole - 1];
      return { step, ...(piece !== undefined && { piece }) };
    }
    left -= took;
  }
  return null;
}
