import type { Pack } from "./schema";

export interface PackCount {
  readonly size: number;
  readonly price: number;
  readonly count: number;
}

export interface PackChoice {
  readonly packs: readonly PackCount[];
  readonly cost: number;
  readonly volumeMl: number;
}

const moneyTolerance = 1e-9;
const volumeTolerance = 1e-6;
const mostNodes = 200_000;

/**
 * The cheapest packs that cover a need in ml, exactly; at equal cost the one that leaves least, then the
 * fewest tins. Null when there is something to cover and no packs.
 *
 * Branch and bound over the packs by price per ml: what remains cannot cost less than at the best price per
 * ml still open, so worse branches are cut. Bounded by nodes visited, far beyond what a real list of tins asks.
 */
export function choosePacks(needMl: number, packs: readonly Pack[]): PackChoice | null {
  if (needMl <= volumeTolerance) return { packs: [], cost: 0, volumeMl: 0 };
  if (packs.length === 0) return null;
  const sorted = [...packs].sort((a, b) => a.price / a.size - b.price / b.size || b.size - a.size);
  const counts = new Array<number>(sorted.length).fill(0);
  let best: { counts: number[]; cost: number; volume: number } | null = null;
  let nodes = 0;

  const isBetter = (cost: number, volume: number) => {
    if (!best || cost < best.cost - moneyTolerance) return true;
    if (cost > best.cost + moneyTolerance) return false;
    if (Math.abs(volume - best.volume) > volumeTolerance) return volume < best.volume;
    const tins = (list: readonly number[]) => list.reduce((sum, count) => sum + count, 0);
    return tins(counts) < tins(best.counts);
  };
  const search = (index: number, remaining: number, cost: number) => {
    if (remaining <= volumeTolerance) {
      if (isBetter(cost, needMl - remaining))
        best = { counts: [...counts], cost, volume: needMl - remaining };
      return;
    }
    const pack = sorted[index];
    if (!pack || nodes++ > mostNodes) return;
    const nextUnitPrice = sorted[index + 1] ? sorted[index + 1]!.price / sorted[index + 1]!.size : Infinity;
    for (let count = Math.ceil(remaining / pack.size - volumeTolerance); count >= 0; count--) {
      const rest = Math.max(0, remaining - count * pack.size);
      const least = cost + count * pack.price + (rest > 0 ? rest * nextUnitPrice : 0);
      if (best && least > best.cost + moneyTolerance) {
        // With a rest to cover, fewer of the pack with the better price per ml only makes the whole dearer.
        if (rest > 0) break;
        continue;
      }
      counts[index] = count;
      search(index + 1, remaining - count * pack.size, cost + count * pack.price);
    }
    counts[index] = 0;
  };
  search(0, needMl, 0);
  const found = best as { counts: number[]; cost: number; volume: number } | null;
  if (!found) return null;
  return {
    packs: sorted
      .map((pack, index) => ({ size: pack.size, price: pack.price, count: found.counts[index]! }))
      .filter((pack) => pack.count > 0)
      .sort((a, b) => b.size - a.size),
    cost: found.cost,
    volumeMl: found.volume,
  };
}
