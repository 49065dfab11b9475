import { printing } from "../../work/prints/constants";
import { defineFinish } from "../defineFinish";
import { printingPaints, printingStencil, startPrinting } from "../printingKeys";
import { cardOfStencilField } from "./card";
import { editStencilField } from "./edit";
import { layOutStencilField } from "./layout";
import { stencilFieldSpec } from "./spec";

export const stencilField = defineFinish({
  kind: "stencil-field",
  title: "Stencil, all over",
  spec: stencilFieldSpec,
  paints: printingPaints,
  things: ({ start: { x } }) => (typeof x === "object" ? [{ path: ["start", "x", "on"], id: x.on }] : []),
  stencils: printingStencil,
  goesAround: () => true,
  layOut: layOutStencilField,
  card: cardOfStencilField,
  edit: editStencilField,
  rates: {
    stencilBrush_min: { usual: printing.brush.minutes, as: "minutes", label: "A stencil print, brush" },
    stencilRoller_min: { usual: printing.roller.minutes, as: "minutes", label: "A stencil print, roller" },
  },
  start: (_, paints, base, stencils) => ({
    ...startPrinting(paints, base, stencils, false),
    layout: "half-drop",
    start: { x: "centre", y: "top" },
  }),
});
