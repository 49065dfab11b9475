import { defineFinish } from "../defineFinish";
import { optionalPaint } from "../optionalPaint";
import { cardOfBands } from "./card";
import { editBands } from "./edit";
import { layOutBands } from "./layout";
import { bandsSpec } from "./spec";

export const bands = defineFinish({
  kind: "bands",
  title: "Bands",
  spec: bandsSpec,
  paints: ({ below, above, between, bands }) => [
    ...optionalPaint("below", below),
    ...optionalPaint("above", above),
    ...optionalPaint("between", between),
    ...bands.map(({ colour }, index) => ({ path: ["bands", index, "colour"], id: colour })),
  ],
  things: ({ bands }) =>
    bands.flatMap(({ around }, index) =>
      around === undefined ? [] : [{ path: ["bands", index, "around"], id: around }],
    ),
  layOut: layOutBands,
  card: cardOfBands,
  edit: editBands,
  start: ({ extent }, paints, base) => {
    // A band a tenth of the wall high, a third of the way up.
    const from = Math.round(extent.minY + (extent.maxY - extent.minY) / 3);
    const to = Math.round(from + (extent.maxY - extent.minY) / 10);
    return { datum: "level", bands: [{ from, to, colour: paints.find((paint) => paint !== base) ?? base }] };
  },
});
