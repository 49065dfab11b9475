"use client";

import { Bar, BarChart, Cell, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from "recharts";
import type { ReadSurface } from "@/core/colour/readSpots";

/** How far each spot is from the mean of all, CIEDE2000: those that went astray in another colour. */
export function SpreadChart({ found: { off, astray, spread } }: { readonly found: ReadSurface }) {
  const rows = off.map((difference, place) => ({
    spot: `${place + 1}`,
    difference,
    isAstray: astray.includes(place),
  }));
  const say = rows
    .map(
      ({ spot, difference, isAstray }) =>
        `spot ${spot} ${difference.toFixed(1)}${isAstray ? ", astray" : ""}`,
    )
    .join("; ");
  return (
    <div role="img" aria-label={`From their mean: ${say}`}>
      <ResponsiveContainer width="100%" height={96}>
        <BarChart data={rows} margin={{ top: 6, right: 8, bottom: 0, left: -24 }} accessibilityLayer={false}>
          <XAxis dataKey="spot" fontSize={12} tickLine={false} />
          <YAxis fontSize={12} width={56} allowDecimals={false} />
          <ReferenceLine y={spread} stroke="#2b1f33" strokeDasharray="5 4" />
          <Bar dataKey="difference" isAnimationActive={false}>
            {rows.map(({ spot, isAstray }) => (
              <Cell key={spot} fill={isAstray ? "#a03226" : "#6a4ca3"} />
            ))}
          </Bar>
        </BarChart>
      </ResponsiveContainer>
    </div>
  );
}
