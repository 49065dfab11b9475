import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { loadsOf, orderPrints, waitsIn, type ToPrint } from "./orderPrints";

const box = (x: number, y: number, width: number, height: number) => ({
  minX: x - width / 2,
  maxX: x + width / 2,
  minY: y - height / 2,
  maxY: y + height / 2,
});
/** A grid of prints column by column, whose sheets reach over by a margin. */
const grid = (columns: number, rows: number, margin: number, minutes = 2): ToPrint[] =>
  Array.from({ length: columns * rows }, (_, place) => {
    const [x, y] = [Math.floor(place / rows) * 100, -(place % rows) * 100];
    return { open: box(x, y, 80, 80), sheet: box(x, y, 100 + 2 * margin, 100 + 2 * margin), minutes };
  });

describe("the turn of prints", () => {
  it("is column by column where no sheet reaches a neighbour's open parts", () => {
    expect(orderPrints(grid(3, 4, 10), 15)).toEqual(Array.from({ length: 12 }, (_, place) => place));
  });

  it("never lays a sheet on a print that is not dry, whatever the margins and times", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 7 }),
        fc.integer({ min: 1, max: 7 }),
        fc.integer({ min: 0, max: 120 }),
        fc.integer({ min: 1, max: 9 }),
        (columns, rows, margin, minutes) => {
          const prints = grid(columns, rows, margin, minutes);
          const order = orderPrints(prints, 15);
          expect([...order].sort((a, b) => a - b)).toEqual(prints.map((_, place) => place));
          const inTurn = order.map((place) => prints[place]!);
          const waits = waitsIn(inTurn, 15);
          let now = 0;
          const done: { at: number; print: ToPrint }[] = [];
          inTurn.forEach((print, turn) => {
            now += waits[turn]!;
            for (const { at, print: other } of done) {
              const over =
                Math.min(print.sheet.maxX, other.open.maxX) - Math.max(print.sheet.minX, other.open.minX);
              const up =
                Math.min(print.sheet.maxY, other.open.maxY) - Math.max(print.sheet.minY, other.open.minY);
              if (over > 0.001 && up > 0.001) expect(now - at).toBeGreaterThanOrEqual(15 - 1e-9);
            }
            now += print.minutes;
            done.push({ at: now, print });
          });
        },
      ),
      { numRuns: 60 },
    );
  });

  it("prints elsewhere while neighbours dry: a wall that is large enough has no wait", () => {
    const prints = grid(8, 6, 40);
    const waits = waitsIn(
      orderPrints(prints, 15).map((place) => prints[place]!),
      15,
    );
    expect(waits.slice(0, 40).reduce((sum, wait) => sum + wait, 0)).toBe(0);
    // Straight down the columns each but the first of them would wait.
    expect(waitsIn(prints, 15).filter((wait) => wait > 0).length).toBeGreaterThan(30);
  });
});

it("a load carries what it holds, and a print larger than one is a load of its own", () => {
  expect(loadsOf([3, 3, 3, 3, 3], 8)).toEqual([1, 1, 2, 2, 3]);
  expect(loadsOf([9, 1, 9], 8)).toEqual([1, 2, 3]);
  expect(loadsOf([], 8)).toEqual([]);
});
