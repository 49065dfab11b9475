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
  lookedAt: () => ({ misses: true, sections: [], findings: [] }),
  sundries: {
    "block-brush": {
      name: "Block brush, large and soft",
      serves: 1,
      why: "why-block-brush",
      leavesLook: true,
    },
    goggles: { name: "Goggles", serves: 10, why: "why-goggles" },
    gloves: { name: "Long gloves, a pair", serves: 1, why: "why-gloves" },
  },
  rates: { limewash_m2_min: { usual: 0.25, as: "a minute", label: "Limewash, m2" } },
  start: (_, paints, base) => ({ paint: paints.find((paint) => paint !== base) ?? base, over: "all" }),
});
