import type { Speech } from "../../findings/speech";
import { overlaysOf } from "../stencilMotif";
import { readEvery } from "../registerDrift";
import { workPrints } from "../workPrints";
import { checkStencilField } from "./check";
import { designStencilField } from "./design";
import { offerStarts } from "./offers";
import { ticksStep, tickSteps } from "./tickSteps";
import type { TicksDrift } from "./ticks";
import { defineCraft, type Site } from "../defineCraft";
import { waitIfAny } from "../../work/step";

/** What comes of it on the wall. */
export const stencilFieldCraft = defineCraft({
  design: designStencilField,
  check: checkStencilField,
  offers: offerStarts,
  work: (share, site) => {
    const { sheet, spec } = share.layout;
    const passes = overlaysOf(sheet).map((overlay) => [overlay]);
    const ticked: Site = {
      ...site,
      readyForTape: (wall, boxes) => [...site.readyForTape(wall, boxes), waitIfAny(ticksStep(wall, spec.id))],
    };
    const every = readEvery(Math.min(sheet.stencil.repeat.x, sheet.stencil.repeat.y), share.layout.context);
    const carried =
      spec.register === "ticks" ? ("ticks" as const) : every > 1 ? { every, isStretched: false } : null;
    const by = spec.register === "ticks" ? "outwards" : "column";
    const way = { sheets: [sheet], passes, by, carried, hasTopSheet: spec.topSheet } as const;
    const printed = workPrints(share, way, ticked);
    return { ...printed, steps: [...tickSteps(share, site), ...printed.steps] };
  },
  words: {
    "print-ticks": (
      {
        wall,
        places,
        column,
        row,
        every,
      }: { wall: string; places: number; column: number; row: number; every: number | null },
      speech: Speech,
    ) =>
      `${speech.wall(wall)}: lay the sheet by its readings at column ${column}, row ${row}, and walk it dry from there over all ${places} places, each next one by the corner ticks of the one before; tick every corner lightly${every === null ? "" : `, and start anew from the readings of every ${every} columns`}.`,
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
    "goes-by-ticks": (
      { columns, rows, likelyMm, worstMm, across, down }: TicksDrift & { across: number; down: number },
      { error }: Speech,
    ) => ({
      say: `By corner ticks ${columns} ${columns === 1 ? "column strays" : "columns stray"} by ${error(likelyMm)}, and at worst by ${error(worstMm)}, which is not seen; more would be.`,
      remedy:
        across <= columns && down <= rows
          ? `There are ${across} columns and ${down} rows here: one that is read from the datum is enough.`
          : `Check every ${columns === 1 ? "column" : `${columns} columns`} and every ${rows === 1 ? "row" : `${rows} rows`} against the readings from the datum, and start anew from those.`,
    }),
  },
});
