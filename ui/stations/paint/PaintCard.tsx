"use client";

import { useListsLater } from "@/ui/parts/useListsLater";
import { useRouter } from "next/navigation";
import { useEffect, useRef } from "react";
import { useJob, useJobState, useJournalState, usePlan } from "@/ui/job/JobProvider";
import { jobFindingsAt } from "@/ui/job/findingsAt";
import { stationPath, useAddress } from "@/ui/job/useAddress";
import { TellerName } from "@/ui/journal/TellerName";
import { CardHead } from "@/ui/parts/CardHead";
import { Choice } from "@/ui/parts/Choice";
import { FindingList } from "@/ui/parts/FindingList";
import { NextClock, OtherClocks } from "./Clocks";
import { DayClose } from "./DayClose";
import { DriftChecks } from "./DriftChecks";
import { Gates } from "./Gates";
import { InHand } from "./InHand";
import { KeepWord } from "./KeepWord";
import { Mishaps } from "./Mishaps";
import { NextThing } from "./NextThing";
import { nextThings, type NextThing as Next } from "@/ui/job/nextThings";
import { Practice, PracticeBar } from "./Practice";
import { stepTitle } from "./stepTitle";
import { usePointedAt } from "./pointedAt";
import { Undo } from "./Undo";
import { useHands } from "@/ui/job/useHands";

/** At the wall: one thing at a time, what is due, and what becomes of it. */
export function PaintCard() {
  useListsLater();
  const plan = usePlan();
  const { work } = useJob();
  if (!plan.work || plan.steps.length === 0)
    return (
      <>
        <CardHead title="Paint" />
        <p className="py-3">
          Nothing can be painted yet. Lay out a pattern, and see that the room is fit to paint in.
        </p>
      </>
    );
  return (
    <>
      <CardHead title="Paint" isBrief>
        <PracticeBar />
        <NextClock />
      </CardHead>
      <Hands next={nextThings(plan, work.crew)} />
      <OtherClocks />
      <Undo />
      <NotSent />
      <FindingList
        findings={jobFindingsAt(
          plan.findings.filter(({ code }) => code === "runs-out" || code === "drifts"),
          "work",
        )}
      />
      <InHand />
      <DriftChecks />
      <Mishaps />
      <KeepWord />
      <DayClose />
      <Practice />
      <TellerName />
    </>
  );
}

/** One's own next thing in full; what the others do in a line, to look at or to take over. */
function Hands({ next }: { next: readonly Next[] }) {
  const { work, paints } = useJob();
  const { now } = usePlan();
  const { nameOf, own } = useHands();
  const chosen = usePointedAt((state) => state.person);
  const forPerson = usePointedAt((state) => state.forPerson);
  const shown = next.find(({ person }) => person === (chosen ?? own)) ?? next[0];
  useWallOf(shown);
  const card = useTopOf(`${shown?.step.id} ${shown?.step.state}`);
  const paintName = (id: string) => paints.find((paint) => paint.id === id)?.name ?? id;
  return (
    <section ref={card} aria-label="Next" className="py-3">
      {work.crew > 1 && (
        <div className="pb-2">
          <Choice
            label="What is next for"
            options={next.map(({ person, step }) => ({
              person,
              label: `${nameOf(person)}: ${stepTitle(step, paintName)}`,
              selected: person === shown?.person,
            }))}
            onChoose={({ person }) => forPerson(person)}
          />
        </div>
      )}
      {now === undefined && (
        <p className="pb-1 text-[0.9375rem] text-soft">
          Nothing has been told yet. Say when you begin, and the days go on from what really happened.
        </p>
      )}
      <Gates />
      {shown ? (
        <NextThing
          {...shown}
          by={work.crew > 1 ? nameOf(shown.person) : null}
          taker={shown.person === own ? null : nameOf(own)}
        />
      ) : (
        <p className="text-2xl font-bold">Everything is done.</p>
      )}
    </section>
  );
}

/** The wall goes along: when another thing comes next, its wall is shown; whoever came to look at a wall is left there. */
function useWallOf(next: Next | undefined): void {
  const router = useRouter();
  const jobId = useJobState((state) => state.jobId);
  const { wallId } = useAddress();
  const before = useRef<string | null>(null);
  const [step, wall] = [next?.step.id, next?.step.wall];
  useEffect(() => {
    if (step === undefined || before.current === step) return;
    const isFirst = before.current === null;
    before.current = step;
    if (!isFirst && wall !== undefined && wall !== wallId) router.replace(stationPath(jobId, wall, "paint"));
  }, [step, wall, wallId, jobId, router]);
}

/** What has become next stands at the top of the card, however far down one was. */
function useTopOf(what: string) {
  const card = useRef<HTMLElement>(null);
  useEffect(() => void card.current?.closest(".overflow-y-auto")?.scrollTo({ top: 0 }), [what]);
  return card;
}

/** What this browser has told and the data folder does not have. */
function NotSent() {
  const waiting = useJournalState((state) => state.waiting.size);
  const isKept = useJournalState((state) => state.isKept);
  return (
    <p role="status" className="py-1 text-[0.9375rem] text-ochre empty:hidden">
      {waiting > 0 &&
        `${waiting} told and not sent yet: ${isKept ? "kept in this browser" : "leave this window open, since this browser keeps nothing"}.`}
    </p>
  );
}
