"use client";

import type { Plan } from "@/core/plan/planTypes";
import type { PlanStep } from "@/core/plan/planDayTypes";
import { formatDuration } from "@/core/measure/formatLength";
import { minutesADay } from "@/core/measure/calendar";
import { nowOfPlan } from "@/core/plan/nowOfPlan";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { clockWords } from "@/ui/job/stateWords";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { stepTitle } from "./stepTitle";

/** The day in the evening: what was done, how long that took, what dries over night, what comes first tomorrow and what to fetch for it. */
export function DayClose() {
  const plan = usePlan();
  const { paints, walls } = useJob();
  const now = nowOfPlan(plan);
  if (now === null || !plan.now) return null;
  const { done, minutes, tomorrow, drying } = dayOf(plan, now);
  if (done.length === 0) return null;
  const nameOf = (id: string) => paints.find((paint) => paint.id === id)?.name ?? id;
  const wallOf = (id: string | undefined) => {
    const wall = walls.find((one) => one.id === id);
    return wall ? `, ${wall.name ?? wall.id}` : "";
  };
  return (
    <Section name="paint/close" title="The day's close" sum={formatDuration(minutes)} isFolded>
      <h4 className="small-caps-label">Done today</h4>
      <ul>
        {done.map((step) => (
          <li key={step.id} className="py-0.5">
            {`${stepTitle(step, nameOf)}${wallOf(step.wall)}`}
            <span className="text-soft">{`, ${step.from} to ${step.to}`}</span>
          </li>
        ))}
      </ul>
      {drying.length > 0 && (
        <>
          <h4 className="small-caps-label pt-2">Over night</h4>
          <ul>
            {drying.map(({ say, due }) => (
              <li key={`${say} ${due}`} className="py-0.5">
                <Measure>{`${say.slice(0, -1)} from ${clockWords(due, plan.now)}.`}</Measure>
              </li>
            ))}
          </ul>
        </>
      )}
      {tomorrow && (
        <>
          <h4 className="small-caps-label pt-2">{`First thing, ${clockWords(tomorrow.first.until ?? plan.now, plan.now)}`}</h4>
          <p>
            <Measure>{tomorrow.first.say}</Measure>
          </p>
          {tomorrow.fetch.length > 0 && (
            <ul className="list-disc pl-5">
              {tomorrow.fetch.map((thing) => (
                <li key={thing}>{thing}</li>
              ))}
            </ul>
          )}
        </>
      )}
    </Section>
  );
}

function dayOf(plan: Plan, now: number) {
  const today = Math.floor(now / minutesADay) + 1;
  const isFrame = ({ kind }: PlanStep) => kind === "set-up" || kind === "close";
  const done = plan.steps.filter((step) => step.day === today && step.state === "done");
  const next = plan.days.find(({ day }) => day > today);
  const first = next && plan.steps.find((step) => step.day === next.day && !isFrame(step));
  const evening = today * minutesADay;
  return {
    done: done.filter((step) => !isFrame(step)),
    minutes: done.reduce((sum, { minutes, people }) => sum + minutes * (people?.length ?? 1), 0),
    drying: (plan.clocks ?? []).filter(
      ({ clock, due }) => clock === "dry" && minuteOf(plan, due) > evening - 360,
    ),
    tomorrow: next && first ? { first, fetch: next.evening } : null,
  };
}

/** A moment of the plan in minutes from midnight before its first day. */
const minuteOf = (plan: Plan, moment: string): number => nowOfPlan({ now: moment, days: plan.days }) ?? 0;
