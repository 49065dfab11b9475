import { defineFinish, type CardField } from "../defineFinish";
import { colouringFields, gridPaints } from "../gridColouring";
import { cellFitFields } from "../cellFitFields";
import { rakeField } from "../meetRake";
import { editDiamonds } from "./edit";
import { layOutDiamonds } from "./layout";
import { diamondsSpec, type DiamondsSpec } from "./spec";

const starting = { width: 420, height: 600 } as const;

/** An over-line that is added is as wide as the narrowest tape, mm. */
const overLineMm = 18;

const overLineFields = (overLines: DiamondsSpec["overLines"], colour: string): CardField[] =>
  overLines
    ? [
        {
          type: "paint",
          label: "Over-lines",
          path: ["overLines", "colour"],
          value: overLines.colour,
          mayBeNone: false,
        },
        { type: "length", label: "Their width", path: ["overLines", "width"], value: overLines.width },
        { type: "action", label: "No over-lines", set: { overLines: undefined } },
      ]
    : [
        {
          type: "action",
          label: "Lines over the diamonds",
          set: { overLines: { colour, width: overLineMm } },
        },
      ];

export const diamonds = defineFinish({
  kind: "diamonds",
  title: "Diamonds",
  spec: diamondsSpec,
  paints: (spec) => [
    ...gridPaints(spec),
    ...(spec.overLines ? [{ path: ["overLines", "colour"], id: spec.overLines.colour }] : []),
  ],
  things: () => [],
  goesAround: () => true,
  layOut: layOutDiamonds,
  card: ({ columns, rows, fit, colours, lineWidth, colouring, overLines }, strip) => [
    ...cellFitFields("Columns", "columns", columns, strip.extent.maxX - strip.extent.minX),
    ...cellFitFields("Rows", "rows", rows, strip.extent.maxY - strip.extent.minY),
    ...rakeField(fit, strip),
    { type: "length", label: "Line left by the tape", path: ["lineWidth"], value: lineWidth },
    { type: "colours", label: "Diamonds, and between", path: ["colours"], value: colours },
    ...(colouring
      ? [
          ...colouringFields("Diamonds coloured", colouring, colouring.colours ?? [colours[0]!]),
          { type: "action", label: "All alike", set: { colouring: undefined } } as const,
        ]
      : ([
          {
            type: "action",
            label: "Colour them in turn",
            set: { colouring: { rule: "alternate", colours: [colours[0]!, colours[1] ?? colours[0]!] } },
          },
        ] as const)),
    ...overLineFields(overLines, colours[0]!),
  ],
  edit: editDiamonds,
  start: (_, paints, base) => ({
    columns: { by: "near", width: starting.width },
    rows: { by: "near", width: starting.height },
    colours: [paints.find((paint) => paint !== base) ?? base],
  }),
});
