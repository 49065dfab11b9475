import { defineFinish } from "../defineFinish";
import { wholeFitFields } from "../wholeFitFields";
import { checkDiamonds } from "./check";
import { designDiamonds } from "./design";
import { editDiamonds } from "./edit";
import { diamondsSpec } from "./spec";

const starting = { width: 420, height: 600 } as const;

export const diamonds = defineFinish({
  kind: "diamonds",
  title: "Diamonds",
  spec: diamondsSpec,
  paints: ({ colours }) => colours.map((id, index) => ({ path: ["colours", index], id })),
  things: () => [],
  design: designDiamonds,
  check: checkDiamonds,
  fit: () => null,
  card: ({ columns, rows, colours, lineWidth }, { extent }) => [
    ...wholeFitFields("Columns", "columns", columns, extent.maxX - extent.minX),
    ...wholeFitFields("Rows", "rows", rows, extent.maxY - extent.minY),
    { type: "length", label: "Line left by the tape", path: ["lineWidth"], value: lineWidth },
    { type: "colours", label: "Diamonds, and between", path: ["colours"], value: colours },
  ],
  edit: editDiamonds,
  start: (_, paints, base) => ({
    columns: { by: "near", width: starting.width },
    rows: { by: "near", width: starting.height },
    colours: [paints.find((paint) => paint !== base) ?? base],
  }),
});
