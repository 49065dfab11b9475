"use client";

import { useJob, useJournal, useJournalState, usePlan } from "@/ui/job/JobProvider";
import type { PlanStep } from "@/core/plan/planDayTypes";
import type { Plan } from "@/core/plan/planTypes";
import { workToTell } from "@/core/plan/workOfStep";
import { useTeller } from "@/ui/journal/useTeller";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";
import { Swatch } from "@/ui/parts/Swatch";
import { clockWords } from "./stateWords";

/** What each one does next, to be told as begun and as done: from then on the plan goes by what really happened. */
export function UnderWay() {
  const plan = usePlan();
  const { work } = useJob();
  if (!plan.work || plan.steps.length === 0) return null;
  const next = nextOf(plan, work.crew);
  return (
    <section aria-label="Next" className="border-t border-hairline py-3">
      <div className="flex items-baseline justify-between gap-3">
        <h3 className="text-lg font-bold">Next</h3>
        {plan.now && <span className="text-soft">{clockWords(plan.now, undefined)}</span>}
      </div>
      {!plan.now && (
        <p className="pb-1 text-[0.9375rem] text-soft">
          Nothing has been told yet. Say when you begin, and the days go on from what really happened.
        </p>
      )}
      {plan.now && next.length === 0 && <p>Everything is done.</p>}
      <ul className="flex flex-col gap-3">
        {next.map((one) => (
          <NextOf key={one.person} {...one} crew={work.crew} />
        ))}
      </ul>
      <NotSent />
    </section>
  );
}

interface Next {
  readonly person: number;
  readonly step: PlanStep;
  readonly why: string | null;
}

/** Of a job that has not begun, each one's first step. */
function nextOf({ next, steps }: Plan, crew: number): Next[] {
  if (next)
    return next.flatMap(({ person, step, why }) => {
      const own = steps.find(({ id }) => id === step);
      return own ? [{ person, step: own, why }] : [];
    });
  return Array.from({ length: crew }, (_, hand) => hand + 1).flatMap((person) => {
    const step = steps.find((one) => one.person === person);
    return step ? [{ person, step, why: null }] : [];
  });
}

function NextOf({ person, step, why, crew }: Next & { readonly crew: number }) {
  const { paints } = useJob();
  const journal = useJournal();
  const name = useNameOf(person);
  const hex = paints.find(({ id }) => id === step.colour)?.hex;
  const isRunning = step.state === "running";
  const tell = (kind: string) =>
    journal.tell([{ kind, payload: { work: workToTell(step) }, ...(crew > 1 && { by: name }) }]);
  return (
    <li>
      {crew > 1 && <p className="small-caps-label">{name}</p>}
      <p className="font-semibold">
        {hex && <Swatch colour={hex} size={3} className="mr-1.5" />}
        <Measure>{step.say}</Measure>
      </p>
      {why !== null && (
        <p className="text-[0.9375rem] text-soft">
          <Measure>{`${why.charAt(0).toUpperCase()}${why.slice(1)}.`}</Measure>
        </p>
      )}
      <div className="flex gap-2 pt-2">
        <Button look="primary" onClick={() => tell(isRunning ? "finished" : "began")}>
          {isRunning ? "Done" : "Begin"}
        </Button>
        {!isRunning && <Button onClick={() => tell("finished")}>Done already</Button>}
      </div>
    </li>
  );
}

/** Those who have told anything are the persons of the plan in the order in which they first did. */
function useNameOf(person: number): string {
  const own = useTeller(({ name }) => name);
  const people = useJournalState(({ happened }) => happened.people);
  const known = people[person - 1];
  if (known !== undefined) return known;
  return people.includes(own) || person > people.length + 1 ? `Hand ${person}` : own;
}

/** What this browser has told and the data folder does not have. */
function NotSent() {
  const waiting = useJournalState((state) => state.waiting.size);
  const isKept = useJournalState((state) => state.isKept);
  return (
    <p role="status" className="pt-2 text-[0.9375rem] text-ochre empty:hidden">
      {waiting > 0 &&
        `${waiting} told and not sent yet: ${isKept ? "kept in this browser" : "leave this window open, since this browser keeps nothing"}.`}
    </p>
  );
}
