"use client";

import "@/ui/journal/telling";
import { Megaphone, Printer } from "lucide-react";
import Link from "next/link";
import { useState } from "react";
import { formatError } from "@/core/measure/formatLength";
import { useJob, useJobState, usePlan, useWall } from "@/ui/job/JobProvider";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import type { UnitSystem } from "@/core/measure/units";
import { Button } from "@/ui/parts/Button";
import { CardHead } from "@/ui/parts/CardHead";
import { Section } from "@/ui/parts/Section";
import { OrdinateTable } from "@/ui/parts/OrdinateTable";
import { Measure } from "@/ui/parts/Measure";
import { PlanTables } from "@/ui/parts/PlanTables";
import { CallOut } from "@/ui/marks/CallOut";
import { FixedLater } from "./FixedLater";
import { Lifts, Proof, Strings, TapeSection } from "./MarkSections";
import { MarkList } from "./MarkList";
import { useMarkProgress } from "@/ui/job/useMarkProgress";

/** Every mark of the wall as one running list from one datum, to tick off or to be called out. */
export function MarkCard({ wallId }: { wallId: string }) {
  const found = useWall(wallId);
  const { tables } = usePlan();
  const job = useJob();
  const jobId = useJobState((state) => state.jobId);
  const { isDone } = useMarkProgress(wallId);
  const [isCalling, setCalling] = useState(false);
  if (!found?.plan) return null;
  const { plan } = found;
  const done = plan.marks.filter(isDone).length;
  return (
    <>
      <CardHead
        title="Mark"
        action={
          plan.marks.length > 0 && (
            <>
              <Button look="primary" onClick={() => setCalling(true)}>
                <Megaphone size={17} aria-hidden /> Call out
              </Button>
              <Link
                className="link-button"
                href={`/print/${encodeURIComponent(jobId)}/${encodeURIComponent(wallId)}`}
              >
                <Printer size={17} aria-hidden /> Sheet
              </Link>
            </>
          )
        }
      />
      {plan.marks.length === 0 ? (
        <p className="py-3 text-soft">
          {plan.effects || plan.sheets || plan.prints
            ? "Nothing is marked on this wall: what is laid over it takes no lines."
            : "There is nothing to mark on this wall. Lay out a pattern first."}
        </p>
      ) : (
        <div className="flex flex-col">
          {/* On a phone what is marked next stands in sight. */}
          <p className="py-3 text-soft max-md:order-last">
            <Measure>{`${howToStart(found.wall, plan)} ${steppedWords(plan, job.units)}`}</Measure>
          </p>
          <Section name="mark/marks" title="Marks" sum={`${done} of ${plan.marks.length}`}>
            <MarkList wallId={wallId} wall={found.wall} plan={plan} />
          </Section>
          <Lifts plan={plan} />
          <TapeSection plan={plan} />
          <Strings plan={plan} />
          <FixedLater plan={plan} wall={found.wall} />
          {plan.ordinates.length > 0 && (
            <Section name="mark/ordinates" title="Curves by heights">
              <OrdinateTable
                ordinates={plan.ordinates}
                units={job.units}
                canBeTaken
                from={
                  found.wall.object ? "the lower edge" : found.wall.survey ? "the level line" : "the floor"
                }
              />
            </Section>
          )}
          <Proof plan={plan} wall={found.wall} />
        </div>
      )}
      <PlanTables tables={tables} wall={wallId} canBeTaken />
      {isCalling && <CallOut wallId={wallId} onClose={() => setCalling(false)} />}
    </>
  );
}

/** Which line every reading hangs off, and where the tape is hooked. */
function howToStart({ object, survey }: Wall, plan: PlanWall): string {
  if (object)
    return "Read every mark from the left and the lower edge, and prove both directions with a square.";
  if (survey) {
    const line = plan.survey!.levelLine;
    return `Find the survey's level line again, ${line.aboveFloorReading} above the floor at the left; at the far end the floor is ${line.proof.reading} below it. Hook the tape at the left plumb line and leave it there for every mark.`;
  }
  return plan.level
    ? `Strike a level line ${plan.level.reading} up from the floor at the left. Hook the tape at the left end and leave it there for every mark.`
    : "Read across from the left end and up from the floor, the tape hooked there for every mark.";
}

/** What counting from one end saves, where divisions are alike. */
function steppedWords({ fit }: PlanWall, units: UnitSystem): string {
  if (fit?.proof.steppedAtEnd_mm === undefined) return "";
  const { worst_mm: worst, steppedAtEnd_mm: stepped } = fit.proof;
  return `Marked from one end no mark is more than ${formatError(worst, units)} out. Stepped with a rounded spacer the last would be ${formatError(stepped, units)} out.`;
}
