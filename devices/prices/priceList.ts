/** A tin as a supplier offers it: ml, price in the job's currency, and how many can be had now. */
export interface TinOffer {
  readonly sizeMl: number;
  readonly price: number;
  readonly stock: number;
}

export interface PriceSheet {
  /** By the paint's id. */
  readonly paints: ReadonlyMap<string, readonly TinOffer[]>;
  /** By the item. */
  readonly sundries: ReadonlyMap<string, number>;
}

export interface Asked {
  readonly paints: readonly { readonly id: string; readonly sizesMl: readonly number[] }[];
  readonly sundries: readonly string[];
}

/** A supplier's prices. The program ships a simulated one; a real one answers the same call. */
export interface PriceList {
  readonly name: string;
  /** Today's offers for what is asked; `progress` is told how much of it is in. Rejects with a reason, or when stopped. */
  fetch(asked: Asked, signal: AbortSignal, progress: (share: number) => void): Promise<PriceSheet>;
}
