import type { Offer } from "../../fit/offer";
import { lengthOf } from "../../geometry/trig";
import type { Strip } from "../../wall/strip";
import type { FinishContext } from "../defineFinish";
import { offerGrids } from "../offerGrids";
import type { DiamondsSpec } from "./spec";

/** Other counts of columns and rows: every diamond has four sides of half its diagonals. */
export function offerDiamonds(spec: DiamondsSpec, strip: Strip, context: FinishContext): Offer[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  return offerGrids(
    spec,
    strip,
    context,
    (columns, rows) => 4 * columns * rows * lengthOf((maxX - minX) / columns / 2, (maxY - minY) / rows / 2),
  );
}
