import type { Plan, PlanPaint } from "@/core/plan/planTypes";
import type { Job } from "@/core/job/schema";
import { formatDuration, formatLength, formatRun, formatVolume } from "@/core/measure/formatLength";
import { packsText, priceText } from "@/ui/parts/packsText";

/** One figure of the ledger: what it comes to, what stands under it, and how the last edit changed it. */
export interface Figure {
  readonly key: string;
  readonly value: string;
  /** The same where there is little room. */
  readonly short?: string;
  readonly note: string;
  readonly change: string | null;
  readonly swatch?: string;
  readonly tone?: string;
  /** What only seals edges. */
  readonly isSmall?: boolean;
}

/** The paints of a plan, those that a wall takes first. */
export function paintsFor({ paint }: Plan, wallId: string | null): PlanPaint[] {
  const takes = ({ walls }: PlanPaint) => walls.some(({ wall }) => wall === wallId);
  return [...paint.filter(takes), ...paint.filter((other) => !takes(other))];
}

/** A figure for each paint. */
export function paintFigures(job: Job, paints: readonly PlanPaint[], before: Plan | undefined): Figure[] {
  return paints.map((paint) => {
    const colour = job.paints.find(({ id }) => id === paint.colour);
    const former = before?.paint.find((other) => other.colour === paint.colour)?.need_ml;
    const sealing = paint.area_m2 + (paint.printed_m2 ?? 0) === 0;
    const packs = sealing && paint.packs.length === 0 ? "in the store" : packsText(paint, job);
    return {
      key: paint.colour,
      value: `${formatVolume(paint.need_ml, job.volumes)} ${colour?.name ?? paint.colour}`,
      note: sealing ? `${packs}, sealing` : packs,
      change: difference(paint.need_ml, former, (by) => formatVolume(by, job.volumes)),
      swatch: colour?.hex ?? "#ffffff",
      isSmall: sealing,
    };
  });
}

/** What the job comes to beside paint: tape, days, money, and what is still to decide. */
export function jobFigures(job: Job, plan: Plan, before: Plan | undefined): Figure[] {
  const tape = plan.tapeTotals.length > 0 ? [tapeFigure(job, plan, before)] : [];
  return [...tape, daysFigure(plan, before), costFigure(job, plan, before), decisionsFigure(plan)];
}

function tapeFigure({ units }: Job, plan: Plan, before: Plan | undefined): Figure {
  const run = (of: Plan) => of.tapeTotals.reduce((sum, total) => sum + total.buy_m, 0);
  const rolls = plan.tapeTotals.map(
    ({ rolls: count, width }) => `${counted(count, "roll")} of ${formatLength(width, units)}`,
  );
  return {
    key: "tape",
    value: `${formatRun(run(plan), units)} tape`,
    note: rolls.join(", "),
    change: difference(run(plan), before && run(before), (by) => formatRun(by, units)),
  };
}

function daysFigure(plan: Plan, before: Plan | undefined): Figure {
  const days = plan.work ? [counted(plan.work.days, "day")] : [];
  return {
    key: "days",
    value: [...days, counted(plan.rounds.length, "round")].join(", "),
    short: days[0],
    note: plan.work ? `${formatDuration(plan.work.minutes)} of work` : "no day plan",
    change:
      difference(plan.work?.days ?? 0, before && (before.work?.days ?? 0), (by) => counted(by, "day")) ??
      difference(plan.rounds.length, before?.rounds.length, (by) => counted(by, "round")),
  };
}

function costFigure({ currency }: Job, { cost }: Plan, before: Plan | undefined): Figure {
  return {
    key: "cost",
    value: priceText(cost.total, currency),
    note: cost.unpriced > 0 ? `${cost.unpriced} without a price` : "paint and sundries",
    change: difference(cost.total, before?.cost.total, (by) => by.toFixed(2)),
  };
}

function decisionsFigure(plan: Plan): Figure {
  const open = [...plan.findings, ...plan.walls.flatMap(({ findings }) => findings)];
  const count = (severity: "check" | "stop") =>
    open.filter((finding) => finding.severity === severity).length;
  const [stops, checks] = [count("stop"), count("check")];
  const shared = {
    key: "decisions",
    change: null,
    note: stops > 0 ? "before work can begin" : "nothing stops you",
  };
  if (stops > 0) return { ...shared, value: `${stops} to mend first`, tone: "text-brick" };
  return checks > 0
    ? { ...shared, value: `${checks} to decide`, tone: "text-ochre" }
    : { ...shared, value: "All decided", tone: "text-leaf" };
}

/** Signed; a difference that would be spoken as nothing is none. */
function difference(now: number, then: number | undefined, speak: (by: number) => string): string | null {
  if (then === undefined) return null;
  const by = speak(Math.abs(now - then));
  return by === speak(0) ? null : `${now > then ? "+" : "−"}${by}`;
}

const counted = (count: number, thing: string): string => `${count} ${count === 1 ? thing : `${thing}s`}`;
