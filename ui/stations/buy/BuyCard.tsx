"use client";

import { Plus, Printer, Table } from "lucide-react";
import Link from "next/link";
import { useDocument, useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { freshId } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { FindingList } from "@/ui/parts/FindingList";
import { NumberField } from "@/ui/parts/NumberField";
import { priceText } from "@/ui/parts/packsText";
import { PaintEditor } from "./PaintEditor";
import { PaintNeed } from "./PaintNeed";
import { PricePanel } from "./PricePanel";
import { Sundries } from "./Sundries";

/** What the job needs and what to buy for it: where each millilitre goes, tins, tape. */
export function BuyCard() {
  const plan = usePlan();
  const document = useDocument();
  const change = useJobState((state) => state.change);
  const jobId = useJobState((state) => state.jobId);
  return (
    <>
      <h2 className="text-2xl font-bold">Buy</h2>
      <p className="pb-2 text-soft">For the whole job. The label on the tin always wins.</p>
      {plan.paint.length === 0 && (
        <p className="py-2">Nothing is to be painted yet. Lay out a pattern first.</p>
      )}
      <FindingList
        findings={plan.findings
          .filter(({ severity }) => severity !== "stop")
          .map((finding, index) => ({
            finding,
            key: `job finding ${index}`,
            number: index + 1,
          }))}
      />
      {plan.paint.map((paint) => (
        <PaintNeed key={paint.colour} paint={paint} />
      ))}
      <Sundries />
      <Cost />
      <PricePanel />
      <p className="flex flex-wrap gap-2 border-t border-hairline py-3">
        <Link className="link-button" href={`/shopping/${encodeURIComponent(jobId)}`}>
          <Printer size={17} aria-hidden /> Shopping list
        </Link>
        <a className="link-button" href={`/api/jobs/${encodeURIComponent(jobId)}/shopping`} download>
          <Table size={17} aria-hidden /> Table
        </a>
      </p>
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

/** What it all comes to, beside what it may cost. */
function Cost() {
  const job = useJob();
  const { cost } = usePlan();
  const change = useJobState((state) => state.change);
  const money = (amount: number) => priceText(amount, job.currency);
  const unpriced = cost.unpriced > 0 ? ` ${cost.unpriced} more have no price yet.` : "";
  return (
    <section aria-label="Cost" className="border-t border-hairline py-3">
      <p className="font-semibold">{`Paint ${money(cost.paint)}, sundries ${money(cost.sundries)}: ${money(cost.total)} to buy.${unpriced}`}</p>
      <NumberField
        label={`It may cost, ${job.currency}`}
        value={job.budget ?? null}
        onChange={(budget) => change((before) => ({ ...before, budget }))[0]?.message ?? null}
      />
    </section>
  );
}
