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
  layOut: layOutPaper,
  otherWays: (spec) => [
    { name: "paper", finish: spec },
    { name: "painted all over", finish: null },
  ],
  card: cardOfPaper,
  edit: editPaper,
  rates: { paperDrop_min: { usual: 12, as: "minutes", label: "A sheet of paper" } },
  start: ({ extent }) => ({
    roll: { width: 530, length: Math.max(10050, Math.ceil((extent.maxY - extent.minY + 100) / 1000) * 1000) },
    start: "left",
  }),
});
