import { groupBy } from "../geometry/groupBy";
import { soldWithinMm, tapeRollM } from "../trade/constants";
import { cutFromRolls, pullsOfLine } from "./cutFromRolls";

export interface TapeTotal {
  readonly widthMm: number;
  /** Along the lines. */
  readonly runM: number;
  /** With laps where pieces meet and a tail at each end. */
  readonly buyM: number;
  readonly rolls: number;
  /** Left at the ends of rolls, too short for a pull that is still to be laid, or spare on the last. */
  readonly offcutM: number;
}

/** Tape to buy for one line of a length in mm: all its pulls. */
export const tapeForLine = (lengthMm: number): number =>
  pullsOfLine(lengthMm).reduce((sum, pull) => sum + pull, 0);

/** How a line of a width is taped from what can be had (the narrowest first): so many tapes side by side, of one width, slit or overlapping. */
export function tapeForWidth(widthMm: number, tapes: readonly number[]): { soldMm: number; strips: number } {
  const widest = tapes.at(-1)!;
  const strips = Math.max(1, Math.ceil((widthMm - soldWithinMm) / widest));
  return { soldMm: tapes.find((sold) => sold * strips >= widthMm - soldWithinMm) ?? widest, strips };
}

/** Sums pieces (mm) into metres and rolls of each width that is sold, the narrowest first. */
export function totalTape(
  pieces: readonly { readonly length: number; readonly width: number }[],
  tapes: readonly number[],
): TapeTotal[] {
  const bySold = groupBy(
    pieces.map(({ length, width }) => ({ length, ...tapeForWidth(width, tapes) })),
    ({ soldMm }) => soldMm,
  );
  return [...bySold]
    .sort(([a], [b]) => a - b)
    .map(([widthMm, laid]): TapeTotal => {
      const pulls: number[] = [];
      let runMm = 0;
      for (const { length, strips } of laid) {
        runMm += length * strips;
        const own = pullsOfLine(length);
        for (let strip = 0; strip < strips; strip++) pulls.push(...own);
      }
      const buyM = pulls.reduce((sum, pull) => sum + pull, 0) / 1000;
      const { rolls: needed, offcutMm } = cutFromRolls(pulls, tapeRollM * 1000);
      const more = reserveOf(needed, buyM) < leastReserve ? 1 : 0;
      const offcutM = offcutMm / 1000 + more * tapeRollM;
      return { widthMm, runM: runMm / 1000, buyM, rolls: needed + more, offcutM };
    });
}

/** Tape tears, and a pull goes wrong: under this share over what is bought for, one more roll is taken. */
const leastReserve = 0.03;
/** Under this it is told how little is left. */
const littleReserve = 0.05;

const reserveOf = (rolls: number, buyM: number): number => (rolls * tapeRollM - buyM) / Math.max(1e-9, buyM);

/** Whether so little tape is left over that it is told. */
export const isLittleLeft = ({ rolls, buyM }: TapeTotal): boolean => reserveOf(rolls, buyM) < littleReserve;
