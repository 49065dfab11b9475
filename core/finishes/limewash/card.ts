import type { CardField } from "../defineFinish";
import { overField } from "../brokenColour";
import type { LimewashSpec } from "./spec";

/** The lime, what it is primed with, and where it lies. */
export const cardOfLimewash = (spec: LimewashSpec): CardField[] => [
  { type: "paint", label: "Limewash", path: ["paint"], value: spec.paint, mayBeNone: false },
  {
    type: "paint",
    label: "Mineral primer",
    path: ["primer"],
    value: spec.primer ?? null,
    mayBeNone: true,
    none: "none",
  },
  overField(spec),
  { type: "action", label: "Other strokes", set: { seed: spec.seed + 1 } },
];
