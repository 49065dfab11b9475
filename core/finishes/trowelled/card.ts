import type { CardField } from "../defineFinish";
import { overField } from "../brokenColour";
import { edgeTone, type TrowelledSpec } from "./spec";

/** How large a section is laid on before the next one is joined to it, m2. */
const sections = [
  { m2: 0.25, label: "a forearm's reach" },
  { m2: 0.5, label: "an arm's reach" },
  { m2: 1, label: "two arms' reach" },
] as const;

/** Tones with their shares, what stays bare, and the edge. */
export function cardOfTrowelled(spec: TrowelledSpec): CardField[] {
  const { tones, bare, section_m2 } = spec;
  const last = tones.at(-1)!;
  return [
    ...tones.flatMap(({ paint, share }, index): CardField[] => [
      {
        type: "paint",
        label: `Tone ${index + 1}`,
        path: ["tones", index, "paint"],
        value: paint,
        mayBeNone: false,
      },
      { type: "count", label: `Tone ${index + 1}, parts`, path: ["tones", index, "share"], value: share },
    ]),
    { type: "action", label: "Another tone", set: { tones: [...tones, { ...last }].slice(0, 6) } },
    ...(tones.length > 1
      ? [{ type: "action", label: "One tone less", set: { tones: tones.slice(0, -1) } } as const]
      : []),
    {
      type: "choice",
      label: "Bare ground",
      options: [
        ...[0, 0.1, 0.2, 0.3].map((share) => ({
          label: share === 0 ? "none" : `${share * 100} %`,
          selected: bare === share,
          set: { bare: share },
        })),
        ...([0, 0.1, 0.2, 0.3].includes(bare)
          ? []
          : [{ label: `${Math.round(bare * 1000) / 10} %`, selected: true, set: {} }]),
      ],
    },
    { type: "paint", label: "Edges", path: ["edge"], value: edgeTone(spec), mayBeNone: false },
    overField(spec),
    {
      type: "choice",
      label: "A section",
      options: [
        ...sections.map(({ m2, label }) => ({ label, selected: section_m2 === m2, set: { section_m2: m2 } })),
        ...(sections.some(({ m2 }) => m2 === section_m2)
          ? []
          : [{ label: "as set", selected: true, set: {} }]),
      ],
    },
    { type: "action", label: "Other marks", set: { seed: spec.seed + 1 } },
  ];
}
