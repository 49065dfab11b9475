import type { CardField, CardOption } from "../defineFinish";
import type { BandsSpec } from "./spec";

const datumWords = {
  level: "Level",
  floor: "From the floor",
  ceiling: "From the ceiling",
  split: "Split: half of what floor or ceiling is out",
} as const;
/** A band that is added is as high as the last, this far beyond it, mm. */
const nextGapMm = 100;

/** Which line the bands are measured from, each band's two edges and its paint, and what lies around them. */
export function cardOfBands({ datum, below, between, above, bands }: BandsSpec): CardField[] {
  const paint = (label: string, key: string, value: string | undefined): CardField => ({
    type: "paint",
    label,
    path: [key],
    value: value ?? null,
    mayBeNone: true,
  });
  const last = bands.at(-1)!;
  const size = (last.to ?? 200) - (last.from ?? 0);
  const next = (last.to ?? 0) + nextGapMm;
  return [
    {
      type: "choice",
      label: "Measured",
      options: (Object.keys(datumWords) as BandsSpec["datum"][]).map((value): CardOption => ({
        label: datumWords[value],
        selected: value === datum,
        // Against what it is split is said anew.
        set: { datum: value, against: undefined },
      })),
    },
    ...bands.flatMap(({ from, to, around, gap, colour }, index): CardField[] => [
      { type: "heading", label: `Band ${index + 1}` },
      ...(around === undefined
        ? ([
            { type: "length", label: "From", path: ["bands", index, "from"], value: from ?? null },
            { type: "length", label: "To", path: ["bands", index, "to"], value: to ?? null },
          ] as const)
        : ([
            {
              type: "length",
              label: `Around ${around}, gap`,
              path: ["bands", index, "gap"],
              value: gap ?? 0,
            },
          ] as const)),
      { type: "paint", label: "Paint", path: ["bands", index, "colour"], value: colour, mayBeNone: false },
      ...(bands.length > 1
        ? ([
            {
              type: "action",
              label: "Take it out",
              set: { bands: bands.filter((_, place) => place !== index) },
            },
          ] as const)
        : []),
    ]),
    {
      type: "action",
      label: "Add a band",
      set: { bands: [...bands, { from: next, to: next + size, colour: last.colour }] },
    },
    { type: "heading", label: "Around the bands" },
    paint("Below", "below", below),
    paint("Between", "between", between),
    paint("Above", "above", above),
  ];
}
