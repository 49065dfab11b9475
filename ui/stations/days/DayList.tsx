"use client";

import { Swatch } from "@/ui/parts/Swatch";
import { Check, Circle, Hourglass, Moon, Play, Printer, TriangleAlert } from "lucide-react";
import Link from "next/link";
import { useMemo, useState } from "react";
import { useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import type { Plan } from "@/core/plan/planTypes";
import type { PlanDay, PlanStep } from "@/core/plan/planDayTypes";
import { nowOfPlan } from "@/core/plan/nowOfPlan";
import { whyShort } from "@/formats/pauses";
import { whoDoesIt } from "@/formats/whoDoes";
import { Measure } from "@/ui/parts/Measure";
import { useAddress } from "@/ui/job/useAddress";
import { WindowedList } from "@/ui/parts/WindowedList";
import { Section } from "@/ui/parts/Section";
import { Choice } from "@/ui/parts/Choice";
import { useDayClock } from "./dayClock";
import { dayAt, dayTitle } from "./dayWords";
import { stateWords } from "@/ui/job/stateWords";
import { TellStep } from "./TellStep";
import { rowsOfDay, type DayRow } from "./rowsOfDay";

/** Each day's steps in plain sentences, with what to have ready the evening before and what to take care of. */
export function DayList() {
  const plan = usePlan();
  const { wallId } = useAddress();
  const { at } = useDayClock();
  const [isWallOnly, setWallOnly] = useState(false);
  if (plan.days.length === 0) return null;
  const shown = at ?? nowOfPlan(plan);
  // A job that has begun opens on the day that it is, or the next on which there is work.
  const lookedAt =
    (shown === null ? null : plan.days.find(({ day }) => day >= dayAt(shown)))?.day ?? plan.days[0]!.day;
  return (
    <Section name="days/list" title="Day by day" sum={String(plan.days.length)}>
      <Choice
        label="Steps"
        options={[
          { label: "of all walls", selected: !isWallOnly },
          { label: "of this wall", selected: isWallOnly },
        ]}
        onChoose={({ label }) => setWallOnly(label === "of this wall")}
      />
      <WindowedList
        name="Day by day"
        items={plan.days}
        keyOf={({ day }) => `${day} ${day === lookedAt}`}
        height={46}
        show={(day) => (
          <OneDay day={day} plan={plan} isOpen={day.day === lookedAt} onlyWall={isWallOnly ? wallId : null} />
        )}
      />
    </Section>
  );
}

function OneDay({
  day,
  plan,
  isOpen,
  onlyWall,
}: {
  day: PlanDay;
  plan: Plan;
  isOpen: boolean;
  onlyWall: string | null;
}) {
  // A day that has never been opened is not made, since long jobs have many.
  const [isMade, setMade] = useState(isOpen);
  return (
    <details
      className="border-b border-hairline [li:last-child>&]:border-0"
      open={isOpen}
      onToggle={(event) => event.currentTarget.open && setMade(true)}
    >
      <summary className="flex min-h-11 cursor-pointer items-baseline justify-between gap-2 py-2">
        <span className="font-display text-lg font-bold">{dayTitle(day)}</span>
        <span className="text-soft">{`${day.from} to ${day.to}`}</span>
      </summary>
      {isMade && <DayContent day={day} plan={plan} onlyWall={onlyWall} />}
    </details>
  );
}

function DayContent({ day, plan, onlyWall }: { day: PlanDay; plan: Plan; onlyWall: string | null }) {
  const job = useJob();
  const jobId = useJobState((state) => state.jobId);
  const rows = useMemo(() => rowsOfDay(job, plan, day, onlyWall), [job, plan, day, onlyWall]);
  const short = useMemo(() => whyShort(job, plan, day), [job, plan, day]);
  return (
    <>
      {day.evening.length > 0 && (
        <div className="mb-2 rounded-md bg-violet-wash px-3 py-2">
          <p className="flex items-center gap-2 font-semibold">
            <Moon size={15} aria-hidden /> The evening before
          </p>
          <ul className="list-disc pl-5 text-[0.9375rem]">
            {day.evening.map((thing) => (
              <li key={thing}>{thing}</li>
            ))}
          </ul>
        </div>
      )}
      <WindowedList
        name={`Steps of ${dayTitle(day)}`}
        className="pb-2"
        items={rows}
        keyOf={({ key }) => key}
        height={58}
        show={(row) => <OneRow row={row} plan={plan} />}
      />
      {short && <p className="pb-2 text-[0.9375rem] text-soft">{short}</p>}
      <Link
        href={`/print/${encodeURIComponent(jobId)}/day/${day.day}`}
        className="link-button mb-3"
        aria-label={`Card for the pocket, ${dayTitle(day)}`}
      >
        <Printer size={17} aria-hidden /> Card for the pocket
      </Link>
    </>
  );
}

function OneRow({ row, plan }: { row: DayRow; plan: Plan }) {
  switch (row.kind) {
    case "wall":
      return <h4 className="pt-2 font-semibold text-violet">{row.name}</h4>;
    case "pause":
      return (
        <p className="my-1 flex gap-2 rounded-md bg-ochre-wash px-2 py-1.5 text-[0.9375rem]">
          <Hourglass size={15} className="mt-1 shrink-0 text-ochre" aria-hidden />
          {row.say}
        </p>
      );
    case "step":
      return <OneStep {...row} plan={plan} />;
    default:
      return row satisfies never;
  }
}

function OneStep({
  step,
  say,
  plan,
  cautions,
  isOnWall,
}: {
  step: PlanStep;
  say: string;
  plan: Plan;
  cautions: readonly string[];
  isOnWall: boolean;
}) {
  const job = useJob();
  const { at, lookAt } = useDayClock();
  const hex = job.paints.find(({ id }) => id === step.colour)?.hex;
  const [isOpen, setOpen] = useState(false);
  const isNow = at !== null && step.start <= at && at < step.end;
  return (
    <div
      className={`flex flex-wrap gap-3 py-1 ${isNow ? "rounded-md bg-ochre-wash" : ""} ${isOnWall ? "border-l-2 border-violet pl-2" : ""}`}
    >
      <button
        type="button"
        className="min-h-8 max-md:min-h-11 w-12 shrink-0 self-start text-left text-soft hover:text-violet"
        aria-label={`Show the wall at ${step.from}`}
        onClick={() => lookAt(step.start)}
      >
        {step.from}
      </button>
      <div className="min-w-0 flex-1">
        <p className={step.state === "done" ? "text-soft" : ""}>
          {hex && <Swatch colour={hex} size={3} className="mr-1.5" />}
          <Measure>{say}</Measure>
          {plan.work!.crew > 1 && <span className="text-soft">{` ${whoDoesIt(step)}`}</span>}
        </p>
        {cautions.map((caution) => (
          <p key={caution} className="flex gap-1.5 text-[0.9375rem] text-ochre">
            <TriangleAlert size={15} className="mt-1 shrink-0" aria-hidden />
            <span>{caution}</span>
          </p>
        ))}
      </div>
      <StateButton step={step} isOpen={isOpen} onToggle={() => setOpen(!isOpen)} />
      {isOpen && <TellStep step={step} />}
    </div>
  );
}

const stateIcons = { done: Check, running: Play, ready: Circle, waiting: Hourglass } as const;
const stateTones = {
  done: "text-leaf",
  running: "text-violet",
  ready: "text-violet",
  waiting: "text-soft",
} as const;

/** How a step stands; pressed, what became of it can be told. */
function StateButton({ step, isOpen, onToggle }: { step: PlanStep; isOpen: boolean; onToggle: () => void }) {
  const { now } = usePlan();
  const state = step.state ?? "ready";
  const Icon = step.state ? stateIcons[state] : Circle;
  const words = stateWords(step, now);
  return (
    <button
      type="button"
      className={`flex size-11 shrink-0 items-center justify-center rounded-md hover:bg-violet-wash ${step.state ? stateTones[state] : "text-soft"}`}
      aria-expanded={isOpen}
      aria-label={`${words}; tell of step ${step.from}, ${step.say}`}
      title={words}
      onClick={onToggle}
    >
      <Icon size={16} aria-hidden />
    </button>
  );
}
