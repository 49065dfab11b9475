import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { loadsOf, orderPrints, waitsIn, type ToPrint } from "./orderPrints";
import { runsOf } from "@/core/tests/runsOf";

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

const columnsOf = (columns: number, rows: number): number[] =>
  Array.from({ length: columns * rows }, (_, place) => Math.floor(place / rows));
const orderOf = (columns: number, rows: number, margin: number, minutes = 2): number[] =>
  orderPrints(grid(columns, rows, margin, minutes), columnsOf(columns, rows), 15);
const total = (minutes: readonly number[]): number => minutes.reduce((sum, each) => sum + each, 0);

describe("the turn of prints", () => {
  it("is column by column where no sheet reaches a neighbour's open parts", () => {
    expect(orderOf(3, 4, 10)).toEqual(Array.from({ length: 12 }, (_, place) => place));
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
          const order = orderOf(columns, rows, margin, minutes);
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
      runsOf(60),
    );
  });

  it("leaves out every second one of a long column and comes back for it, a column at a time, without a wait", () => {
    const sweep = [0, 2, 4, 6, 8, 10, 12, 14, 16, 18, 1, 3, 5, 7, 9, 11, 13, 15, 17, 19];
    const order = orderOf(3, 20, 40);
    // Ten are twenty minutes, and the first is dry after seventeen. Above, beside and askew lie wet ones for the next column
    // too: its first place is free when the last of the second sweep, far below, is made.
    expect(order).toEqual([0, 20, 40].flatMap((first) => sweep.map((place) => first + place)));
    const inTurn = order.map((place) => grid(3, 20, 40)[place]!);
    expect(total(waitsIn(inTurn, 15))).toBe(0);
  });

  it("finds what is free further along a line whose sheets cover many neighbours", () => {
    // One row, each sheet over four neighbours on either side: five apart they can be printed one after the other.
    const prints = grid(60, 1, 400);
    const order = orderOf(60, 1, 400);
    expect(order.slice(0, 4)).toEqual([0, 5, 10, 15]);
    const waits = waitsIn(
      order.map((place) => prints[place]!),
      15,
    );
    // Twelve of two minutes go by before the first of them dries.
    expect(total(waits.slice(0, 12))).toBe(0);
  });

  it("begins other columns while a short one dries, but has them all done every so often", () => {
    const [columns, rows] = [20, 6];
    const prints = grid(columns, rows, 40);
    const order = orderOf(columns, rows, 40);
    const inTurn = order.map((place) => prints[place]!);
    const waits = waitsIn(inTurn, 15);
    const [straight, inOrder] = [waitsIn(prints, 15), waits].map(total);
    expect(inOrder).toBeLessThan(straight! / 10);
    let [now, stopped, longest] = [0, 0, 0];
    const done = new Set<number>();
    order.forEach((place, turn) => {
      now += waits[turn]! + prints[place]!.minutes;
      done.add(place);
      const begun = new Set([...done].map((each) => Math.floor(each / rows)));
      if (done.size < begun.size * rows) return;
      longest = Math.max(longest, now - stopped);
      stopped = now;
    });
    // An hour, and what is begun by then: at the most the columns that are looked at, of twelve minutes each.
    expect(longest).toBeLessThan(60 + 6 * 12 + 3 * 15);
    expect(stopped).toBe(now);
  });
});

it("a load carries what it holds, and a print larger than one is a load of its own", () => {
  expect(loadsOf([3, 3, 3, 3, 3], 8)).toEqual([1, 1, 2, 2, 3]);
  expect(loadsOf([9, 1, 9], 8)).toEqual([1, 2, 3]);
  expect(loadsOf([], 8)).toEqual([]);
});
