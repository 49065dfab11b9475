import { expect, it } from "vitest";
import { listDifferences } from "./listDifferences";

it("tells every place at which two documents differ, things by their ids", () => {
  const mine = { name: "A", walls: [{ id: "counter", skirting: 120, openings: [] }], units: "metric" };
  const theirs = {
    name: "A",
    walls: [{ id: "counter", skirting: 95, openings: [{ id: "hatch", x: 1 }] }],
    currency: "EUR",
    units: "metric",
  };
  expect(listDifferences(mine, theirs)).toEqual([
    { path: "walls.counter.skirting", mine: "120", theirs: "95" },
    { path: "walls.counter.openings.hatch", mine: "not there", theirs: '{"id":"hatch","x":1}' },
    { path: "currency", mine: "not there", theirs: "EUR" },
  ]);
  expect(listDifferences(mine, structuredClone(mine))).toEqual([]);
});
