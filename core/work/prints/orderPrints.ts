import Flatbush from "flatbush";
import type { Box } from "../../geometry/curve";

/** One print of one sheet: where its open parts and its plastic come to lie, mm, and how long it takes. */
export interface ToPrint {
  readonly open: Box;
  readonly sheet: Box;
  readonly minutes: number;
}

/** So far ahead a print is sought that can be made while others dry. */
const lookAhead = 60;

/**
 * The turn in which prints, listed column by column, are made: always the first one whose sheet lies on no print that is
 * still wet, and where there is none, the one that is free first. So the list's own order stays where no sheet reaches
 * over a neighbour. n prints cost about n x 60.
 */
export function orderPrints(prints: readonly ToPrint[], dryMin: number): number[] {
  const under = printsUnder(prints);
  const doneAt = new Map<number, number>();
  const left = prints.map((_, place) => place);
  const order: number[] = [];
  let now = 0;
  const freeAt = (place: number) =>
    under(place).reduce(
      (latest, other) => Math.max(latest, (doneAt.get(other) ?? -Infinity) + dryMin),
      -Infinity,
    );
  while (left.length > 0) {
    let [best, bestAt] = [0, Infinity];
    for (let turn = 0; turn < Math.min(lookAhead, left.length); turn++) {
      const at = freeAt(left[turn]!);
      if (at < bestAt - 1e-9) [best, bestAt] = [turn, at];
      if (at <= now + 1e-9) {
        [best, bestAt] = [turn, now];
        break;
      }
    }
    const [place] = left.splice(best, 1);
    now = Math.max(now, bestAt) + prints[place!]!.minutes;
    doneAt.set(place!, now);
    order.push(place!);
  }
  return order;
}

/** Minutes that have to be waited before each print of an order, so that no sheet lies on a wet one. */
export function waitsIn(prints: readonly ToPrint[], dryMin: number): number[] {
  const under = printsUnder(prints);
  const doneAt: number[] = [];
  let now = 0;
  return prints.map(({ minutes }, place) => {
    const free = under(place)
      .filter((other) => other < place)
      .reduce((latest, other) => Math.max(latest, doneAt[other]! + dryMin), 0);
    const wait = Math.max(0, free - now);
    now += wait + minutes;
    doneAt.push(now);
    return wait;
  });
}

/** The other prints that the sheet of each lies on. */
function printsUnder(prints: readonly ToPrint[]): (place: number) => readonly number[] {
  if (prints.length === 0) return () => [];
  const index = new Flatbush(prints.length);
  for (const { open } of prints) index.add(open.minX, open.minY, open.maxX, open.maxY);
  index.finish();
  const known = new Map<number, readonly number[]>();
  return (place) => {
    const before = known.get(place);
    if (before) return before;
    const { minX, minY, maxX, maxY } = prints[place]!.sheet;
    const inset = 1e-6;
    const found = index
      .search(minX + inset, minY + inset, maxX - inset, maxY - inset)
      .filter((other) => other !== place);
    known.set(place, found);
    return found;
  };
}

/** Which load of the tool each print takes, from 1: a new one where the last does not reach. ml. */
export function loadsOf(needsMl: readonly number[], loadMl: number): number[] {
  let [load, left] = [0, 0];
  return needsMl.map((need) => {
    if (need > left + 1e-9) {
      load += 1;
      left = loadMl;
    }
    left = Math.max(0, left - need);
    return load;
  });
}
