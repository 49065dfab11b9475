import type { CardField } from "../defineFinish";
import { overField } from "../brokenColour";
import type { WhitewashSpec } from "./spec";

const ways = { brushed: "brushed", scraped: "scraped back", waxed: "over wax" } as const;

/** The wash, how it is worked, and the boards. */
export const cardOfWhitewash = (spec: WhitewashSpec): CardField[] => [
  { type: "paint", label: "Wash", path: ["paint"], value: spec.paint, mayBeNone: false },
  {
    type: "choice",
    label: "Worked",
    options: Object.entries(ways).map(([way, label]) => ({
      label,
      selected: spec.way === way,
      set: { way },
    })),
  },
  { type: "length", label: "A board, wide", path: ["board"], value: spec.board },
  {
    type: "choice",
    label: "Boards run",
    options: [
      { label: "level", selected: spec.direction === "horizontal", set: { direction: "horizontal" } },
      { label: "upright", selected: spec.direction === "vertical", set: { direction: "vertical" } },
    ],
  },
  overField(spec),
  { type: "action", label: "Other tones", set: { seed: spec.seed + 1 } },
];
