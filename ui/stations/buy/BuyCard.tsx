"use client";

import { Plus } from "lucide-react";
import { formatArea, formatRun, formatVolume } from "@/core/measure/formatLength";
import type { PlanPaint } from "@/core/job/planTypes";
import { useDocument, useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { freshId } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { FindingList } from "@/ui/parts/FindingList";
import { Measure } from "@/ui/parts/Measure";
import { packsText, priceText } from "@/ui/parts/packsText";
import { PaintEditor } from "./PaintEditor";

/** What the job needs and what to buy for it: where each millilitre goes, tins, tape. */
export function BuyCard() {
  const job = useJob();
  const plan = usePlan();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  const cost = plan.paint.reduce((sum, paint) => sum + paint.cost, 0);
  return (
    <>
      <h2 className="text-2xl font-bold">Buy</h2>
      <p className="pb-2 text-soft">For the whole job. The label on the tin always wins.</p>
      {plan.paint.length === 0 && (
        <p className="py-2">Nothing is to be painted yet. Lay out a pattern first.</p>
      )}
      <FindingList
        findings={plan.findings.map((finding, index) => ({
          finding,
          key: `job finding ${index}`,
          number: index + 1,
        }))}
      />
      {plan.paint.map((paint) => (
        <PaintNeed key={paint.colour} paint={paint} />
      ))}
      {plan.tapeTotals.map((total) => (
        <section key={total.width} className="border-t border-hairline py-3">
          <h3 className="text-lg font-bold">{`Tape, ${total.width} mm`}</h3>
          <p>
            <Measure>{`${formatRun(total.buy_m, job.units)} with laps and tails (${formatRun(total.run_m, job.units)} along the lines and edges): ${total.rolls} ${total.rolls === 1 ? "roll" : "rolls"} of 41 m.`}</Measure>
          </p>
        </section>
      ))}
      <p className="border-t border-hairline py-3 font-semibold">{`Paint to buy: ${priceText(cost, job.currency)}`}</p>
      <section aria-label="Paints" className="border-t border-hairline py-3">
        <div className="flex items-center justify-between">
          <h3 className="text-lg font-bold">Paints of this job</h3>
          <Button
            look="quiet"
            onClick={() =>
              change((before) => ({
                ...before,
                paints: [
                  ...before.paints,
                  { id: freshId("paint", before.paints), name: "New paint", hex: "#8A7FA8" },
                ],
              }))
            }
          >
            <Plus size={16} aria-hidden /> Paint
          </Button>
        </div>
        {document.paints.map((paint) => (
          <PaintEditor key={paint.id} paint={paint} />
        ))}
      </section>
    </>
  );
}

function PaintNeed({ paint }: { paint: PlanPaint }) {
  const job = useJob();
  const colour = job.paints.find((candidate) => candidate.id === paint.colour)!;
  const volume = (ml: number) => formatVolume(ml, job.units);
  const { film_ml, seal_ml, tools_ml, touchUp_ml } = paint.terms;
  const film = `On the wall: ${formatArea(paint.area_m2, job.units)}, ${paint.coats} ${paint.coats === 1 ? "coat" : "coats"} at ${colour.spreadRate} m2 a litre`;
  const terms = [
    { label: film, ml: film_ml },
    { label: "Sealing tape edges", ml: seal_ml },
    { label: "Kept by roller, tray and brush", ml: tools_ml },
    { label: "Touch-up jar", ml: touchUp_ml },
  ].filter((term) => term.ml > 0);
  return (
    <section className="border-t border-hairline py-3" aria-label={colour.name}>
      <div className="flex items-center gap-3">
        <span
          aria-hidden="true"
          className="size-8 rounded-full border border-ink/20"
          style={{ background: colour.hex }}
        />
        <h3 className="text-lg font-bold">{colour.name}</h3>
        <p className="ml-auto text-lg font-semibold">{volume(paint.need_ml)}</p>
      </div>
      <TermBar terms={terms} hex={colour.hex} />
      <dl className="text-[0.9375rem]">
        {terms.map(({ label, ml }) => (
          <div key={label} className="flex justify-between gap-4">
            <dt className="text-soft">
              <Measure>{label}</Measure>
            </dt>
            <dd className="whitespace-nowrap">{volume(ml)}</dd>
          </div>
        ))}
        {colour.onHandMl > 0 && (
          <div className="flex justify-between gap-4">
            <dt className="text-soft">In the store</dt>
            <dd>−{volume(Math.min(colour.onHandMl, paint.need_ml))}</dd>
          </div>
        )}
        <div className="mt-1 flex justify-between gap-4 font-semibold">
          <dt>
            {paint.packs.length > 0
              ? `Buy ${packsText({ ...paint }, { ...job, paints: job.paints.map((other) => ({ ...other, onHandMl: 0 })) })}`
              : "Nothing to buy"}
          </dt>
          <dd>{paint.packs.length > 0 ? priceText(paint.cost, job.currency) : ""}</dd>
        </div>
        {paint.left_ml > 0 && (
          <div className="flex justify-between gap-4 text-soft">
            <dt>Left over</dt>
            <dd>{volume(paint.left_ml)}</dd>
          </div>
        )}
      </dl>
    </section>
  );
}

const shades = [1, 0.62, 0.38, 0.2];

/** The terms of a need as lengths of one bar. */
function TermBar({ terms, hex }: { terms: readonly { label: string; ml: number }[]; hex: string }) {
  const total = terms.reduce((sum, term) => sum + term.ml, 0);
  return (
    <div className="my-2 flex h-3 overflow-hidden rounded-sm border border-ink/25" aria-hidden="true">
      {terms.map(({ label, ml }, index) => (
        <div
          key={label}
          className="border-r border-ink/30 last:border-0"
          style={{ width: `${(100 * ml) / total}%`, background: hex, opacity: shades[index] }}
        />
      ))}
    </div>
  );
}
