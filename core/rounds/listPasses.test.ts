import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { listPasses, roundsOf, schools } from "./listPasses";

const told = (passes: readonly { group: number; coat?: number }[]) =>
  passes.map(({ group, coat }) => (coat === undefined ? `${group}` : `${group}.${coat}`)).join(" ");

describe("the passes of three groups of 2, 3 and 1 coats, as a painter writes them down", () => {
  it("finish each group under one taping", () => {
    expect(told(listPasses([2, 3, 1], "finish"))).toBe("1 2 3");
  });
  it("tape anew for every coat where the seal must be wet", () => {
    expect(told(listPasses([2, 3, 1], "finish", "each coat"))).toBe("1.1 1.2 2.1 2.2 2.3 3.1");
  });
  it("go once around with each coat, and pass by what has had its coats", () => {
    expect(told(listPasses([2, 3, 1], "coat-by-coat"))).toBe("1.1 2.1 3.1 1.2 2.2 2.3");
  });
  it("are none on a wall that stays in its base", () => {
    for (const school of schools) expect(listPasses([], school)).toEqual([]);
  });
});

it("gives every group each of its coats once and in turn, in rounds numbered from one, in either school", () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 1, max: 4 }), { maxLength: 6 }), (coats) => {
      for (const school of schools) {
        const passes = listPasses(coats, school, "each coat");
        expect(passes.map(({ round }) => round)).toEqual(passes.map((_, index) => index + 1));
        coats.forEach((most, index) => {
          const ofGroup = passes.filter(({ group }) => group === index + 1).map(({ coat }) => coat);
          expect(ofGroup).toEqual([1, 2, 3, 4].slice(0, most));
        });
      }
    }),
  );
});

it("has a paint in a round while a coat of it is left to go on", () => {
  const coatsOf = new Map([
    ["kelp", 1],
    ["brine", 2],
  ]);
  const passes = [
    { round: 1, group: 1, coat: 1 },
    { round: 2, group: 1, coat: 2 },
    { round: 3, group: 2 },
  ];
  expect(roundsOf(passes, coatsOf).map(({ paints }) => [...paints])).toEqual([
    ["kelp", "brine"],
    ["brine"],
    ["kelp", "brine"],
  ]);
});
