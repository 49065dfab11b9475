import type { Tin } from "./estimatePrices";

export interface PackCount extends Tin {
  readonly count: number;
}

export interface PackChoice {
  readonly packs: readonly PackCount[];
  readonly cost: number;
  readonly volumeMl: number;
}

const moneyTolerance = 1e-9;
/** ml: what sums may be off by. Anything more is a need, and takes a tin. */
const volumeTolerance = 1e-9;
const mostNodes = 200_000;

/**
 * The cheapest packs that cover a need in ml, exactly; at equal cost the fewest tins, then what
 * leaves least. Null when there is something to cover and no packs.
 */
export const choosePacks = (needMl: number, packs: readonly Tin[]): PackChoice | null =>
  rankPacks(needMl, packs, 1)[0] ?? null;

/**
 * The `most` cheapest ways to cover a need in ml with packs, none of which has a tin that it could do without; at equal
 * cost fewer tins first, then what leaves less. One empty way when nothing is needed; none when there are no packs.
 *
 * Branch and bound over the packs by price per ml: what remains cannot cost less than at the best price per
 * ml still open, so worse branches are cut. Bounded by nodes visited, far beyond what a real list of tins asks.
 */
export function rankPacks(needMl: number, packs: readonly Tin[], most: number): PackChoice[] {
  if (needMl <= volumeTolerance) return [{ packs: [], cost: 0, volumeMl: 0 }];
  return new PackSearch(needMl, packs, most).run();
}

interface Found {
  readonly counts: readonly number[];
  readonly cost: number;
  readonly volume: number;
}

class PackSearch {
  private readonly sorted: readonly Tin[];
  private readonly counts: number[];
  private readonly best: Found[] = [];
  private nodes = 0;

  constructor(
    private readonly needMl: number,
    packs: readonly Tin[],
    private readonly most: number,
  ) {
    this.sorted = [...packs].sort((a, b) => a.price / a.size - b.price / b.size || b.size - a.size);
    this.counts = new Array<number>(packs.length).fill(0);
  }

  run(): PackChoice[] {
    this.search(0, this.needMl, 0);
    return this.best.map(({ counts, cost, volume }) => ({
      packs: this.sorted
        .map((tin, index) => ({ ...tin, count: counts[index]! }))
        .filter((pack) => pack.count > 0)
        .sort((a, b) => b.size - a.size),
      cost,
      volumeMl: volume,
    }));
  }

  private search(index: number, remaining: number, cost: number): void {
    if (remaining <= volumeTolerance) return this.keep(cost, this.needMl - remaining);
    const pack = this.sorted[index];
    if (!pack || this.nodes++ > mostNodes) return;
    const next = this.sorted[index + 1];
    const nextUnitPrice = next ? next.price / next.size : Infinity;
    for (let count = Math.ceil((remaining - volumeTolerance) / pack.size); count >= 0; count--) {
      const rest = Math.max(0, remaining - count * pack.size);
      const least = cost + count * pack.price + (rest > 0 ? rest * nextUnitPrice : 0);
      if (least > this.dearestKept() + moneyTolerance) {
        // With a rest to cover, fewer of the pack with the better price per ml only makes the whole dearer.
        if (rest > 0) break;
        continue;
      }
      this.counts[index] = count;
      this.search(index + 1, remaining - count * pack.size, cost + count * pack.price);
    }
    this.counts[index] = 0;
  }

  private dearestKept(): number {
    return this.best.length < this.most ? Infinity : this.best.at(-1)!.cost;
  }

  private keep(cost: number, volume: number): void {
    const isSpare = ({ size }: Tin, index: number) =>
      this.counts[index]! > 0 && volume - size >= this.needMl - volumeTolerance;
    if (this.sorted.some(isSpare)) return;
    const found = { counts: [...this.counts], cost, volume };
    const place = this.best.findIndex((other) => isBefore(found, other));
    this.best.splice(place < 0 ? this.best.length : place, 0, found);
    if (this.best.length > this.most) this.best.pop();
  }
}

function isBefore(a: Found, b: Found): boolean {
  if (Math.abs(a.cost - b.cost) > moneyTolerance) return a.cost < b.cost;
  // One batch before two: what is in one tin is of one colour.
  const tins = ({ counts }: Found) => counts.reduce((sum, count) => sum + count, 0);
  if (tins(a) !== tins(b)) return tins(a) < tins(b);
  return a.volume < b.volume - volumeTolerance;
}
