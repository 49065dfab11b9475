import { defineFinish } from "../defineFinish";
import { cardOfStripes } from "./card";
import { checkStripes } from "./check";
import { dragStripeLine } from "./dragLine";
import { fitStripes } from "./fit";
import { patternStripes } from "./pattern";
import { stripesSpec } from "./spec";

const startingWidthMm = 300;

export const stripes = defineFinish({
  kind: "stripes",
  title: "Stripes",
  spec: stripesSpec,
  paints: ({ colours }) => colours.map((paint, index) => ({ path: ["colours", index], paint })),
  pattern: patternStripes,
  check: checkStripes,
  fit: fitStripes,
  card: cardOfStripes,
  dragLine: dragStripeLine,
  start: ({ wall }, paints) => ({
    direction: "vertical",
    colours: [paints.find((paint) => paint !== wall.base) ?? wall.base, wall.base],
    fit: { by: "near", width: startingWidthMm, ends: "same" },
  }),
});
