import type { Pack } from "./schema";

/** A tin size that can be bought, ml, with its price or what it would about cost. */
export interface Tin {
  readonly size: number;
  readonly price: number;
  /** Whether its price is only estimated: it serves to choose, and is never told. */
  readonly isEstimate?: true;
}

/** Size to the power of 3/4: twice the paint costs about 1.7 times as much, since larger tins are cheaper by the litre. */
const nominal = (size: number): number => Math.sqrt(size * Math.sqrt(size));

/**
 * Tins with a price each, so that the cheapest can be chosen while some prices are not known: one that is missing is taken
 * in proportion to those that are there, by size; without any price sizes alone decide.
 */
export function estimatePrices(packs: readonly Pack[]): Tin[] {
  const priced = packs.filter(({ price }) => price !== undefined);
  const level =
    priced.length === 0
      ? 1
      : priced.reduce((sum, { size, price }) => sum + price! / nominal(size), 0) / priced.length;
  return packs.map(({ size, price }) =>
    price === undefined ? { size, price: level * nominal(size), isEstimate: true } : { size, price },
  );
}
