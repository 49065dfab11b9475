"use client";

import { useMemo } from "react";
import { formatDuration, formatVolume } from "@/core/measure/formatLength";
import { closeOfDay } from "@/core/plan/dayClose";
import { useJob, usePlan } from "@/ui/job/JobProvider";
import { clockWords } from "@/ui/job/stateWords";
import { Measure } from "@/ui/parts/Measure";
import { Section } from "@/ui/parts/Section";
import { stepTitle } from "./stepTitle";

/** The day in the evening: what was done, how long that took, what dries over night, what comes first tomorrow and what to fetch for it. */
export function DayClose() {
  const plan = usePlan();
  const { paints, walls, volumes } = useJob();
  const close = useMemo(() => closeOfDay(plan), [plan]);
  if (!close || !plan.now || close.done.length === 0) return null;
  const { done, minutes, tomorrow, drying } = close;
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
      {plan.forecast && (
        <>
          <h4 className="small-caps-label pt-2">In the tins</h4>
          <ul>
            {plan.forecast.map(({ paint, left_ml: left }) => (
              <li key={paint} className="py-0.5">
                <Measure>{`${nameOf(paint)}: ${formatVolume(left, volumes)} left`}</Measure>
              </li>
            ))}
          </ul>
        </>
      )}
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
