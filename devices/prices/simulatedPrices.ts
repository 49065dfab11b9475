import type { SundryItem } from "@/core/work/sundries";
import { createRandom } from "../random";
import { waitFor } from "../waitFor";
import type { PriceList, TinOffer } from "./priceList";

interface Setup {
  readonly seed: string;
  /** Prices and stock are others on another day. */
  readonly day: string;
  readonly wait?: typeof waitFor;
}

/** What a thing costs that the supplier has no list price for. */
const usualPrice = 5;

/** Sizes that are offered of every paint beside those that are asked for, ml. */
const usualSizes = [250, 1000, 2500] as const;
/** A tin's own cost, and that of its litres: small tins are dearer by the litre. */
const tinPrice = { each: 3.4, perLitre: 15.5 } as const;
const soldOutShare = 0.12;
const perPaintMs = 160;

const sundryPrices: Record<SundryItem, number> = {
  "tape-13": 3.9,
  "tape-18": 4.6,
  "tape-19": 4.7,
  "tape-24": 5.4,
  "tape-25": 5.5,
  "tape-30": 6.4,
  "tape-36": 7.2,
  "tape-38": 7.5,
  "tape-48": 8.9,
  "tape-50": 9.2,
  "tape-72": 12.8,
  "tape-flexible": 7.9,
  "sealer-clear": 5.8,
  "sealer-white": 4.9,
  brush: 6.8,
  "brush-sash": 4.8,
  "brush-wide": 9.4,
  "roller-100": 3.2,
  "roller-230": 5.9,
  liner: 1.1,
  "dust-sheet": 8.5,
  film: 4.9,
  "tape-low-tack": 6.1,
  filler: 6.2,
  paper: 1.4,
  "dust-mask": 2.6,
  "sugar-soap": 3.9,
  "stencil-sheet": 6.5,
  "stencil-brush-6": 4.2,
  "stencil-brush-12": 4.9,
  "stencil-brush-20": 6.1,
  "stencil-brush-30": 7.4,
  "stencil-brush-40": 8.8,
  "foam-roller": 3.6,
  "blotting-paper": 2.2,
  "stencil-tape": 6.4,
  "stencil-adhesive": 9.9,
  card: 2.4,
  "sample-board": 3.6,
  "sample-card": 1.8,
  "sample-wood": 2.9,
};

/**
 * A stand-in for a supplier: prices about a tin's cost and its litres, a tenth up or down by paint and day, and now and
 * then a size that is sold out. The same seed and day give the same sheet.
 */
export function createSimulatedPrices({ seed, day, wait = waitFor }: Setup): PriceList {
  return {
    name: "Simulated supplier",
    async fetch({ paints, sundries }, signal, progress) {
      const sheet = new Map<string, readonly TinOffer[]>();
      for (const [index, { id, sizesMl }] of paints.entries()) {
        await wait(perPaintMs, signal);
        const random = createRandom(`${seed} ${day} ${id}`);
        const dearness = 0.9 + 0.2 * random();
        const sizes = [...new Set([...sizesMl, ...usualSizes])].sort((a, b) => a - b);
        sheet.set(
          id,
          sizes.map((sizeMl): TinOffer => ({
            sizeMl,
            price: inCents(dearness * (tinPrice.each + (tinPrice.perLitre * sizeMl) / 1000)),
            stock: random() < soldOutShare ? 0 : 1 + Math.floor(random() * 12),
          })),
        );
        progress((index + 1) / paints.length);
      }
      const random = createRandom(`${seed} ${day}`);
      const prices = sundries.map((item): [string, number] => [
        item,
        inCents(priceOf(item) * (0.95 + 0.1 * random())),
      ]);
      return { paints: sheet, sundries: new Map(prices) };
    },
  };
}

const priceOf = (item: string): number =>
  Object.hasOwn(sundryPrices, item) ? sundryPrices[item as SundryItem] : usualPrice;

const inCents = (amount: number): number => Math.round(amount * 100) / 100;
