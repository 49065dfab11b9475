"use client";

import { format, isFuture } from "date-fns";
import { useState } from "react";
import { useJournal, usePlan } from "@/ui/job/JobProvider";
import { looked } from "@/core/journal/kinds/looked";
import type { PlanStep } from "@/core/plan/planDayTypes";
import { nowOfPlan } from "@/core/plan/nowOfPlan";
import { workToTell } from "@/core/plan/workOfStep";
import { Button } from "@/ui/parts/Button";
import { FormField } from "@/ui/parts/FormField";
import { TakePicture } from "@/ui/parts/TakePicture";

/** A moment as the browser's own field writes it. */
const fieldForm = "yyyy-MM-dd'T'HH:mm";

/** What became of one step, now or at a moment before: begun, done, left out, to be done again. */
export function TellStep({ step }: { step: PlanStep }) {
  const journal = useJournal();
  const plan = usePlan();
  const [at, setAt] = useState<string | null>(null);
  const [problem, setProblem] = useState<string | undefined>();
  const work = workToTell(step);
  const moment = (): Date | null | undefined => {
    if (at === null) return undefined;
    const date = new Date(at);
    if (Number.isNaN(date.getTime())) return null;
    return date;
  };
  const tell = (...kinds: readonly string[]) => {
    const date = moment();
    if (date === null) return setProblem("Expected a day and a time.");
    if (date && isFuture(date)) return setProblem("This has not been yet.");
    setProblem(undefined);
    journal.tell(kinds.map((kind) => ({ kind, payload: { work }, ...(date && { at: date }) })));
    setAt(null);
  };
  const coats = work.filter(({ act, coat }) => coat !== undefined && (act === "coat" || act === "base"));
  const look = (verdict: "good" | "ground-shows") =>
    journal.tell([{ kind: looked.kind, payload: { work: coats, verdict } }]);
  const asPlanned = plannedAs(step, nowOfPlan(plan));
  const isDone = step.state === "done";
  return (
    <div
      aria-label="Tell of this step"
      role="group"
      className="my-1 w-full rounded-md bg-violet-wash px-3 py-2"
    >
      <div className="max-w-64">
        <FormField
          label="When"
          type="datetime-local"
          value={at ?? format(new Date(), fieldForm)}
          problem={problem}
          onChange={(event) => setAt(event.target.value)}
        />
      </div>
      <div className="flex flex-wrap gap-2 pt-2">
        {isDone ? (
          <>
            <Button onClick={() => tell("again")}>To be done again</Button>
            {coats.length > 0 && (
              <>
                <Button onClick={() => look("good")}>It looks even</Button>
                <Button onClick={() => look("ground-shows")}>The ground shows</Button>
              </>
            )}
          </>
        ) : (
          <>
            {step.state !== "running" && <Button onClick={() => tell("began")}>Begun</Button>}
            <Button look="primary" onClick={() => tell("finished")}>
              Done
            </Button>
            {asPlanned && (
              <Button
                onClick={() =>
                  journal.tell([
                    { kind: "began", payload: { work }, at: asPlanned.from },
                    { kind: "finished", payload: { work }, at: asPlanned.to },
                  ])
                }
              >
                {`Done as planned, ${step.from} to ${step.to}`}
              </Button>
            )}
            <Button onClick={() => tell("skipped")}>Left out</Button>
          </>
        )}
        <TakePicture
          label="A picture of it"
          of={{ work, ...(step.wall !== undefined && { wall: step.wall }) }}
        />
      </div>
    </div>
  );
}

const minuteMs = 60_000;

/** When a step was to be, where that is over by now. */
function plannedAs({ start, end, state }: PlanStep, now: number | null): { from: Date; to: Date } | null {
  if (now === null || end > now || state === "running") return null;
  const at = (minute: number) => new Date(Date.now() - (now - minute) * minuteMs);
  return { from: at(start), to: at(end) };
}
