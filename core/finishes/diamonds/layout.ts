import { gridOver } from "../../fit/fitToRake";
import { lengthOf } from "../../geometry/trig";
import type { Strip } from "../../wall/strip";
import type { FinishContext, Laid } from "../defineFinish";
import type { DiamondsSpec } from "./spec";

/** The grid of a strip's rhombi; mm. */
export interface DiamondLayout extends Laid<DiamondsSpec> {
  readonly left: number;
  readonly bottom: number;
  readonly columns: number;
  readonly rows: number;
  readonly width: number;
  readonly height: number;
  /** How much of a rhombus a line of its width leaves, along both diagonals; 1 without a line. */
  readonly share: number;
}

/** An edge lies ab / sqrt(a^2 + b^2) from the middle of a rhombus with half diagonals a and b; half a line comes off. */
export function layOutDiamonds(spec: DiamondsSpec, strip: Strip, context: FinishContext): DiamondLayout {
  const { across, up } = gridOver(spec, strip);
  const [width, height] = [across.size, up.size];
  const [a, b] = [width / 2, height / 2];
  const share = 1 - spec.lineWidth / 2 / ((a * b) / lengthOf(a, b));
  return {
    spec,
    strip,
    context,
    left: across.start,
    bottom: up.start,
    columns: across.count,
    rows: up.count,
    width,
    height,
    share,
  };
}
