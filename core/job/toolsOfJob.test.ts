import { expect, it } from "vitest";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";

const block = (height: number, shape: object = {}) => ({
  finishes: [
    {
      id: "f",
      on: "w",
      kind: "blocks",
      blocks: [{ shape: "rectangle", x: 300, y: 200, width: 2400, height, colour: "kelp", ...shape }],
    },
  ],
});
const jobOf = (job: object, wall: object = {}) =>
  plan(parsed(oneWall({ width: 3000, height: 2500, skirting: 0, ...wall }, {}, job)));
const toolsOf = (job: object, wall: object = {}) => jobOf(job, wall).tools.map(({ item }) => item);

it("tools are those that the planned work asks for, by its heights, areas, texture and shapes", () => {
  // 2.4 x 1.2 m up to 1.4 m on a smooth wall: nothing over 3 m2. Only to wash a wall of 2.5 m one stands on steps.
  expect(toolsOf(block(1200))).toEqual([
    "tool-steps",
    "tool-lamp",
    "tool-bucket",
    "tool-level",
    "tool-measure",
    "tool-knife",
    "tool-frame-100",
    "tool-pile-short",
  ]);
  // Up to 2.2 m and 4.8 m2: steps, the wide roller and a pole.
  expect(toolsOf(block(2000))).toEqual(expect.arrayContaining(["tool-steps", "tool-frame-230", "tool-pole"]));
  expect(toolsOf(block(1200), { texture: "heavy" })).toContain("tool-pile-long");
  const plate = { id: "s", kind: "plate", x: 2850, y: 2300, width: 80, height: 80 };
  expect(toolsOf(block(1200), { fixtures: [plate], conditions: [{ kind: "crack" }] })).toEqual(
    expect.arrayContaining(["tool-tester", "tool-filling-knife"]),
  );
  const disc = {
    finishes: [
      {
        id: "f",
        on: "w",
        kind: "blocks",
        blocks: [{ shape: "circle", centre: [1500, 900], radius: 300, colour: "kelp" }],
      },
    ],
  };
  expect(toolsOf(disc)).toContain("tool-pin");
  expect(toolsOf({ finishes: [] })).toEqual([]);
});

it("what is not owned joins the shopping list with its price; what is owned costs nothing", () => {
  const owned = jobOf(block(2000));
  expect(owned.tools.every((tool) => tool.owned)).toBe(true);
  const { tools, sundries, cost } = jobOf({
    ...block(2000),
    toolsToBuy: ["tool-pole", "tool-pin"],
    supplies: { "tool-pole": { price: 18 } },
  });
  expect(tools.filter((tool) => !tool.owned).map(({ item }) => item)).toEqual(["tool-pole"]);
  expect(sundries.filter(({ item }) => item.startsWith("tool"))).toMatchObject([
    { item: "tool-pole", count: 1, buy: 1, cost: 18 },
  ]);
  expect(cost.sundries).toBeCloseTo(owned.cost.sundries + 18, 9);
});
