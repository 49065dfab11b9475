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

/** A rate, and whether it tells how long a piece takes: others tell how much is done in a minute. */
interface TimedBy {
  readonly name: string;
  readonly isTime: boolean;
}

const timedBy = (name: keyof Job["work"]["rates"], isTime = false): TimedBy => ({ name, isTime });

/** What is timed by which rate, where a finish brings none of its own. */
const rateOf: Partial<Record<Act, TimedBy>> = {
  tape: timedBy("taping_m_min"),
  seal: timedBy("sealing_m_min"),
  coat: timedBy("rolling_m2_min"),
  base: timedBy("rolling_m2_min"),
  prime: timedBy("rolling_m2_min"),
  peel: timedBy("peeling_m_min"),
  mark: timedBy("marking_min", true),
  clean: timedBy("washingUp_min", true),
  close: timedBy("closing_min", true),
};

/**
 * A painter's own paces, from steps of which both beginning and end were told: log-normal, with the usual pace as if it had been
 * timed over five pieces. What was told all at once teaches nothing, nor what went on over a night.
 */
export function ownPaces({ steps }: Plan, job: Job, { work }: Happened): PlanRate[] {
  const logs = new Map<string, { readonly isTime: boolean; readonly quicker: number[] }>();
  for (const step of steps) {
    const minutes = timedMin(step, work, job);
    const rate = minutes === null ? null : rateOfStep(step, job);
    if (minutes === null || !rate) continue;
    const known = logs.get(rate.name) ?? { isTime: rate.isTime, quicker: [] };
    known.quicker.push(naturalLogOf(step.minutes / minutes));
    logs.set(rate.name, known);
  }
  const rates = job.work.rates as Readonly<Record<string, number>>;
  return [...logs]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([name, { isTime, quicker }]): PlanRate => {
      const pieces = quicker.length;
      const mean = quicker.reduce((sum, one) => sum + one, 0) / (pieces + priorPieces);
      const usual = rates[name]!;
      const yours = usual * exponentOf(isTime ? -mean : mean);
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

function rateOfStep({ does, id, wall }: PlanStep, { finishes }: Job): TimedBy | null {
  const [first] = does.filter(({ of }) => of !== "paint" && of !== "tool");
  if (!first) return null;
  const finish = finishes.find((one) => wall !== undefined && id.startsWith(`${wall}/${one.id}/`));
  if (!finish || !["print", "coat", "lay"].includes(first.act)) return rateOf[first.act] ?? null;
  const own = Object.entries(finishOf(finish.kind).rates ?? {});
  // Of several that a finish brings, a step does not tell which it was.
  return own.length === 1 ? { name: own[0]![0], isTime: own[0]![1].as === "minutes" } : null;
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
