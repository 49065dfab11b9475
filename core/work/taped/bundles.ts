import { curvedTapingShare } from "../../trade/constants";
import type { Rates } from "../schema";
import type { TapeBundle } from "./bundleTape";

/** What several bundles of tape come to. */
export const metresOf = (tape: readonly TapeBundle[]): number =>
  tape.reduce((sum, bundle) => sum + bundle.metres, 0);

/** Edges to be sealed, m. */
export const edgeMetresOf = (tape: readonly TapeBundle[]): number =>
  tape.reduce((sum, bundle) => sum + bundle.edgeMetres, 0);

/** How long it takes to lay; a curve goes at a part of the pace, and every crossing takes its time. */
export function tapingMinutes(tape: readonly TapeBundle[], rates: Rates): number {
  const straight = tape.reduce(
    (sum, { metres, curvedMetres }) => sum + metres + curvedMetres * (1 / curvedTapingShare - 1),
    0,
  );
  const crossings = tape.reduce((sum, bundle) => sum + bundle.crossings, 0);
  return straight / rates.taping_m_min + crossings * rates.crossing_min;
}

export const sealsOf = (tape: readonly TapeBundle[]) => [...new Set(tape.map(({ sealWith }) => sealWith))];

/** The colours that edges are sealed with. */
export const coloursOfSeals = (tape: readonly TapeBundle[]): string[] => [
  ...new Set(tape.flatMap(({ sealPaint }) => (sealPaint === null ? [] : [sealPaint]))),
];
