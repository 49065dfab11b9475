import { expect, it } from "vitest";
import type { JobDocument } from "./jobDocument";
import { reorderFinishes } from "./reorderFinishes";

it("lays a wall's finishes over each other in another order, and leaves those of other walls in their places", () => {
  const document = { finishes: ["a", "x", "b", "y", "c"].map((id) => ({ id })) } as unknown as JobDocument;
  const ids = (order: string[]) => reorderFinishes(document, order).finishes.map(({ id }) => id);
  expect(ids(["c", "a", "b"])).toEqual(["c", "x", "a", "y", "b"]);
  expect(ids(["a", "b", "c"])).toEqual(["a", "x", "b", "y", "c"]);
});
