import { expect, it } from "vitest";
import { wallSchema } from "@/core/wall/schema";
import { wallsInRunOrder } from "./wallsInRunOrder";

it("walls of a run stand together, in its order, where the first of them is met", () => {
  const walls = ["a", "b", "c", "d"].map((id) => wallSchema.parse({ id, base: "p", width: 9, height: 9 }));
  const order = (runs: { id: string; walls: string[] }[]) =>
    wallsInRunOrder({ walls, runs })
      .map(({ wall, isJoined }) => (isJoined ? `-${wall.id}` : ` ${wall.id}`))
      .join("");
  expect(order([])).toBe(" a b c d");
  expect(order([{ id: "r", walls: ["d", "b"] }])).toBe(" a d-b c");
  expect(
    order([
      { id: "r", walls: ["a", "c"] },
      { id: "s", walls: ["c", "d"] },
    ]),
  ).toBe(" a-c b d");
});
