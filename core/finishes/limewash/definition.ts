import { defineFinish } from "../defineFinish";
import { overPaint } from "../brokenColour";
import { optionalPaint } from "../optionalPaint";
import { cardOfLimewash } from "./card";
import { editLimewash } from "./edit";
import { layOutLimewash } from "./layout";
import { limewashSpec } from "./spec";

export const limewash = defineFinish({
  kind: "limewash",
  title: "Limewash",
  spec: limewashSpec,
  paints: (spec) => [
    { path: ["paint"], id: spec.paint },
    ...optionalPaint("primer", spec.primer),
    ...overPaint(spec),
  ],
  things: () => [],
  layOut: layOutLimewash,
  card: cardOfLimewash,
  edit: editLimewash,
  rates: { limewash_m2_min: { usual: 0.25, as: "a minute", label: "Limewash, m2" } },
  start: (_, paints, base) => ({ paint: paints.find((paint) => paint !== base) ?? base, over: "all" }),
});
