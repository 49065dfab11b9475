import fc from "fast-check";
import { expect, it } from "vitest";
import { runsOf } from "../tests/runsOf";
import { mergeDocuments } from "./mergeDocuments";

const base = {
  name: "The Ferry Landing",
  walls: [
    { id: "counter", width: 4000, outlines: [[0, 0]] },
    { id: "nook", width: 2200, outlines: [] },
    { id: "stair", width: 3000, outlines: [] },
  ],
  work: { crew: 1, rates: { rolling: 3 } },
} as const;
type Doc = Record<string, unknown> & { walls: readonly { id: string; [key: string]: unknown }[] };
const merge = (mine: object, theirs: object, from: object = base) =>
  mergeDocuments(from as Doc, { ...from, ...mine } as Doc, { ...from, ...theirs } as Doc);
const wall = (id: string, more: object) =>
  base.walls.map((one) => (one.id === id ? { ...one, ...more } : one));

it("takes what only one has changed from that one, also within one wall", () => {
  const both = merge(
    { walls: wall("nook", { width: 2300 }), work: { crew: 2, rates: { rolling: 3 } } },
    {
      name: "Landing",
      walls: wall("nook", { skirting: 90 }),
      work: { crew: 1, rates: { rolling: 3, taping: 2 } },
    },
  );
  expect(both).toEqual({
    ok: true,
    document: {
      name: "Landing",
      walls: wall("nook", { width: 2300, skirting: 90 }),
      work: { crew: 2, rates: { rolling: 3, taping: 2 } },
    },
  });
});

it("says where both changed the same, a list without ids is one thing, and what one took away the other may not change", () => {
  const overlaps = (mine: object, theirs: object) => {
    const merged = merge(mine, theirs);
    return merged.ok ? [] : merged.overlaps;
  };
  expect(overlaps({ name: "A" }, { name: "B" })).toEqual(["name"]);
  expect(overlaps({ name: "A" }, { name: "A" })).toEqual([]);
  expect(
    overlaps(
      { walls: wall("counter", { outlines: [[1, 1]] }) },
      { walls: wall("counter", { outlines: [[2, 2]] }) },
    ),
  ).toEqual(["walls.counter.outlines"]);
  expect(overlaps({ walls: base.walls.slice(1) }, { walls: wall("counter", { width: 4100 }) })).toEqual([
    "walls.counter",
  ]);
});

it("walls that each has added or moved stand where they were put; a wall that one took away is gone", () => {
  const [counter, nook, stair] = base.walls;
  const merged = merge(
    { walls: [stair, counter, { id: "mine" }, nook] },
    { walls: [counter, { id: "theirs" }, stair] },
  );
  expect(merged.ok && merged.document.walls.map(({ id }) => id)).toEqual([
    "stair",
    "counter",
    "theirs",
    "mine",
  ]);
});

it("with nothing changed on one side comes to the other side, whatever that did", () => {
  const value = fc.letrec((tie) => ({
    node: fc.oneof(
      fc.integer(),
      fc.uniqueArray(
        fc.record({ id: fc.constantFrom("a", "b", "c", "d"), of: tie("node") }, { noNullPrototype: true }),
        {
          selector: ({ id }) => id,
        },
      ),
      fc.dictionary(fc.constantFrom("x", "y", "z"), tie("node"), { noNullPrototype: true }),
    ),
  })).node;
  const document = fc.dictionary(fc.constantFrom("p", "q", "r"), value, { noNullPrototype: true });
  fc.assert(
    fc.property(document, document, (before, after) => {
      expect(mergeDocuments(before, after, before)).toEqual({ ok: true, document: after });
      expect(mergeDocuments(before, before, after)).toEqual({ ok: true, document: after });
      expect(mergeDocuments(before, after, after)).toEqual({ ok: true, document: after });
    }),
    runsOf(300),
  );
});
