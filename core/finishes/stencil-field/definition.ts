import { printing } from "../../work/prints/constants";
import { defineFinish } from "../defineFinish";
import { printingPaints, printingStencil, startPrinting } from "../printingKeys";
import { overlaysOf } from "../stencilMotif";
import { workPrints } from "../workPrints";
import { cardOfStencilField } from "./card";
import { checkStencilField } from "./check";
import { designStencilField } from "./design";
import { editStencilField } from "./edit";
import { layOutStencilField } from "./layout";
import { offerStarts } from "./offers";
import { stencilFieldSpec } from "./spec";

export const stencilField = defineFinish({
  kind: "stencil-field",
  title: "Stencil, all over",
  spec: stencilFieldSpec,
  paints: printingPaints,
  things: ({ start: { x } }) => (typeof x === "object" ? [{ path: ["start", "x", "on"], id: x.on }] : []),
  stencils: printingStencil,
  layOut: layOutStencilField,
  design: designStencilField,
  check: checkStencilField,
  card: cardOfStencilField,
  offers: offerStarts,
  edit: editStencilField,
  work: (share, site) => {
    const { sheet, spec } = share.layout;
    const passes = overlaysOf(sheet).map((overlay) => [overlay]);
    return workPrints(share, { sheets: [sheet], passes, by: "column", hasTopSheet: spec.topSheet }, site);
  },
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
