"use client";

import { Swatch } from "@/ui/parts/Swatch";
import { Moon, TriangleAlert } from "lucide-react";
import { useMemo, useState } from "react";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import type { Plan } from "@/core/plan/planTypes";
import type { PlanDay, PlanStep } from "@/core/plan/planDayTypes";
import { whoDoesIt } from "@/formats/whoDoes";
import { Measure } from "@/ui/parts/Measure";
import { useAddress } from "@/ui/job/useAddress";
import { WindowedList } from "@/ui/parts/WindowedList";
import { Section } from "@/ui/parts/Section";
import { Choice } from "@/ui/parts/Choice";
import { useDayClock } from "./dayClock";
import { dayAt, dayTitle } from "./dayWords";

/** Each day's steps in plain sentences, with what to have ready the evening before and what to take care of. */
export function DayList() {
  const plan = usePlan();
  const { wallId } = useAddress();
  const { at } = useDayClock();
  const [isWallOnly, setWallOnly] = useState(false);
  if (plan.days.length === 0) return null;
  const lookedAt = at === null ? plan.days[0]!.day : dayAt(at);
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
  const steps = useMemo(() => stepsOf(plan, day, onlyWall), [plan, day, onlyWall]);
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
        items={steps}
        keyOf={({ step }) => step.id}
        height={58}
        show={({ step, cautions }) => <OneStep step={step} plan={plan} cautions={cautions} />}
      />
    </>
  );
}

interface ShownStep {
  readonly step: PlanStep;
  /** Those that no earlier step of the day has told: a caution is told once a day, where it first counts. */
  readonly cautions: readonly string[];
}

function stepsOf({ steps }: Plan, { day }: PlanDay, onlyWall: string | null): ShownStep[] {
  const said = new Set<string>();
  return steps
    .filter(
      (step) => step.day === day && (onlyWall === null || step.wall === undefined || step.wall === onlyWall),
    )
    .map((step) => {
      const cautions = step.cautions.filter((caution) => !said.has(caution));
      for (const caution of cautions) said.add(caution);
      return { step, cautions };
    });
}

function OneStep({ step, plan, cautions }: { step: PlanStep; plan: Plan; cautions: readonly string[] }) {
  const job = useJob();
  const { at, lookAt } = useDayClock();
  const hex = job.paints.find(({ id }) => id === step.colour)?.hex;
  const isNow = at !== null && step.start <= at && at < step.end;
  return (
    <div className={`flex gap-3 py-1 ${isNow ? "rounded-md bg-ochre-wash" : ""}`}>
      <button
        type="button"
        className="min-h-8 w-12 shrink-0 text-left text-soft hover:text-violet"
        aria-label={`Show the wall at ${step.from}`}
        onClick={() => lookAt(step.start)}
      >
        {step.from}
      </button>
      <div className="min-w-0">
        <p>
          {hex && <Swatch colour={hex} size={3} className="mr-1.5" />}
          <Measure>{step.say}</Measure>
          {plan.work!.crew > 1 && <span className="text-soft">{` ${whoDoesIt(step)}`}</span>}
        </p>
        {cautions.map((caution) => (
          <p key={caution} className="flex gap-1.5 text-[0.9375rem] text-ochre">
            <TriangleAlert size={15} className="mt-1 shrink-0" aria-hidden />
            <span>{caution}</span>
          </p>
        ))}
      </div>
    </div>
  );
}
