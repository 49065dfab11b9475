import { defineFinish } from "../defineFinish";
import { cardOfStripes } from "./card";
import { editStripes } from "./edit";
import { layOutStripes } from "./layout";
import { stripesSpec } from "./spec";

const startingWidthMm = 300;

export const stripes = defineFinish({
  kind: "stripes",
  title: "Stripes",
  spec: stripesSpec,
  paints: ({ colours }) => colours.map((paint, index) => ({ path: ["colours", index], id: paint })),
  things: () => [],
  goesAround: ({ direction }) => direction !== "horizontal",
  layOut: layOutStripes,
  card: cardOfStripes,
  edit: editStripes,
  start: (_, paints, base) => ({
    direction: "vertical",
    colours: [paints.find((paint) => paint !== base) ?? base, base],
    fit: { by: "near", width: startingWidthMm, ends: "same" },
  }),
});
