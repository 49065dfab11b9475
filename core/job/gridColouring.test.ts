import { describe, expect, it } from "vitest";
import { areasOf, sum, wallOf } from "./tests/finishes";

describe("colouring of grids", () => {
  const grid = (more: object) => ({
    kind: "chevron",
    columns: { by: "count", count: 7 },
    rows: { by: "count", count: 6 },
    rise: 200,
    uprights: true,
    colours: ["kelp", "brine", "lantern"],
    ...more,
  });
  const cellsOf = (finish: object) =>
    new Map(wallOf([finish]).regions.map(({ numbers, colour }) => [numbers.join(), colour]));

  it("goes by rows or columns, and shuffled has no two alike side by side, the same for one seed", () => {
    // Row 1 are the parts of cells at the floor; the first whole row, 2, has the first colour.
    const byRows = cellsOf(grid({ colouring: { rule: "rows" } }));
    expect([1, 4, 7].map((column) => byRows.get(`${column},3`))).toEqual(["brine", "brine", "brine"]);
    expect([...byRows.keys()].some((cell) => cell.endsWith(",0"))).toBe(false);
    expect(byRows.has("1,1")).toBe(true);
    const byColumns = cellsOf(grid({ colouring: { rule: "columns" } }));
    expect([1, 3, 5].map((row) => byColumns.get(`2,${row}`))).toEqual(["brine", "brine", "brine"]);
    const seen = new Set<string>();
    for (let seed = 0; seed < 8; seed++) {
      const shuffled = cellsOf(grid({ colouring: { rule: "shuffled", seed } }));
      for (const [cell, colour] of shuffled) {
        const [column, row] = cell.split(",").map(Number) as [number, number];
        expect(shuffled.get(`${column + 1},${row}`)).not.toBe(colour);
        expect(shuffled.get(`${column},${row + 1}`)).not.toBe(colour);
      }
      expect(cellsOf(grid({ colouring: { rule: "shuffled", seed } }))).toEqual(shuffled);
      seen.add([...shuffled.values()].join());
    }
    expect(seen.size).toBeGreaterThan(6);
  });

  it("a cell filled by hand keeps its paint while columns come and go; a fill off the wall is reported with its cure", () => {
    const fills = [{ at: [1000, 1300], colour: "oyster" }];
    for (const count of [4, 5, 9]) {
      const wall = wallOf([grid({ columns: { by: "count", count }, fills })]);
      expect(areasOf(wall, "oyster")).toEqual([expect.closeTo((4 / count) * (2.6 / 6), 9)]);
    }
    const [finding] = wallOf([grid({ fills: [...fills, { at: [9000, 10], colour: "kelp" }] })]).findings;
    expect(finding).toMatchObject({ code: "fill-in-opening", change: { set: { fills } } });
  });

  it("over-lines cover all but a square of (1 - 2d)^2 of the grid's measure, in one piece", () => {
    // In the grid's measure the lines are whole sums and differences, d = w / 2 x sqrt(W^2 + H^2) / (W H) to both sides.
    const wall = wallOf([
      {
        kind: "diamonds",
        columns: { by: "count", count: 8 },
        rows: { by: "count", count: 5 },
        colours: ["kelp"],
        overLines: { colour: "brine", width: 24 },
      },
    ]);
    const d = (12 * Math.hypot(500, 520)) / (500 * 520);
    expect(areasOf(wall, "brine")).toEqual([expect.closeTo(10.4 * (1 - (1 - 2 * d) ** 2), 8)]);
    expect(sum(areasOf(wall, "kelp"))).toBeCloseTo(5.2 * (1 - 2 * d) ** 2, 8);
  });
});
