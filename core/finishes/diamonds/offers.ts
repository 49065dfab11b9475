import type { Offer } from "../../fit/offer";
import { lengthOf } from "../../geometry/trig";
import { offerGrids } from "../offerGrids";
import type { DiamondLayout } from "./layout";

/** Other counts of columns and rows. Every diamond has four sides of half its diagonals. */
export function offerDiamonds({ spec, strip, context }: DiamondLayout): Offer[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  return offerGrids(spec, strip, context, (columns, rows) => ({
    tapeMm: 4 * columns * rows * lengthOf((maxX - minX) / columns / 2, (maxY - minY) / rows / 2),
    // Both ways across so many straight lines, which cross where diamonds stand tip to tip.
    pieces: 2 * (columns + rows - 1),
    crossings: (columns - 1) * rows + columns * (rows - 1),
  }));
}
