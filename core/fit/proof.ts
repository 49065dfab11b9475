import { roundToDivision } from "../measure/roundToDivision";

/**
 * The far-end error in mm, had a division rounded to the tape been stepped `count` times:
 * count x (rounded division - true division).
 */
export function steppedError(division: number, count: number, tapeDivision: number): number {
  return count * (roundToDivision(division, tapeDivision) - division);
}

/** The largest reading error in mm of positions marked from one datum; at most half a tape division. */
export function worstReadingError(positions: readonly number[], tapeDivision: number): number {
  return Math.max(
    0,
    ...positions.map((at) => Math.abs(roundToDivision(Math.abs(at), tapeDivision) - Math.abs(at))),
  );
}
