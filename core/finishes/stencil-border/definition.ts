import type { Speech } from "../../findings/speech";
import { defineFinish } from "../defineFinish";
import { printingPaints, printingStencil, startPrinting } from "../printingKeys";
import { overlaysOf } from "../stencilMotif";
import { workPrints } from "../workPrints";
import { cardOfStencilBorder } from "./card";
import { checkStencilBorder } from "./check";
import { designStencilBorder } from "./design";
import { editStencilBorder } from "./edit";
import { layOutStencilBorder } from "./layout";
import { stencilBorderSpec } from "./spec";

interface Stretch {
  readonly name: string;
  readonly length: number;
  readonly repeats: number;
  readonly stretch: number;
  readonly repeat: number;
  readonly verdict: string;
}

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
  layOut: layOutStencilBorder,
  design: designStencilBorder,
  check: checkStencilBorder,
  legs: ({ legs }) => legs,
  card: cardOfStencilBorder,
  edit: editStencilBorder,
  work: (share, site) => {
    const { sheet, corner, spec } = share.layout;
    const sheets = corner ? [sheet, corner.sheet] : [sheet];
    const overlays = [...new Set(sheets.flatMap(overlaysOf))];
    const passes = spec.order === "repeat" ? [overlays] : overlays.map((overlay) => [overlay]);
    return workPrints(share, { sheets, passes, by: "repeat" }, site);
  },
  findings: {
    "stretch-shows": ({ name, length, repeats, stretch, repeat, verdict }: Stretch, speech: Speech) => ({
      say: `${name[0]!.toUpperCase()}${name.slice(1)}, ${repeats} repeats of ${speech.length(repeat)} do not meet ${speech.length(length)}: each is ${speech.error(Math.abs(stretch))} ${stretch > 0 ? "longer" : "shorter"}, which ${verdict}.`,
      remedy:
        "Widen the gap around it a little, keep the repeat and hide the part prints in a corner, or set a corner motif.",
    }),
  },
  start: (strip, paints, base, stencils) => ({
    ...startPrinting(paints, base, stencils, true),
    along: { level: Math.round(strip.extent.minY + (strip.extent.maxY - strip.extent.minY) * 0.6) },
  }),
});
