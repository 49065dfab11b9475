"use client";

import { CartesianGrid, LabelList, ResponsiveContainer, Scatter, ScatterChart, XAxis, YAxis } from "recharts";
import { groupBy } from "@/core/geometry/groupBy";
import type { ComparedCrew } from "@/core/job/compareCrews";
import { schools, type School } from "@/core/rounds/listPasses";
import { schoolNames } from "./schoolNames";

interface Props {
  readonly crews: readonly ComparedCrew[];
  readonly isPresent: (row: ComparedCrew) => boolean;
}

const heightPx = 220;
const looks: Record<School, { fill: string; shape: "circle" | "square" }> = {
  finish: { fill: "var(--color-violet)", shape: "circle" },
  "coat-by-coat": { fill: "var(--color-ochre)", shape: "square" },
};

/** Pairs of hands that come to the same, as a range where they follow each other. */
function handsOf(alike: readonly ComparedCrew[]): string {
  const crews = alike.map(({ crew }) => crew).sort((a, b) => a - b);
  const [first, last] = [crews[0]!, crews.at(-1)!];
  return last - first === crews.length - 1 && last > first ? `${first}–${last}` : crews.join(",");
}

/** Each number of hands as a point: hours of work to the right, days to the end up; the table under it says the same. */
export function CrewChart({ crews, isPresent }: Props) {
  // Hands that are not needed change nothing, so several numbers may lie on one point.
  const points = [
    ...groupBy(crews, ({ school, lastDay, minutes }) => `${school} ${lastDay} ${minutes}`).values(),
  ].map((alike) => ({
    ...alike[0]!,
    hours: Math.round(alike[0]!.minutes / 6) / 10,
    label: `${handsOf(alike)}${alike.some(isPresent) ? "\u00a0now" : ""}`,
  }));
  return (
    <div aria-hidden="true">
      <ResponsiveContainer width="100%" height={heightPx}>
        <ScatterChart margin={{ top: 14, right: 20, bottom: 18, left: -18 }} accessibilityLayer={false}>
          <CartesianGrid stroke="var(--color-hairline)" strokeWidth={0.7} />
          <XAxis
            type="number"
            dataKey="hours"
            domain={["auto", "auto"]}
            padding={{ left: 36, right: 24 }}
            unit=" h"
            tick={{ fontSize: 12 }}
            label={{ value: "hours of work", position: "insideBottom", offset: -12, fontSize: 12 }}
          />
          <YAxis
            type="number"
            dataKey="lastDay"
            domain={[0, "auto"]}
            allowDecimals={false}
            tick={{ fontSize: 12 }}
          />
          {schools.map((school) => (
            <Scatter
              key={school}
              data={points.filter((point) => point.school === school)}
              fill={looks[school].fill}
              shape={looks[school].shape}
              isAnimationActive={false}
            >
              <LabelList dataKey="label" position="top" fontSize={12} />
            </Scatter>
          ))}
        </ScatterChart>
      </ResponsiveContainer>
      <p className="flex flex-wrap gap-x-4 pb-2 text-[0.8125rem] text-soft">
        {schools.map((school) => (
          <span key={school} className="flex items-center gap-1.5">
            <span
              className={`inline-block size-2.5 ${looks[school].shape === "circle" ? "rounded-full" : ""}`}
              style={{ background: looks[school].fill }}
            />
            {schoolNames[school]}
          </span>
        ))}
        <span>Days upwards; beside each point its pairs of hands.</span>
      </p>
    </div>
  );
}
