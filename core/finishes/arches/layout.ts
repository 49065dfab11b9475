import type { Point } from "../../geometry/point";
import type { Strip } from "../../wall/strip";
import type { FinishContext, Laid } from "../defineFinish";
import type { ArchesSpec } from "./spec";

/** A painted band between two radii, mm. */
export interface ArchBand {
  readonly outer: number;
  readonly inner: number;
  readonly colour: string;
  /** Counted from the outside, gaps left out. */
  readonly number: number;
}

export interface ArchesLayout extends Laid<ArchesSpec> {
  readonly centre: Point;
  /** The painted bands from the outside in. */
  readonly bands: readonly ArchBand[];
}

/** Bands one inside the other, each with its two radii. */
export function layOutArches(spec: ArchesSpec, strip: Strip, context: FinishContext): ArchesLayout {
  const bands: ArchBand[] = [];
  let outer = spec.outerRadius;
  for (const band of spec.bands) {
    const inner = Math.max(0, outer - ("gap" in band ? band.gap : band.width));
    if (!("gap" in band)) bands.push({ outer, inner, colour: band.colour, number: bands.length + 1 });
    outer = inner;
  }
  return { spec, strip, context, centre: { x: spec.centre[0], y: spec.centre[1] }, bands };
}
