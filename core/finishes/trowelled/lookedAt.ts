import type { LookedAt } from "../defineFinish";
import type { SeenSection, TrowelledSpec } from "./spec";

/** How a section may look from the distance, as it is laid; what is the matter with it is told one thing at a time. */
export function lookedAtTrowelled({ tones }: TrowelledSpec): LookedAt {
  const looks: readonly (readonly [label: string, seen: SeenSection, paint?: string])[] = [
    ["as planned", {}],
    ...tones.map(({ paint }) => ["more of", { more: { paint } }, paint] as const),
    ["more left bare", { more: "bare" }],
    ["laid heavier", { hand: "heavier" }],
    ["laid lighter", { hand: "lighter" }],
    ["strokes all one way", { strokes: "one-way" }],
  ];
  return {
    misses: false,
    findings: ["sections-drift", "sections-habit"],
    sections: looks.map(([label, seen, paint]) => ({ label, seen, ...(paint !== undefined && { paint }) })),
  };
}
