import { finishOf } from "../finishes/registry";
import type { Happened, Progress } from "../journal/happened";
import type { PlanRate, PlanStep } from "../plan/planDayTypes";
import type { Plan } from "../plan/planTypes";
import { exponentOf, naturalLogOf } from "../trade/powers";
import type { Act } from "../work/act";
import { keysOfStep } from "../work/ownKeys";
import type { Job } from "./schema";

/** Before a painter's own pace is known it is the usual one, with the weight of so many pieces of work. */
const priorPieces = 5;
/** How far one painter's pace is from another's, as the deviation of its logarithm: a third. */
const usualSpread = 0.33;
/** Four fifths of a normal distribution lie within so many deviations either way. */
const bandOf80 = 1.2816;
/** What is told to take less than this of its time was told all at once. */
const leastShare = 0.2;

/** What is timed by which rate, where a finish brings none of its own. */
const rateOf: Partial<Record<Act, keyof Job["work"]["rates"]>> = {
  tape: "taping_m_min",
  seal: "sealing_m_min",
  coat: "rolling_m2_min",
  base: "rolling_m2_min",
  prime: "rolling_m2_min",
  peel: "peeling_m_min",
  mark: "marking_min",
  clean: "washingUp_min",
  close: "closing_min",
};

/** Rates that tell how long a piece takes, where others tell how much is done in a minute. */
const isTime = (rate: string, own: string | undefined): boolean =>
  own === undefined ? ["marking_min", "washingUp_min", "closing_min"].includes(rate) : own === "minutes";

/**
 * A painter's own paces, from steps of which both beginning and end were told: log-normal, with the usual pace as if it had been
 * timed over five pieces. What was told all at once teaches nothing, nor what went on over a night.
 */
export function ownPaces({ steps }: Plan, job: Job, { work }: Happened): PlanRate[] {
  const logs = new Map<string, { readonly own: string | undefined; readonly quicker: number[] }>();
  for (const step of steps) {
    const minutes = timedMin(step, work, job);
    const rate = minutes === null ? null : rateOfStep(step, job);
    if (minutes === null || !rate) continue;
    const known = logs.get(rate.name) ?? { own: rate.own, quicker: [] };
    known.quicker.push(naturalLogOf(step.minutes / minutes));
    logs.set(rate.name, known);
  }
  const rates = job.work.rates as Readonly<Record<string, number>>;
  return [...logs]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, { own, quicker }]): PlanRate => {
      const pieces = quicker.length;
      const mean = quicker.reduce((sum, one) => sum + one, 0) / (pieces + priorPieces);
      const usual = rates[name]!;
      const yours = usual * exponentOf(isTime(name, own) ? -mean : mean);
      const spread = (bandOf80 * usualSpread) / Math.sqrt(1 + pieces / priorPieces);
      return {
        rate: name,
        usual,
        yours,
        low: yours * exponentOf(-spread),
        high: yours * exponentOf(spread),
        pieces,
      };
    });
}

function rateOfStep(
  { does, id, wall }: PlanStep,
  { finishes }: Job,
): { name: string; own: string | undefined } | null {
  const [first] = does.filter(({ of }) => of !== "paint" && of !== "tool");
  const finish = finishes.find((one) => wall !== undefined && id.startsWith(`${wall}/${one.id}/`));
  const own = finish ? Object.entries(finishOf(finish.kind).rates ?? {}) : [];
  const works = first !== undefined && ["print", "coat", "lay"].includes(first.act);
  // Of several that a finish brings, a step does not tell which it was.
  if (finish && works) return own.length === 1 ? { name: own[0]![0], own: own[0]![1].as } : null;
  const name = first && rateOf[first.act];
  return name ? { name, own: undefined } : null;
}

/** Minutes of a step's hands, by what was told; null where that teaches nothing. */
function timedMin(step: PlanStep, work: Happened["work"], job: Job): number | null {
  const known = keysOfStep(step).map((key): Progress => work.get(key) ?? {});
  const [began, ended] = [
    known.flatMap((one) => one.began ?? []),
    known.flatMap((one) => one.finished ?? []),
  ];
  if (began.length < known.length || ended.length < known.length) return null;
  const from = began.reduce((a, b) => (b.at.instant < a.at.instant ? b : a)).at;
  const to = ended.reduce((a, b) => (b.at.instant > a.at.instant ? b : a)).at;
  if (from.day !== to.day) return null;
  const { breakAt, break_min: pause } = job.work;
  const rested = Math.max(0, Math.min(to.minutes, breakAt + pause) - Math.max(from.minutes, breakAt));
  const minutes = to.instant - from.instant - rested;
  return minutes >= leastShare * step.minutes ? minutes : null;
}
