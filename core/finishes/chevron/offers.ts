import type { Offer } from "../../fit/offer";
import { lengthOf } from "../../geometry/trig";
import { offerGrids } from "../offerGrids";
import { riseOf, type ChevronLayout } from "./layout";

/** Other counts of columns and rows. A row has one zigzag of `columns` slopes, an upright is as long as the wall is high. */
export function offerChevrons({ spec, riseBy, strip, context }: ChevronLayout): Offer[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  return offerGrids(spec, strip, context, (columns, rows) => {
    const slope = lengthOf((maxX - minX) / columns, riseOf(riseBy, (maxY - minY) / rows));
    const uprights = spec.uprights ? columns - 1 : 0;
    return {
      tapeMm: rows * columns * slope + uprights * (maxY - minY),
      pieces: rows * columns + uprights,
      // Slopes meet at every turn.
      crossings: (columns - 1) * rows,
    };
  });
}
