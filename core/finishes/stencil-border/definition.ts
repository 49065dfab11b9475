import { defineFinish } from "../defineFinish";
import { printingPaints, printingStencil, startPrinting } from "../printingKeys";
import { cardOfStencilBorder } from "./card";
import { editStencilBorder } from "./edit";
import { layOutStencilBorder } from "./layout";
import { stencilBorderSpec } from "./spec";

export const stencilBorder = defineFinish({
  kind: "stencil-border",
  title: "Stencil border",
  spec: stencilBorderSpec,
  paints: printingPaints,
  things: ({ along }) => ("around" in along ? [{ path: ["along", "around"], id: along.around }] : []),
  stencils: (spec) => [
    ...printingStencil(spec),
    ...(typeof spec.corners === "object"
      ? [{ path: ["corners", "motif"], id: spec.corners.motif, colours: null, coloursPath: [] }]
      : []),
  ],
  goesAround: ({ along }) => "level" in along || "below" in along,
  layOut: layOutStencilBorder,
  card: cardOfStencilBorder,
  edit: editStencilBorder,
  start: (strip, paints, base, stencils) => ({
    ...startPrinting(paints, base, stencils, true),
    along: { level: Math.round(strip.extent.minY + (strip.extent.maxY - strip.extent.minY) * 0.6) },
  }),
});
