import { boxAroundBoth } from "../geometry/curve";
import type { Motif } from "../pattern/placement";
import { byColour } from "../stencil/byColour";
import { cutSheet, type StencilSheet } from "../stencil/cutSheet";
import type { FinishContext } from "./defineFinish";

/** The sheet that a finish prints with, its colours, and whether they go on one after the other. */
export interface PrintedSheet {
  readonly stencil: string;
  readonly colours: Readonly<Record<string, string>>;
  readonly printBy: "print" | "colour";
}

const stencilOf = ({ stencils }: FinishContext, id: string) => stencils.find((stencil) => stencil.id === id)!;

/** A sheet of the job by its id, which the document's check has let through, as its plastic is. */
export const wholeSheetOf = (context: FinishContext, id: string): StencilSheet =>
  cutSheet(stencilOf(context, id));

/** The same as it is printed: an overlay of several paints is one for each of them where they go on one after the other. */
export const sheetOf = (context: FinishContext, { stencil, colours, printBy }: PrintedSheet): StencilSheet =>
  printBy === "colour"
    ? cutSheet(byColour(stencilOf(context, stencil), colours).stencil)
    : wholeSheetOf(context, stencil);

/** What a sheet prints in its paints. */
export function motifOf(sheet: StencilSheet, colours: Readonly<Record<string, string>>): Motif {
  return {
    id: sheet.stencil.id,
    face: boxAroundBoth(sheet.cell, sheet.cuts),
    sheet: sheet.plastic,
    cutouts: sheet.slots.map(({ overlay, slot, contours, openMm2 }) => ({
      overlay,
      slot,
      paint: colours[slot]!,
      contours,
      trueMm2: openMm2,
    })),
  };
}

const mostPrints = 20_000;
/** Pairs of a sheet and a print that it might lie on. */
const mostPairs = 1_000_000;

/** Whether so many prints are more than anyone makes, or lie under each other's sheets more often than can be put in order. */
export function isTooMuch(count: number, { plastic, cell }: StencilSheet, isInLine: boolean): boolean {
  const wide = (plastic.maxX - plastic.minX) / (cell.maxX - cell.minX);
  const high = isInLine ? 1 : (plastic.maxY - plastic.minY) / (cell.maxY - cell.minY);
  return count > mostPrints || count * Math.min(count, wide * high) > mostPairs;
}

/** The overlays of a sheet in their order. */
export const overlaysOf = ({ stencil }: StencilSheet): string[] => stencil.overlays.map(({ id }) => id);
