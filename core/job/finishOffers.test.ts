import { describe, expect, it } from "vitest";
import { applyChange } from "../finishes/applyChange";
import { cutLength, wallOf } from "./tests/finishes";

const grid = (kind: string, more: object = {}) => ({
  kind,
  columns: { by: "near", width: 390 },
  rows: { by: "near", width: 430 },
  colours: ["kelp", "brine"],
  ...(kind === "chevron" && { rise: 200 }),
  ...more,
});

describe("offers of grids", () => {
  it.each(["chevron", "diamonds"])(
    "%s: each is what it says, with as much line to tape as it tells",
    (kind) => {
      const { offers } = wallOf([grid(kind)]);
      expect(offers.length).toBeGreaterThan(3);
      expect(offers.filter(({ isChosen }) => isChosen).map(({ title }) => title)).toEqual([
        "10 x 6, each 400 mm by 433.3 mm",
      ]);
      expect(offers.map(({ score }) => score)).toEqual(
        offers.map(({ score }) => score).sort((a, b) => b - a),
      );
      for (const { change, title, tape_m } of offers) {
        const wall = wallOf([applyChange(grid(kind), { set: change.set })]);
        expect(wall.offers.find(({ isChosen }) => isChosen)!.title).toBe(title);
        expect(tape_m! * 1000).toBeCloseTo(cutLength(wall), 4);
      }
    },
  );

  it("put counts whose lines just miss a plate behind those that clear it", () => {
    // The fourth of ten columns ends at 1600; a plate from 1606 on is missed by 6 mm.
    const plate = { id: "s", kind: "plate", x: 1606, y: 1000, width: 80, height: 80 };
    const { offers } = wallOf([grid("diamonds", { columns: { by: "count", count: 10 } })], {
      fixtures: [plate],
    });
    const ten = offers.find(({ isChosen }) => isChosen)!;
    expect(ten.why.join(" ")).toContain("misses the plate by 6 mm");
    expect(offers[0]!.score).toBeGreaterThan(ten.score);
  });
});

it("bands are offered heights with a reason, and what each then misses", () => {
  const sill = { id: "o", kind: "window", x: 1000, y: 900, width: 900, height: 1000, casing: 50 };
  const plate = { id: "s", kind: "plate", x: 300, y: 1150, width: 86, height: 86 };
  const bands = { kind: "bands", bands: [{ from: 600, to: 700, colour: "kelp" }] };
  const { offers } = wallOf([bands], { openings: [sill], fixtures: [plate] });
  const heights = Object.fromEntries(
    offers.map(({ title, change }) => [title, (change.set.bands as { from: number; to: number }[])[0]]),
  );
  // The casing's foot is at 850, its head at 1950; the plate's middle at 1193, and a band of 100 misses its edges by 7.
  expect(heights).toMatchObject({
    "Upper edge at the foot of the window, 850 mm": { from: 750, to: 850 },
    "Lower edge at the head of the window, 1950 mm": { from: 1950, to: 2050 },
    "Middle at the middle of the plate, 1193 mm": { from: 1143, to: 1243 },
  });
  expect(offers.at(-1)!.title).toContain("plate");
});

it("a way to divide says what it asks of tape: one line a change of colour, as long as the wall is there", () => {
  const stripes = (direction: unknown, count: number) =>
    wallOf([{ kind: "stripes", direction, colours: ["kelp", "oyster"], fit: { by: "count", count } }]);
  for (const [direction, count] of [
    ["vertical", 8],
    ["horizontal", 5],
    [30, 6],
    [112, 9],
  ] as const) {
    const wall = stripes(direction, count);
    const { chosen, candidates } = wall.fit!;
    const lines = wall.lines.map(({ path: [a, b] }) => Math.hypot(b[0] - a[0], b[1] - a[1]) / 1000);
    expect(chosen.taping).toMatchObject({ pieces: count - 1, crossings: 0 });
    expect(chosen.taping.tape_m).toBeCloseTo(
      lines.reduce((all, metres) => all + metres, 0),
      6,
    );
    // A metre a minute.
    expect(chosen.taping.minutes).toBeCloseTo(chosen.taping.tape_m, 9);
    for (const { count: other, taping } of candidates) expect(taping.pieces).toBe(other - 1);
  }
  const diamonds = wallOf([
    grid("diamonds", { columns: { by: "count", count: 3 }, rows: { by: "count", count: 2 } }),
  ]);
  // Three by two diamonds: four lines each way; they cross at 2 x 2 side tips and 3 x 1 upper ones.
  expect(diamonds.offers.find(({ isChosen }) => isChosen)!.taping).toMatchObject({ pieces: 8, crossings: 7 });
});
