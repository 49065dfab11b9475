import { expect, it } from "vitest";
import { compareWays } from "./compareWays";
import { plan } from "./plan";
import { document } from "./tests/bricks";
import { parsed } from "./tests/jobs";

const stripes = {
  id: "s",
  on: "v",
  kind: "stripes",
  fit: { by: "count", count: 5 },
  colours: ["oyster", "slate-tide"],
};
const walls = ["w", "v"].map((id) => ({ id, width: 2380, height: 770, base: "oyster" }));
const paper = {
  id: "f",
  on: "w",
  kind: "paper",
  roll: { width: 530, length: 10050, price: 30 },
  match: "free",
};

it("a brick wall beside the same one taped, and as paper: each what a job of it alone comes to", () => {
  const whole = document({}, {}, { walls });
  const job = parsed({ ...whole, finishes: [...whole.finishes, stripes] });
  const ways = compareWays(job, "f");
  expect(ways.map(({ name }) => name)).toEqual(["stamped", "taped", "as paper"]);
  for (const [index, way] of [{ way: "stamped" }, { way: "taped" }].entries()) {
    const alone = plan(parsed(document(way)));
    expect(ways[index]).toMatchObject({
      minutes: alone.work!.minutes,
      days: alone.work!.days,
      cost: alone.cost.total,
    });
  }
  // No price of the paper's rolls is known; what is stamped is not taped joint by joint.
  expect(ways[2]!.unpriced).toBeGreaterThan(0);
  expect(ways[0]!.minutes!).toBeLessThan(ways[1]!.minutes!);
});

it("paper beside the wall painted all over; nothing beside what has no other way", () => {
  const ways = compareWays(parsed({ ...document(), finishes: [paper] }), "f");
  const painted = plan(parsed({ ...document({}, { baseState: "paint" }), finishes: [] }));
  // One roll of 30.
  expect(ways.map(({ name }) => name)).toEqual(["paper", "painted all over"]);
  expect(ways[0]!.cost).toBeGreaterThanOrEqual(30);
  expect(ways[1]).toMatchObject({ minutes: painted.work!.minutes, cost: painted.cost.total });
  expect(compareWays(parsed({ ...document(), walls, finishes: [stripes] }), "s")).toEqual([]);
  expect(compareWays(parsed(document()), "gone")).toEqual([]);
});
