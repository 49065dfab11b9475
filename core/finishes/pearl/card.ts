import type { CardField } from "../defineFinish";
import { overField } from "../brokenColour";
import type { PearlSpec } from "./spec";

/** The coat, how it is made, and where it lies. */
export const cardOfPearl = (spec: PearlSpec): CardField[] => [
  { type: "paint", label: "Pearl coat", path: ["paint"], value: spec.paint, mayBeNone: false },
  {
    type: "choice",
    label: "Made",
    options: [
      {
        label: "as bought",
        selected: spec.kindOfCoat === "purpose-made",
        set: { kindOfCoat: "purpose-made" },
      },
      {
        label: "glitter stirred in",
        selected: spec.kindOfCoat === "stirred-in",
        set: { kindOfCoat: "stirred-in" },
      },
    ],
  },
  overField(spec),
];
