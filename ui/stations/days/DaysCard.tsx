"use client";

import "@/ui/journal/telling";
import { CalendarDays, Table } from "lucide-react";
import type { WaitKind } from "@/core/work/step";
import { formatDuration } from "@/core/measure/formatLength";
import type { Plan } from "@/core/plan/planTypes";
import type { PlanStep } from "@/core/plan/planDayTypes";
import { useJobState, usePlan } from "@/ui/job/JobProvider";
import { jobFindingsAt } from "@/ui/job/findingsAt";
import { CardHead } from "@/ui/parts/CardHead";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { FindingList } from "@/ui/parts/FindingList";
import { useAddress } from "@/ui/job/useAddress";
import { DaysOff } from "./DayOff";
import { Crews } from "./Crews";
import { useDayClock } from "./dayClock";
import { DayList } from "./DayList";
import { dayAt, shortDate } from "./dayWords";
import { momentWords, TimeChart } from "./TimeChart";
import { OrderSection } from "./OrderSection";
import { Rehearsed } from "./Rehearsed";
import { Schools } from "./Schools";
import { Told } from "./Told";
import { NextAtWall } from "./NextAtWall";
import { WorkSettings } from "./WorkSettings";

/** What is done when, by whom, and what it waits for; the answer changes with the air, the hours and the hands. */
export function DaysCard() {
  const plan = usePlan();
  const jobId = useJobState((state) => state.jobId);
  const { wallId } = useAddress();
  const exports = `/api/jobs/${encodeURIComponent(jobId)}/days`;
  return (
    <>
      <CardHead
        title="Days"
        action={
          plan.work && (
            <>
              <a className="link-button" href={`${exports}?format=ics`} download>
                <CalendarDays size={17} aria-hidden /> Calendar
              </a>
              <a className="link-button" href={`${exports}?format=csv`} download>
                <Table size={17} aria-hidden /> Table
              </a>
            </>
          )
        }
      />
      {plan.now !== undefined && <NextAtWall />}
      <Summary plan={plan} />
      <FindingList findings={jobFindingsAt(plan.findings, "work")} />
      <Rehearsed />
      <div className="-mx-5 md:hidden">
        <TimeChart wallId={wallId ?? ""} />
      </div>
      <Now plan={plan} />
      {plan.now === undefined && <NextAtWall />}
      <WorkSettings />
      <DayList />
      <DaysOff />
      <Told />
      <OrderSection />
      <Schools />
      <Critical plan={plan} />
      <Crews />
      {plan.work && (
        <Section name="days/care" title="When it is hard" isFolded>
          <ul>
            {plan.work.care.map(({ wall, washable, cured }) => (
              <li key={wall}>
                <WallName id={wall} />
                {`: washable from ${shortDate(washable)}, cured by ${shortDate(cured)}.`}
              </li>
            ))}
          </ul>
        </Section>
      )}
    </>
  );
}

function WallName({ id }: { id: string }) {
  const name = useJobState(({ document }) => document.walls.find((wall) => wall.id === id)?.name);
  return <span className="font-semibold">{name ?? id}</span>;
}

function Summary({ plan: { work, days } }: { plan: Plan }) {
  if (!work) {
    return (
      <p className="py-3">
        Nothing can be planned yet. Lay out a pattern, and see that the room is fit to paint in.
      </p>
    );
  }
  const [first, last] = [days[0]!, days.at(-1)!];
  const span = first === last ? shortDate(first) : `${shortDate(first)} to ${shortDate(last)}`;
  const longer =
    work.factor > 1.005 ? ` In this air everything dries ${work.factor.toFixed(1)} times as long.` : "";
  const soonest = dayAt(work.soonestEnd - 1);
  const bound =
    soonest === work.lastDay
      ? "No plan could end on an earlier day."
      : `With any number of hands it could end on ${shortDate({ day: soonest, date: days.find(({ day }) => day === soonest)?.date ?? null })}.`;
  return (
    <p className="py-3">
      <strong>{`${work.days} ${work.days === 1 ? "day" : "days"}, ${span}.`}</strong>
      {` ${formatDuration(work.minutes)} of work; the end waits ${formatDuration(work.waiting_min)} for what dries.${longer} ${bound}`}
    </p>
  );
}

