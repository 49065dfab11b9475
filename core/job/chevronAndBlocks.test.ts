import { expect, it } from "vitest";
import { plan } from "./plan";
import { parseJob } from "./parseJob";
import { areasOf, sum, wallOf } from "./tests/finishes";
import { oneWall, parsed } from "./tests/jobs";

it("a zigzag climbs one row or half of one, whatever the rows come to", () => {
  const chevron = (rise: unknown, rows: number) =>
    wallOf([
      {
        kind: "chevron",
        columns: { by: "count", count: 4 },
        rows: { by: "count", count: rows },
        rise,
        uprights: true,
        colours: ["kelp", "oyster"],
      },
    ]).regions.map(({ id, area_m2 }) => [id, area_m2.toFixed(9)]);
  const height = (wallOf([]).outline[2]![1] as number) - (wallOf([]).outline[0]![1] as number);
  for (const rows of [3, 8]) {
    expect(chevron("row", rows)).toEqual(chevron(height / rows, rows));
    expect(chevron("half-row", rows)).toEqual(chevron(height / rows / 2, rows));
  }
});

it("a block goes around several things: a bed and its two tables", () => {
  const thing = (id: string, x: number, width: number, height: number, y = 0) => {
    return { id, kind: "furniture", x, y, width, height };
  };
  const fixtures = [
    thing("bed", 1000, 1600, 900),
    thing("left", 520, 400, 560, 40),
    thing("right", 2700, 450, 600),
  ];
  const block = (around: unknown) => ({ shape: "rectangle", around, side: 100, above: 250, colour: "kelp" });
  const job = (around: unknown) =>
    oneWall(
      { width: 4000, height: 2600, skirting: 0, fixtures },
      {},
      {
        finishes: [{ id: "f", on: "w", kind: "blocks", blocks: [block(around)] }],
      },
    );
  // From 520 - 100 to 3150 + 100, from the least foot 0 to 900 + 250: 2.83 x 1.15 m.
  const wall = plan(parsed(job(["bed", "left", "right"]))).walls[0]!;
  expect(sum(areasOf(wall, "kelp"))).toBeCloseTo(2.83 * 1.15, 9);
  expect(sum(areasOf(plan(parsed(job(["left"]))).walls[0]!, "kelp"))).toBeCloseTo(0.6 * 0.81, 9);
  expect(plan(parsed(job("bed"))).walls[0]!.regions).toEqual(plan(parsed(job(["bed"]))).walls[0]!.regions);
  const answer = parseJob(job(["bed", "lamp"]));
  expect(!answer.ok && answer.problems[0]).toMatchObject({ path: "finishes[0].blocks[0].around[1]" });
});
