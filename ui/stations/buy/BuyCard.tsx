"use client";

import "@/ui/journal/telling";
import { Plus, Printer, Table } from "lucide-react";
import Link from "next/link";
import { usualTins } from "@/core/paint/usualTins";
import { jobFindingsAt } from "@/ui/job/findingsAt";
import { useDocument, useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { freshId } from "@/ui/job/jobDocument";
import { Button } from "@/ui/parts/Button";
import { CardHead } from "@/ui/parts/CardHead";
import { FindingList } from "@/ui/parts/FindingList";
import { NumberField } from "@/ui/parts/NumberField";
import { priceText } from "@/ui/parts/packsText";
import { Section } from "@/ui/parts/Section";
import { PaintEditor } from "./PaintEditor";
import { PaintNeed } from "./PaintNeed";
import { PricePanel } from "./PricePanel";
import { Sundries } from "./Sundries";
import { Tools } from "./Tools";

/** What the job needs and what to buy for it: where each millilitre goes, tins, tape. */
export function BuyCard() {
  const plan = usePlan();
  const job = useJob();
  const jobId = useJobState((state) => state.jobId);
  const findings = jobFindingsAt(plan.findings, "buying");
  const { cost } = plan;
  const unpriced = cost.unpriced > 0 ? `, ${cost.unpriced} without a price` : "";
  return (
    <>
      <CardHead
        title="Buy"
        note={`For the whole job: ${priceText(cost.total, job.currency)}${unpriced}. The label on the tin always wins.`}
        action={
          <Link className="link-button" href={`/shopping/${encodeURIComponent(jobId)}`}>
            <Printer size={17} aria-hidden /> Shopping list
          </Link>
        }
      />
      {plan.paint.length === 0 && (
        <p className="py-3">Nothing is to be painted yet. Lay out a pattern first.</p>
      )}
      {findings.length > 0 && (
        <Section
          name="buy/findings"
          title="Noticed"
          sum={String(findings.length)}
          isFolded={findings.every(({ finding }) => finding.severity === "note")}
        >
          <FindingList findings={findings} />
        </Section>
      )}
      {plan.paint.map((paint) => (
        <PaintNeed key={paint.colour} paint={paint} />
      ))}
      <Sundries />
      <Tools />
      <Cost />
      <PricePanel />
      <Paints />
      <p className="border-t border-hairline py-3">
        <a className="link-button" href={`/api/jobs/${encodeURIComponent(jobId)}/shopping`} download>
          <Table size={17} aria-hidden /> Table of all there is to buy
        </a>
      </p>
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
    <Section name="buy/cost" title="Cost" sum={money(cost.total)}>
      <p className="pb-2">{`Paint ${money(cost.paint)}, sundries ${money(cost.sundries)}: ${money(cost.total)} to buy.${unpriced}`}</p>
      <NumberField
        label="Budget for paint and sundries"
        unit={job.currency}
        value={job.budget ?? null}
        hint="What you or the client want to spend on them. It is said when they come to more."
        onChange={(budget) => change((before) => ({ ...before, budget }))[0]?.message ?? null}
      />
    </Section>
  );
}

function Paints() {
  const document = useDocument();
  const { volumes } = useJob();
  const change = useJobState((state) => state.change);
  const add = () =>
    change((before) => ({
      ...before,
      paints: [
        ...before.paints,
        {
          id: freshId("paint", before.paints),
          name: "New paint",
          hex: "#8A7FA8",
          packs: usualTins("wall-paint", volumes),
        },
      ],
    }));
  return (
    <Section
      name="buy/paints"
      title="Paints of this job"
      sum={String(document.paints.length)}
      isFolded
      action={
        <Button look="quiet" onClick={add}>
          <Plus size={16} aria-hidden /> Paint
        </Button>
      }
    >
      {document.paints.map((paint) => (
        <PaintEditor key={paint.id} paint={paint} />
      ))}
    </Section>
  );
}
