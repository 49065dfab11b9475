"use client";

import { Bar, BarChart, ResponsiveContainer, XAxis, YAxis } from "recharts";
import type { Share } from "./share";

interface Props {
  readonly shares: readonly Share[];
  /** The same in words, for those who listen. */
  readonly say: string;
}

const heightPx = 14;

/** Shares of one whole side by side. */
export function ShareBarChart({ shares, say }: Props) {
  const row = Object.fromEntries(shares.map(({ amount }, index) => [`share${index}`, amount]));
  const whole = shares.reduce((sum, { amount }) => sum + amount, 0);
  return (
    <div role="img" aria-label={say} className="my-2 overflow-hidden rounded-sm border border-ink/25">
      <ResponsiveContainer width="100%" height={heightPx}>
        <BarChart
          data={[row]}
          layout="vertical"
          margin={{ top: 0, right: 0, bottom: 0, left: 0 }}
          barCategoryGap={0}
          accessibilityLayer={false}
        >
          <XAxis type="number" domain={[0, whole]} hide />
          <YAxis type="category" hide />
          {shares.map(({ label, fill, strength = 1 }, index) => (
            <Bar
              key={label}
              dataKey={`share${index}`}
              stackId="whole"
              fill={fill}
              fillOpacity={strength}
              stroke="#2b1f33"
              strokeOpacity={0.25}
              isAnimationActive={false}
            />
          ))}
        </BarChart>
      </ResponsiveContainer>
    </div>
  );
}
