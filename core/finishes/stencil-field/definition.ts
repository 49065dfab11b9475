import type { Speech } from "../../findings/speech";
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
import type { TicksDrift } from "./ticks";

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
  findings: {
    "goes-by-ticks": ({ columns, rows, likelyMm, worstMm }: TicksDrift, { error }: Speech) => ({
      say: `By corner ticks ${columns} ${columns === 1 ? "column strays" : "columns stray"} by ${error(likelyMm)}, and at worst by ${error(worstMm)}, which is not seen; more would be.`,
      remedy: `Check every ${columns === 1 ? "column" : `${columns} columns`} and every ${rows === 1 ? "row" : `${rows} rows`} against the readings from the datum, and start anew from those.`,
    }),
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
