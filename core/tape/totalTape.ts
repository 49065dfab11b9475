import { groupBy } from "../geometry/groupBy";
import { tapeOverlapMm, tapePieceMm, tapeRollM, tapeTailMm, tapeWidthsMm } from "../trade/constants";

export interface TapeTotal {
  readonly widthMm: number;
  /** Along the lines. */
  readonly runM: number;
  /** With laps where pieces meet and a tail at each end. */
  readonly buyM: number;
  readonly rolls: number;
}

/**
 * Tape to buy for one line of a length in mm: laid in pulls of at most 900 mm that overlap by 25 mm, so
 * n pulls reach n x 900 - (n - 1) x 25; each end has a tail to peel by.
 */
export function tapeForLine(lengthMm: number): number {
  const pulls = Math.max(1, Math.ceil((lengthMm - tapeOverlapMm) / (tapePieceMm - tapeOverlapMm)));
  return lengthMm + (pulls - 1) * tapeOverlapMm + 2 * tapeTailMm;
}

/** How a line of a width is taped from what is sold: so many tapes side by side, of one width, slit or overlapping. */
export function tapeForWidth(widthMm: number): { soldMm: number; strips: number } {
  const widest = tapeWidthsMm.at(-1)!;
  const strips = Math.max(1, Math.ceil(widthMm / widest - 1e-9));
  return { soldMm: tapeWidthsMm.find((sold) => sold * strips >= widthMm - 1e-9) ?? widest, strips };
}

/** Sums pieces (mm) into metres and rolls of each width that is sold, the narrowest first. */
export function totalTape(
  pieces: readonly { readonly length: number; readonly width: number }[],
): TapeTotal[] {
  const bySold = groupBy(
    pieces.map(({ length, width }) => ({ length, ...tapeForWidth(width) })),
    ({ soldMm }) => soldMm,
  );
  return [...bySold]
    .sort(([a], [b]) => a - b)
    .map(([widthMm, laid]): TapeTotal => {
      const sum = (of: (length: number) => number) =>
        laid.reduce((total, { length, strips }) => total + of(length) * strips, 0) / 1000;
      const buyM = sum(tapeForLine);
      return { widthMm, runM: sum((length) => length), buyM, rolls: Math.ceil(buyM / tapeRollM - 1e-9) };
    });
}
