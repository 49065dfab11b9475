import type { Point } from "../../../geometry/point";
import type { Strip } from "../../../wall/strip";
import type { FinishContext, Laid } from "../../defineFinish";
import type { DiscsSpec } from "./spec";

export interface DiscsLayout extends Laid<DiscsSpec> {
  /** From the left. */
  readonly middles: readonly Point[];
  /** What is left over at each end, mm. */
  readonly over: number;
}

/** As many whole discs as there is room for, in the middle of the strip. */
export function layOutDiscs(spec: DiscsSpec, strip: Strip, context: FinishContext): DiscsLayout {
  const { minX, maxX } = strip.extent;
  const [size, pitch] = [2 * spec.radius, 2 * spec.radius + spec.gap];
  const count = Math.max(0, Math.floor((maxX - minX + spec.gap) / pitch + 1e-9));
  const over = (maxX - minX - (count * pitch - spec.gap)) / 2;
  const middles = Array.from({ length: count }, (_, index) => ({
    x: minX + over + size / 2 + index * pitch,
    y: spec.at,
  }));
  return { spec, strip, context, middles, over };
}
