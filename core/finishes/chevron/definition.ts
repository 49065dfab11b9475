import { defineFinish } from "../defineFinish";
import { colouringFields, gridPaints } from "../gridColouring";
import { wholeFitFields } from "../wholeFitFields";
import { checkChevron } from "./check";
import { designChevron } from "./design";
import { editChevron } from "./edit";
import { layOutChevron } from "./layout";
import { offerChevrons } from "./offers";
import { chevronSpec } from "./spec";

const starting = { column: 360, row: 220, rise: 220 } as const;

export const chevron = defineFinish({
  kind: "chevron",
  title: "Chevron",
  spec: chevronSpec,
  paints: gridPaints,
  things: () => [],
  layOut: layOutChevron,
  design: designChevron,
  check: checkChevron,
  card: ({ columns, rows, rise, lineWidth, uprights, colours, colouring }, { extent }) => [
    ...wholeFitFields("Columns", "columns", columns, extent.maxX - extent.minX),
    ...wholeFitFields("Rows", "rows", rows, extent.maxY - extent.minY),
    { type: "length", label: "Rise over a column", path: ["rise"], value: rise },
    { type: "length", label: "Line left by the tape", path: ["lineWidth"], value: lineWidth },
    {
      type: "choice",
      label: "Uprights",
      options: [
        { label: "none", selected: !uprights, set: { uprights: false } },
        { label: "at columns", selected: uprights, set: { uprights: true } },
      ],
    },
    { type: "colours", label: "Colours", path: ["colours"], value: colours },
    ...colouringFields("Cells coloured", colouring, colours),
  ],
  offers: offerChevrons,
  edit: editChevron,
  start: (_, paints, base) => ({
    columns: { by: "near", width: starting.column },
    rows: { by: "near", width: starting.row },
    rise: starting.rise,
    lineWidth: 0,
    uprights: false,
    colours: [paints.find((paint) => paint !== base) ?? base, base],
  }),
});
