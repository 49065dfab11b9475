import { tapeOverlapMm, tapePieceMm, tapeRollM, tapeTailMm } from "../trade/constants";

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

/** Sums lines (mm) of one tape width into metres and rolls. */
export function totalTape(widthMm: number, lengths: readonly number[]): TapeTotal {
  const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0) / 1000;
  const buyM = sum(lengths.map(tapeForLine));
  return { widthMm, runM: sum(lengths), buyM, rolls: Math.max(0, Math.ceil(buyM / tapeRollM - 1e-9)) };
}
