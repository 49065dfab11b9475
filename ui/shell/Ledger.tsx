"use client";

import { useEffect, useRef, useState, type ReactNode } from "react";
import { formatDuration, formatRun, formatVolume } from "@/core/measure/formatLength";
import type { Plan } from "@/core/job/planTypes";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { packsText, priceText } from "@/ui/parts/packsText";

/** What the job comes to, always in sight: paint, tape, rounds, cost and what is still to decide. */
export function Ledger() {
  const plan = usePlan();
  const job = useJob();
  const before = useFormer(plan);
  const run = (of: Plan) => of.tapeTotals.reduce((sum, total) => sum + total.buy_m, 0);
  const cost = (of: Plan) => of.cost.total;
  const open = [...plan.findings, ...plan.walls.flatMap((wall) => wall.findings)];
  const toDecide = open.filter((finding) => finding.severity === "check").length;
  const stops = open.filter((finding) => finding.severity === "stop").length;
  const rolls = plan.tapeTotals.map(
    (total) => `${total.rolls} ${total.rolls === 1 ? "roll" : "rolls"} of ${total.width} mm`,
  );
  // A difference that would be spoken as nothing is none.
  const change = (now: number, then: number | undefined, speak: (by: number) => string) =>
    then === undefined || speak(Math.abs(now - then)) === speak(0)
      ? null
      : `${now > then ? "+" : "−"}${speak(Math.abs(now - then))}`;
  return (
    <footer
      aria-label="Ledger"
      tabIndex={0}
      className="flex items-stretch overflow-x-auto border-t border-hairline bg-card px-3 md:h-[74px] md:overflow-visible md:px-5"
    >
      {/* Many paints scroll by themselves; what the whole job comes to stays in sight. */}
      <div
        role="group"
        aria-label="Paint of the job"
        tabIndex={0}
        className="flex shrink-0 items-stretch md:min-w-0 md:flex-1 md:shrink md:overflow-x-auto"
      >
        {plan.paint.map((paint) => {
          const colour = job.paints.find((candidate) => candidate.id === paint.colour);
          const former = before?.paint.find((candidate) => candidate.colour === paint.colour)?.need_ml;
          return (
            <Entry
              key={paint.colour}
              swatch={colour?.hex}
              value={`${formatVolume(paint.need_ml, job.units)} ${colour?.name ?? paint.colour}`}
              change={change(paint.need_ml, former, (by) => formatVolume(by, job.units))}
              note={
                paint.area_m2 > 0
                  ? packsText(paint, job)
                  : `${paint.packs.length > 0 ? packsText(paint, job) : "in the store"}, sealing`
              }
            />
          );
        })}
      </div>
      {plan.tapeTotals.length > 0 && (
        <Entry
          value={`${formatRun(run(plan), job.units)} tape`}
          change={change(run(plan), before && run(before), (by) => formatRun(by, job.units))}
          note={rolls.join(", ")}
        />
      )}
      <Entry
        value={[
          ...(plan.work ? [counted(plan.work.days, "day")] : []),
          counted(plan.rounds.length, "round"),
        ].join(", ")}
        change={
          change(plan.work?.days ?? 0, before && (before.work?.days ?? 0), (by) => counted(by, "day")) ??
          change(plan.rounds.length, before?.rounds.length, (by) => counted(by, "round"))
        }
        note={plan.work ? `${formatDuration(plan.work.minutes)} of work` : "no day plan"}
      />
      <Entry
        value={priceText(cost(plan), job.currency)}
        change={change(cost(plan), before && cost(before), (by) => by.toFixed(2))}
        note={plan.cost.unpriced > 0 ? `${plan.cost.unpriced} without a price` : "paint and sundries"}
      />
      <Entry
        value={
          stops > 0 ? `${stops} to mend first` : toDecide === 0 ? "All decided" : `${toDecide} to decide`
        }
        note={stops > 0 ? "before work can begin" : "nothing stops you"}
        tone={stops > 0 ? "text-brick" : toDecide > 0 ? "text-ochre" : "text-leaf"}
      />
    </footer>
  );
}

const counted = (count: number, thing: string): string => `${count} ${count === 1 ? thing : `${thing}s`}`;

interface EntryProps {
  readonly value: string;
  readonly note: ReactNode;
  readonly change?: string | null;
  readonly swatch?: string;
  readonly tone?: string;
}

function Entry({ value, note, change, swatch, tone = "" }: EntryProps) {
  return (
    <div className="flex shrink-0 items-center gap-2.5 border-r border-hairline py-2 pr-4 pl-4 first:pl-0 last:border-0">
      {swatch && (
        <span
          aria-hidden="true"
          className="size-9 rounded-full border border-ink/20"
          style={{ background: swatch }}
        />
      )}
      <div>
        <p className={`whitespace-nowrap font-semibold ${tone}`}>
          {value} {change && <span className="text-[0.8125rem] text-ochre">{change}</span>}
        </p>
        <p className="whitespace-nowrap text-[0.8125rem] text-soft">{note}</p>
      </div>
    </div>
  );
}

const shownForMs = 4000;

/** The plan before the last change, for as long as the difference is shown. */
function useFormer(plan: Plan): Plan | undefined {
  const [former, setFormer] = useState<Plan>();
  const last = useRef(plan);
  useEffect(() => {
    if (last.current === plan) return;
    const replaced = last.current;
    last.current = plan;
    setFormer((shown) => shown ?? replaced);
    const timer = setTimeout(() => setFormer(undefined), shownForMs);
    return () => clearTimeout(timer);
  }, [plan]);
  return former;
}
