import type { Strip } from "../../wall/strip";
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

/** The bands from the datum outwards; one around a thing has its place from it. */
export function layOutBands({ bands }: BandsSpec, strip: Strip): Band[] {
  return bands
    .map(({ from, to, around, gap = 0, colour }, index): Band => {
      if (around === undefined) return { from: from!, to: to!, colour, index };
      const thing = findThing(strip, around)!;
      return { from: thing.y - gap, to: thing.y + thing.height + gap, colour, index };
    })
    .sort((a, b) => a.from - b.from);
}
