import type { Speech } from "../../findings/speech";
import { overlaysOf } from "../stencilMotif";
import { workPrints } from "../workPrints";
import { checkStencilField } from "./check";
import { designStencilField } from "./design";
import { offerStarts } from "./offers";
import type { TicksDrift } from "./ticks";
import { defineCraft } from "../defineCraft";

/** What comes of it on the wall. */
export const stencilFieldCraft = defineCraft({
  design: designStencilField,
  check: checkStencilField,
  offers: offerStarts,
  work: (share, site) => {
    const { sheet, spec } = share.layout;
    const passes = overlaysOf(sheet).map((overlay) => [overlay]);
    return workPrints(share, { sheets: [sheet], passes, by: "column", hasTopSheet: spec.topSheet }, site);
  },
  findings: {
    "cut-copies": ({ top, sides }: { top: number; sides: number }) => ({
      say: `${[
        ...(top > 0 ? [`${top} sheets reach over the ceiling`] : []),
        ...(sides > 0 ? [`${sides} ${top > 0 ? "" : "sheets reach "}over the ends of walls`] : []),
      ].join(" and ")}: bent so often a sheet cracks, and does not lie in the crease.`,
      remedy: `Cut ${[
        ...(top > 0 ? ["one copy short for the top"] : []),
        ...(sides > 0 ? ["one in half for the ends"] : []),
      ].join(", and ")}.`,
    }),
    "goes-by-ticks": ({ columns, rows, likelyMm, worstMm }: TicksDrift, { error }: Speech) => ({
      say: `By corner ticks ${columns} ${columns === 1 ? "column strays" : "columns stray"} by ${error(likelyMm)}, and at worst by ${error(worstMm)}, which is not seen; more would be.`,
      remedy: `Check every ${columns === 1 ? "column" : `${columns} columns`} and every ${rows === 1 ? "row" : `${rows} rows`} against the readings from the datum, and start anew from those.`,
    }),
  },
});
