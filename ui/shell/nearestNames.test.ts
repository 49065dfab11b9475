import { expect, it } from "vitest";
import { nearestNames } from "./nearestNames";

const jobs = [
  { id: "a1", name: "Net loft" },
  { id: "the-ferry-landing", name: "The ferry landing" },
  { id: "b2", name: "The ferry landing, upper rooms" },
];
const nearest = (sought: string, most?: number) => nearestNames(sought, jobs, most).map(({ id }) => id);

it("names that take the fewest changed letters come first, by id or by name", () => {
  expect(nearest("the-fery-landing")[0]).toBe("the-ferry-landing");
  expect(nearest("the-ferry-landing-uper-room", 1)).toEqual(["b2"]);
  expect(nearest("net loft 2", 1)).toEqual(["a1"]);
  expect(nearestNames("", [])).toEqual([]);
});
