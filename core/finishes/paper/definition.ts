import { defineFinish } from "../defineFinish";
import { cardOfPaper } from "./card";
import { editPaper } from "./edit";
import { layOutPaper } from "./layout";
import { paperSpec } from "./spec";

export const paper = defineFinish({
  kind: "paper",
  title: "Paper",
  spec: paperSpec,
  paints: () => [],
  things: () => [],
  goesAround: () => true,
  layOut: layOutPaper,
  otherWays: (spec) => [
    { name: "paper", finish: spec },
    { name: "painted all over", finish: null },
  ],
  card: cardOfPaper,
  edit: editPaper,
  sundries: {
    "paper-roll": { name: "Roll of self-adhesive paper", serves: 1, why: "why-paper-roll" },
    blades: { name: "Snap-off blade", serves: 1, why: "why-blades" },
    squeegee: { name: "Squeegee with felt", serves: 1, why: "why-squeegee" },
    straightedge: { name: "Straightedge to cut along", serves: 1, why: "why-straightedge" },
  },
  rates: { paperDrop_min: { usual: 12, as: "minutes", label: "A sheet of paper" } },
  start: ({ extent }) => ({
    roll: { width: 530, length: Math.max(10050, Math.ceil((extent.maxY - extent.minY + 100) / 1000) * 1000) },
    start: "left",
  }),
});
