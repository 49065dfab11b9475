import type { OfferTitle } from "../findings/offerTitles";
import type { Reason } from "../findings/reasons";

/** Lines to tape: mm of them, in how many straight pieces, and where those meet. */
export interface TapeNeed {
  readonly tapeMm: number;
  readonly pieces: number;
  readonly crossings: number;
}

/** Another way to lay out a finish: what it is called, how good it is, and the keys that make it so. */
export interface Offer {
  readonly title: OfferTitle;
  /** Out of 100; the higher the better. */
  readonly score: number;
  readonly verdict: "good" | "fair" | "poor";
  readonly reasons: readonly Reason[];
  /** What there is to tape, where that is known beforehand. */
  readonly taping?: TapeNeed;
  readonly set: Readonly<Record<string, unknown>>;
  /** Whether the finish is laid out so now. */
  readonly isChosen: boolean;
}

export const verdictOf = (score: number): Offer["verdict"] =>
  score >= 85 ? "good" : score >= 65 ? "fair" : "poor";