/** What goes on at the moment that is looked at, and what each wall waits for. */
function Now({ plan }: { plan: Plan }) {
  const { at, lookAt } = useDayClock();
  if (at === null || !plan.work) return null;
  const under = plan.steps.filter(({ start, end }) => start <= at && at < end);
  return (
    <section aria-label="At this moment" aria-live="polite" className="border-t border-hairline py-3">
      <div className="flex items-baseline justify-between">
        <h3 className="text-lg font-bold">{momentWords(plan, at)}</h3>
        <button type="button" className="min-h-11 px-2 text-violet" onClick={() => lookAt(null)}>
          {plan.now === undefined ? "Show it finished" : "Back to now"}
        </button>
      </div>
      <ul className="flex flex-col gap-1">
        {under.length === 0 && <li className="text-soft">No one is at work.</li>}
        {under.map((step) => (
          <li key={step.id} className="font-semibold">
            <Measure>{step.say}</Measure>
          </li>
        ))}
        {waitsAt(plan, at).map(({ step, wait }) => (
          <li key={step.id} className="text-soft">
            {`Until ${untilWords(plan, at, wait.until)}, ${waitWords[wait.what]}: `}
            <span className="block">
              <Measure>{step.say}</Measure>
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** The chain of steps and waits that the end hangs on: to be quicker anywhere else saves no day. */
function Critical({ plan }: { plan: Plan }) {
  const byId = new Map(plan.steps.map((step) => [step.id, step]));
  const chain = (plan.work?.critical ?? []).map((id) => byId.get(id)!);
  if (chain.length === 0) return null;
  return (
    <Section name="days/critical" title="What the end hangs on" isFolded>
      <ol>
        {chain.map((step) => (
          <li key={step.id} className="py-0.5">
            <span className="text-soft">{momentWords(plan, step.start)}</span>
            <span className="text-soft">{heldWords(step)}</span>
            <span className="block">
              <Measure>{step.say}</Measure>
            </span>
          </li>
        ))}
      </ol>
    </Section>
  );
}

/** What kept a step from starting sooner, where it was more than the step before it. */
function heldWords({ heldBy, heldFrom, waitsFor }: PlanStep): string {
  if (heldBy === "night") return ", first thing in the day";
  if (heldBy === "break") return ", after the break";
  if (heldBy === "follower") return ", so that what follows can follow closely";
  const minutes = Math.max(
    0,
    ...waitsFor.filter(({ step }) => step === heldFrom).map((wait) => wait.minutes),
  );
  return heldBy === "wait" && minutes > 0 ? `, after ${formatDuration(minutes)} of drying` : "";
}

/** The clock alone on the day that is looked at. */
function untilWords(plan: Plan, at: number, until: number): string {
  const words = momentWords(plan, until);
  return dayAt(at) === dayAt(until) ? words.slice(-5) : words;
}

/** For each wall the next step that something dries for, with what is over last. */
function waitsAt(plan: Plan, at: number): { step: PlanStep; wait: PlanStep["waitsFor"][number] }[] {
  const ends = new Map(plan.steps.map(({ id, end }) => [id, end]));
  const nextOf = new Map<string, PlanStep>();
  for (const step of plan.steps) {
    if (step.start > at && step.wall !== undefined && !nextOf.has(step.wall)) nextOf.set(step.wall, step);
  }
  return [...nextOf.values()].flatMap((step) => {
    const waits = step.waitsFor.filter(
      ({ what, until, step: before }) => what !== "after" && ends.get(before)! <= at && at < until,
    );
    const last = waits.sort((a, b) => b.until - a.until)[0];
    return last ? [{ step, wait: last }] : [];
  });
}

const waitWords: Record<WaitKind, string> = {
  after: "one after the other",
  drying: "the wall dries",
  recoat: "the coat dries",
  "tape-over": "too fresh for tape",
  "touch-dry": "not yet touch-dry",
  "next-day": "the next day",
  looks: "boards are looked at in every light",
};
