import { expect, it } from "vitest";
import { nearestNames } from "./nearestNames";

const jobs = [
  { id: "a1", name: "Net loft" },
  { id: "the-ferry-landing", name: "The ferry landing" },
  { id: "b2", name: "The ferry landing, upper rooms" },
];

it("names that share most of their letters come first, by id or by name", () => {
  expect(nearestNames("the-fery-landing", jobs).map(({ id }) => id)).toEqual([
    "the-ferry-landing",
    "b2",
    "a1",
  ]);
  expect(nearestNames("net loft 2", jobs, 1).map(({ id }) => id)).toEqual(["a1"]);
  expect(nearestNames("", [])).toEqual([]);
});
