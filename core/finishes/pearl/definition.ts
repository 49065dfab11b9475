import { defineFinish } from "../defineFinish";
import { overPaint } from "../brokenColour";
import { cardOfPearl } from "./card";
import { editPearl } from "./edit";
import { layOutPearl } from "./layout";
import { pearlSpec } from "./spec";

export const pearl = defineFinish({
  kind: "pearl",
  title: "Pearl coat",
  spec: pearlSpec,
  paints: (spec) => [{ path: ["paint"], id: spec.paint }, ...overPaint(spec)],
  things: () => [],
  layOut: layOutPearl,
  card: cardOfPearl,
  edit: editPearl,
  lookedAt: () => ({ misses: true, sections: [], findings: [] }),
  sundries: {
    "pearl-sleeve": {
      name: { metric: "Short-nap sleeve, 230 mm", imperial: 'Short-nap sleeve, 9"' },
      serves: 1,
      why: "why-pearl-sleeve",
      leavesLook: true,
    },
    "pearl-sleeve-100": {
      name: { metric: "Short-nap sleeve, 100 mm", imperial: 'Short-nap sleeve, 4"' },
      serves: 1,
      why: "why-pearl-sleeve",
      leavesLook: true,
    },
  },
  rates: { pearl_m2_min: { usual: 0.45, as: "a minute", label: "Pearl coat, m2" } },
  start: (_, paints, base) => ({ paint: paints.find((paint) => paint !== base) ?? base, over: "all" }),
});
