import type { Strip } from "../../wall/strip";
import type { FinishContext, Laid } from "../defineFinish";
import { findThing } from "../findThing";
import type { BandsSpec } from "./spec";

/** A band in mm from the datum line, in its own direction. */
export interface Band {
  readonly from: number;
  readonly to: number;
  readonly colour: string;
  /** Its place in the spec. */
  readonly index: number;
}

export interface BandsLayout extends Laid<BandsSpec> {
  /** From the datum outwards. */
  readonly bands: readonly Band[];
}

/** The bands in their places; one around a thing has its place from it. */
export function layOutBands(spec: BandsSpec, strip: Strip, context: FinishContext): BandsLayout {
  const bands = spec.bands
    .map(({ from, to, around, gap = 0, colour }, index): Band => {
      if (around === undefined) return { from: from!, to: to!, colour, index };
      const thing = findThing(strip, around)!;
      return { from: thing.y - gap, to: thing.y + thing.height + gap, colour, index };
    })
    .sort((a, b) => a.from - b.from);
  return { spec, strip, context, bands };
}
