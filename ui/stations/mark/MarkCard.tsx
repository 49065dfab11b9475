"use client";

import { Megaphone, Printer } from "lucide-react";
import Link from "next/link";
import { useState } from "react";
import { formatError } from "@/core/measure/formatLength";
import { useJob, useJobState, usePlan, useWall } from "@/ui/job/JobProvider";
import type { PlanWall } from "@/core/job/planTypes";
import type { Wall } from "@/core/wall/schema";
import { Button } from "@/ui/parts/Button";
import { OrdinateTable } from "@/ui/parts/OrdinateTable";
import { Measure } from "@/ui/parts/Measure";
import { PlanTables } from "@/ui/parts/PlanTables";
import { CallOut } from "./CallOut";
import { madeAlong, measuredFrom } from "./markWords";
import { tapeAtMarks } from "./tapeAtMark";
import { useMarkProgress } from "@/ui/job/useMarkProgress";

/** Every mark of the wall as one running list from one datum, to tick off or to be called out. */
export function MarkCard({ wallId }: { wallId: string }) {
  const found = useWall(wallId);
  const { tables } = usePlan();
  const job = useJob();
  const jobId = useJobState((state) => state.jobId);
  const pointedAt = useJobState((state) => state.pointedAt);
  const pointAt = useJobState((state) => state.pointAt);
  const { isDone, setDone } = useMarkProgress(wallId);
  const [isCalling, setCalling] = useState(false);
  if (!found?.plan) return null;
  const { plan } = found;
  const nameOfWall = (id: string) => job.walls.find((other) => other.id === id)?.name ?? id;
  const tapeAt = tapeAtMarks(plan);
  const done = plan.marks.filter(isDone).length;
  const proof = plan.fit?.proof;
  const stepped = proof?.steppedAtEnd_mm;
  const length = (mm: number) => formatError(mm, job.units);
  return (
    <>
      <h2 className="text-2xl font-bold">Mark</h2>
      {plan.marks.length === 0 ? (
        <p className="py-2 text-soft">There is nothing to mark on this wall. Lay out a pattern first.</p>
      ) : (
        <>
          <p className="pb-3 text-soft">
            <Measure>{howToStart(found.wall, plan)}</Measure>
          </p>
          <div className="flex gap-2">
            <Button look="primary" className="flex-1" onClick={() => setCalling(true)}>
              <Megaphone size={17} aria-hidden /> Call out
            </Button>
            <Link
              href={`/print/${encodeURIComponent(jobId)}/${encodeURIComponent(wallId)}`}
              className="inline-flex min-h-11 items-center gap-2 rounded-md border border-hairline bg-paper px-3.5 hover:border-violet"
            >
              <Printer size={17} aria-hidden /> Sheet
            </Link>
          </div>
          {stepped !== undefined && (
            <p className="py-3 text-[0.9375rem]">
              <Measure>
                {`Marked from one end no mark is more than ${length(proof!.worst_mm)} out. Stepped with a rounded spacer the last would be ${length(stepped)} out.`}
              </Measure>
            </p>
          )}
          <p className="small-caps-label pt-1">{`${done} of ${plan.marks.length} on the wall`}</p>
          <ol className="pt-1" aria-label="Marks">
            {plan.marks.map((mark, index) => {
              const tape = tapeAt(mark)[0];
              return (
                <li
                  key={mark.id}
                  className={`border-b border-hairline last:border-0 ${pointedAt === mark.id ? "bg-violet-wash" : ""}`}
                  onPointerEnter={() => pointAt(mark.id)}
                  onPointerLeave={() => pointAt(null)}
                >
                  <label className="flex min-h-12 cursor-pointer items-center gap-3">
                    <input
                      type="checkbox"
                      className="size-5 accent-[var(--color-leaf)]"
                      checked={isDone(mark)}
                      onChange={(event) => setDone(mark, event.target.checked)}
                    />
                    <span className="w-6 text-right text-soft">{index + 1}</span>
                    <span
                      className={`w-[6.5rem] shrink-0 text-lg font-semibold ${isDone(mark) ? "text-leaf" : ""}`}
                    >
                      <Measure>{mark.reading}</Measure>
                    </span>
                    <span className="text-[0.9375rem] leading-tight text-soft">
                      {tape ? `tape ${tape.centred ? "centred" : tape.lies}` : mark.use}
                      {mark.on !== "level" &&
                        `, ${madeAlong(mark, found.wall)} ${measuredFrom(mark, found.wall)}`}
                      {mark.carriedFrom &&
                        `; carries around the corner from ${nameOfWall(mark.carriedFrom.wall)}`}
                    </span>
                  </label>
                </li>
              );
            })}
          </ol>
          {plan.radii.length > 0 && (
            <section aria-label="Strings" className="border-t border-hairline py-3">
              <h3 className="text-lg font-bold">Strings</h3>
              <p className="text-[0.9375rem] text-soft">From the pin at the centre, the longest first.</p>
              <ul className="flex flex-wrap gap-x-5 pt-1 text-lg font-semibold">
                {plan.radii.map(({ reading }, index) => (
                  <li key={index}>
                    <Measure>{reading}</Measure>
                  </li>
                ))}
              </ul>
            </section>
          )}
          {plan.ordinates.length > 0 && (
            <section aria-label="Curves by heights" className="border-t border-hairline py-3">
              <h3 className="text-lg font-bold">Curves by heights</h3>
              <OrdinateTable
                ordinates={plan.ordinates}
                units={job.units}
                from={found.wall.survey ? "the level line" : "the floor"}
              />
            </section>
          )}
          {plan.checks.length + plan.diagonals.length > 0 && (
            <details className="border-t border-hairline pt-2">
              <summary className="min-h-11 cursor-pointer py-2 font-semibold">Prove it</summary>
              <p className="text-[0.9375rem] text-soft">
                Read the same figures on the far edge. They should agree with the lines.
              </p>
              {plan.diagonals.length > 0 && (
                <p className="pt-1 text-[0.9375rem]">
                  <Measure>{`Diagonals, corner to corner: ${diagonalWords(plan)}.`}</Measure>
                </p>
              )}
              <ul>
                {plan.checks.map((check) => (
                  <li key={check.id} className="flex gap-3 py-1">
                    <span className="w-24 font-semibold">
                      <Measure>{check.reading}</Measure>
                    </span>
                    <span className="text-soft">
                      {check.use === "the right end of the wall" ? check.use : madeAlong(check, found.wall)}
                    </span>
                  </li>
                ))}
              </ul>
            </details>
          )}
        </>
      )}
      <PlanTables tables={tables} wall={wallId} />
      {isCalling && <CallOut wallId={wallId} onClose={() => setCalling(false)} />}
    </>
  );
}

/** Which line every reading hangs off, and where the tape is hooked. */
function howToStart({ survey }: Wall, plan: PlanWall): string {
  if (survey) {
    const line = plan.survey!.levelLine;
    return `Find the survey's level line again, ${line.aboveFloorReading} above the floor at the left; at the far end the floor is ${line.proof.reading} below it. Hook the tape at the left plumb line and leave it there for every mark.`;
  }
  return plan.level
    ? `Strike a level line ${plan.level.reading} up from the floor at the left. Hook the tape at the left end and leave it there for every mark.`
    : "Hook the tape at the datum and leave it there for every mark.";
}

const diagonalWords = ({ diagonals }: PlanWall): string =>
  diagonals.map(({ use, reading }) => `${use} ${reading}`).join("; ");
