import { visibleTolerance } from "../trade/visibleDifference";
import type { FinishContext } from "./defineFinish";

/** A sheet's own registers carry no further than this between two readings, however little they stray. */
const mostCarried = 4;

/**
 * So many repeats go by the sheet's registers, or the ticks of the one before, before what they stray by at worst is seen:
 * each is laid to half a division of the tape. Where repeats are stretched, each is set off by that.
 */
export const goFor = (repeatMm: number, context: FinishContext): number =>
  Math.max(
    1,
    Math.floor(visibleTolerance(repeatMm, context.viewingDistance) / (context.tapeDivision / 2) + 1e-9),
  );

/** Every so many repeats are read from the datum, and the sheet's registers carry between. */
export const readEvery = (repeatMm: number, context: FinishContext): number =>
  Math.min(mostCarried, goFor(repeatMm, context));
