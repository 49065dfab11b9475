import { defineFinish } from "../defineFinish";
import { cardOfStripes } from "./card";
import { checkStripes } from "./check";
import { designStripes } from "./design";
import { editStripes } from "./edit";
import { fitStripes } from "./fit";
import { layOutStripes } from "./layout";
import { stripesSpec } from "./spec";

const startingWidthMm = 300;

export const stripes = defineFinish({
  kind: "stripes",
  title: "Stripes",
  spec: stripesSpec,
  paints: ({ colours }) => colours.map((paint, index) => ({ path: ["colours", index], id: paint })),
  things: () => [],
  layOut: layOutStripes,
  design: designStripes,
  check: checkStripes,
  fit: fitStripes,
  card: cardOfStripes,
  edit: editStripes,
  start: (_, paints, base) => ({
    direction: "vertical",
    colours: [paints.find((paint) => paint !== base) ?? base, base],
    fit: { by: "near", width: startingWidthMm, ends: "same" },
  }),
});
