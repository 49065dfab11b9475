/**
 * What each way of printing through a sheet takes: how far a litre goes over the open parts (m2), what its tool keeps and
 * carries in a blotted load (ml), after how many prints a rim of paint is felt on the sheet, and minutes a print.
 */
export const printing = {
  brush: { spreadRate: 20, toolsMl: 4, loadMl: 2, cleanEvery: 10, minutes: 2.5 },
  roller: { spreadRate: 20, toolsMl: 25, loadMl: 8, cleanEvery: 20, minutes: 1.5 },
} as const;

export type PrintMethod = keyof typeof printing;

/** Minutes: a sheet is wiped clean, and dries; sprayed adhesive takes hold. */
export const cleaningMin = 8;
export const cleanedDryMin = 12;
export const tackMin = 3;
/** A part print takes so many times as long. */
export const partPrintFactor = 2;
/** A shade takes about so much of a hole, towards one edge, and so much of a print's time again, while the sheet still lies. */
export const shadeShare = 0.3;
export const shadeTimeShare = 0.5;
/** Adhesive fouls a sheet so much sooner. */
export const adhesiveFactor = 0.5;
/** Four pieces of tape hold a sheet, mm each. */
export const tapeAPrintMm = 4 * 60;
/** A roll of paper serves so many loads blotted; a can of adhesive so many prints. */
export const loadsPerPaper = 150;
export const printsPerCan = 120;
/** A foam roller's width, mm. */
export const foamRollerMm = 100;
/** Stencil brushes as they are sold, mm across. */
export const brushSizesMm = [6, 12, 20, 30, 40] as const;
/** The size for a hole so wide: at the most half as wide again. */
export const brushSizeFor = (holeMm: number): (typeof brushSizesMm)[number] =>
  brushSizesMm.findLast((size) => size <= holeMm * 1.5) ?? brushSizesMm[0];
