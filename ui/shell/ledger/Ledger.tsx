"use client";

import { Swatch } from "@/ui/parts/Swatch";
import { useEffect, useRef, useState } from "react";
import type { Plan } from "@/core/plan/planTypes";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { useAddress } from "@/ui/job/useAddress";
import { Measure } from "@/ui/parts/Measure";
import { useWidth } from "@/ui/parts/useWidth";
import { countFitting } from "./fitFigures";
import { PaintFold } from "./PaintFold";
import { jobFigures, paintFigures, paintsFor, type Figure } from "./ledgerFigures";

/** On less, as on a phone, there is room for none. */
const leastWithNames = 768;

/** What the job comes to, always in sight: paint, tape, days, cost and what is still to decide. */
export function Ledger() {
  const plan = usePlan();
  const job = useJob();
  const before = useFormer(plan);
  const { ref, width } = useWidth();
  const { wallId } = useAddress();
  const inTurn = paintsFor(plan, wallId);
  const paints = paintFigures(job, inTurn, before);
  const { ref: foot, width: whole } = useWidth();
  // Before the first measuring, and where there is no room for a name, all of them are folded away.
  const shown = whole < leastWithNames ? 0 : countFitting(paints, width);
  return (
    <footer
      ref={foot}
      aria-label="Ledger"
      className="flex items-stretch border-t border-hairline bg-card px-2 md:h-[74px] md:px-5"
    >
      <div
        ref={ref}
        role="group"
        aria-label="Paint of the job"
        className="flex shrink-0 items-stretch md:min-w-0 md:flex-1 md:shrink"
      >
        {paints.slice(0, shown).map((figure) => (
          <Entry key={figure.key} figure={figure} />
        ))}
        {shown < paints.length && <PaintFold folded={inTurn.slice(shown)} />}
      </div>
      <div className="flex min-w-0 flex-1 items-stretch justify-end md:flex-none">
        {jobFigures(job, plan, before).map((figure) => (
          <Entry
            key={figure.key}
            figure={figure}
            // On a phone the roll of tape and the notes are told by the table and the cards.
            className={figure.key === "tape" ? "max-md:hidden" : "max-md:px-2"}
          />
        ))}
      </div>
    </footer>
  );
}

function Entry({ figure, className = "" }: { figure: Figure; className?: string }) {
  const { value, short, note, change, swatch, tone = "", isSmall = false } = figure;
  return (
    <div
      className={`flex shrink-0 items-center gap-2.5 border-hairline px-3.5 py-2 first:pl-0 not-last:border-r ${className}`}
    >
      {swatch && <Swatch colour={swatch} size={isSmall ? 4 : 7} />}
      <div className="min-w-0">
        <p
          className={`whitespace-nowrap max-md:text-[0.875rem] ${isSmall ? "text-[0.875rem]" : "font-semibold"} ${tone}`}
        >
          <span className={short === undefined ? "" : "max-md:hidden"}>
            <Measure>{value}</Measure>
          </span>
          {short !== undefined && <span className="md:hidden">{short}</span>}
          {change && <span className="text-[0.8125rem] text-ochre"> {change}</span>}
        </p>
        <p className="text-[0.8125rem] whitespace-nowrap text-soft max-md:hidden">
          <Measure>{note}</Measure>
        </p>
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
