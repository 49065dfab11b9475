import type { Offer } from "../../fit/offer";
import { lengthOf } from "../../geometry/trig";
import type { Strip } from "../../wall/strip";
import type { FinishContext } from "../defineFinish";
import { offerGrids } from "../offerGrids";
import type { ChevronSpec } from "./spec";

/** Other counts of columns and rows. A row has one zigzag of `columns` slopes, an upright is as long as the wall is high. */
export function offerChevrons(spec: ChevronSpec, strip: Strip, context: FinishContext): Offer[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  return offerGrids(spec, strip, context, (columns, rows) => {
    const slope = lengthOf((maxX - minX) / columns, spec.rise);
    return rows * columns * slope + (spec.uprights ? (columns - 1) * (maxY - minY) : 0);
  });
}
