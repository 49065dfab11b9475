import { defineFinish } from "../defineFinish";
import { overPaint } from "../brokenColour";
import { optionalPaint } from "../optionalPaint";
import { cardOfTrowelled } from "./card";
import { editTrowelled } from "./edit";
import { lookedAtTrowelled } from "./lookedAt";
import { layOutTrowelled } from "./layout";
import { trowelledSpec } from "./spec";

export const trowelled = defineFinish({
  kind: "trowelled",
  title: "Trowelled",
  spec: trowelledSpec,
  paints: (spec) => [
    ...spec.tones.map(({ paint }, index) => ({ path: ["tones", index, "paint"], id: paint })),
    ...optionalPaint("edge", spec.edge),
    ...overPaint(spec),
    ...(spec.seen ?? []).flatMap(({ more }, index) =>
      typeof more === "object" ? [{ path: ["seen", index, "more", "paint"], id: more.paint }] : [],
    ),
  ],
  things: () => [],
  layOut: layOutTrowelled,
  card: cardOfTrowelled,
  edit: editTrowelled,
  lookedAt: lookedAtTrowelled,
  sundries: {
    spreader: {
      name: "Spreader, flexible, rounded corners",
      serves: 1,
      why: "why-spreader",
      leavesLook: true,
    },
  },
  rates: { trowel_m2_min: { usual: 0.06, as: "a minute", label: "Trowelling, m2" } },
  start: (_, paints, base) => {
    const others = paints.filter((paint) => paint !== base);
    const [first = base, second] = others;
    return {
      tones: [{ paint: first, share: 3 }, ...(second === undefined ? [] : [{ paint: second, share: 2 }])],
      bare: 0.1,
    };
  },
});
