"use client";

import { Line, LineChart, ResponsiveContainer, XAxis, YAxis } from "recharts";
import { reflectanceOf } from "@/core/colour/underLamp";

interface Props {
  readonly name: string;
  readonly mixed: readonly number[];
  readonly meant: string;
}

const [firstNm, byNm] = [380, 10];
const percent = (share: number): number => Math.round(share * 1000) / 10;

/** Per cent of the light that comes back, by its wave length: the mix as it is predicted, and what is meant. */
export function ReflectanceChart({ name, mixed, meant }: Props) {
  const wanted = reflectanceOf(meant);
  const rows = mixed.map((share, band) => ({
    nm: firstNm + byNm * band,
    mixed: percent(share),
    meant: percent(wanted[band]!),
  }));
  const at = (nm: number) => rows.find((row) => row.nm === nm)!;
  const say = [450, 550, 650]
    .map((nm) => `at ${nm} nm ${at(nm).mixed} %, meant ${at(nm).meant} %`)
    .join("; ");
  return (
    <div role="img" aria-label={`What ${name} reflects: ${say}`}>
      <ResponsiveContainer width="100%" height={144}>
        <LineChart data={rows} margin={{ top: 6, right: 8, bottom: 0, left: -18 }} accessibilityLayer={false}>
          <XAxis
            dataKey="nm"
            type="number"
            domain={[firstNm, 750]}
            ticks={[400, 500, 600, 700]}
            fontSize={12}
            unit=" nm"
          />
          <YAxis domain={[0, 100]} ticks={[0, 50, 100]} fontSize={12} unit=" %" width={62} />
          <Line
            dataKey="meant"
            stroke="#2b1f33"
            strokeDasharray="5 4"
            dot={false}
            isAnimationActive={false}
          />
          <Line dataKey="mixed" stroke="#6a4c93" strokeWidth={2.5} dot={false} isAnimationActive={false} />
        </LineChart>
      </ResponsiveContainer>
    </div>
  );
}
