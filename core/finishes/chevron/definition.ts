import { gridOver } from "../../fit/fitToRake";
import { defineFinish, type CardField } from "../defineFinish";
import { colouringFields, gridPaints } from "../gridColouring";
import { cellFitFields } from "../cellFitFields";
import { rakeField } from "../meetRake";
import { editChevron } from "./edit";
import { layOutChevron, riseOf } from "./layout";
import { chevronSpec, type ChevronSpec } from "./spec";

/** A length of its own, or one that follows the height of a row. */
function riseFields(rise: ChevronSpec["rise"], row: number): CardField[] {
  const options = (["row", "half-row"] as const).map((by) => ({
    label: by === "row" ? "one row" : "half a row",
    selected: rise === by,
    set: { rise: by },
  }));
  const own = {
    label: "a length",
    selected: typeof rise === "number",
    set: { rise: Math.round(riseOf(rise, row)) },
  };
  const field: CardField = { type: "choice", label: "Rise over a column", options: [...options, own] };
  return typeof rise === "number"
    ? [field, { type: "length", label: "Rise", path: ["rise"], value: rise }]
    : [field];
}

const starting = { column: 360, row: 220, rise: "row" } as const;

export const chevron = defineFinish({
  kind: "chevron",
  title: "Chevron",
  spec: chevronSpec,
  paints: gridPaints,
  things: () => [],
  goesAround: () => true,
  layOut: layOutChevron,
  card: ({ columns, rows, fit, rise, lineWidth, uprights, colours, colouring }, strip) => [
    ...cellFitFields("Columns", "columns", columns, strip.extent.maxX - strip.extent.minX),
    ...cellFitFields("Rows", "rows", rows, strip.extent.maxY - strip.extent.minY),
    ...rakeField(fit, strip),
    ...riseFields(rise, gridOver({ columns, rows, ...(fit && { fit }) }, strip).up.size),
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
