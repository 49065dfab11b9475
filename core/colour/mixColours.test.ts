import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runsOf } from "../tests/runsOf";
import { differenceOf, labOf } from "./difference";
import { mixedColour, offSoFar, solidParts } from "./mixColours";
import { bestAddition, nearestMix } from "./nearestMix";

const hex = fc
  .integer({ min: 0x101010, max: 0xf4f4f4 })
  .map((value) => `#${value.toString(16).padStart(6, "0")}`);
const apart = (one: string, other: string) => differenceOf(labOf(one), labOf(other));
const parts = fc.array(fc.record({ hex, amount: fc.double({ min: 0.01, max: 5, noNaN: true }) }), {
  minLength: 1,
  maxLength: 4,
});

describe("a mixed colour", () => {
  it("of one component is that, does not depend on any order, and is never lighter than its lightest part", () => {
    fc.assert(
      fc.property(parts, hex, (mixed, alone) => {
        expect(mixedColour([{ hex: alone, amount: 0.3 }])).toBe(alone);
        expect(
          mixedColour([
            { hex: alone, amount: 2 },
            { hex: alone, amount: 5 },
          ]),
        ).toBe(alone);
        const whole = mixedColour(mixed)!;
        expect(mixedColour(mixed.toReversed())).toBe(whole);
        expect(mixedColour(mixed.map((part) => ({ ...part, amount: part.amount * 7 })))).toBe(whole);
        const lights = mixed.map((part) => labOf(part.hex).l);
        expect(labOf(whole).l).toBeLessThan(Math.max(...lights) + 2);
      }),
      runsOf(200),
    );
    expect(mixedColour([])).toBeNull();
  });

  it("is darker than light mixed would be: blue and yellow turn green, a little black greys a lot of white", () => {
    const green = labOf(
      mixedColour([
        { hex: "#1f4e9a", amount: 1 },
        { hex: "#f2d21b", amount: 2 },
      ])!,
    );
    expect(green.a).toBeLessThan(-10);
    // K/S of a grey that reflects 0.5 is 0.25; of black at 0.04, 11.5; of white at 0.9, 0.0056: one part in 47 is enough.
    const grey = mixedColour([
      { hex: "#383838", amount: 1 },
      { hex: "#f3f3f3", amount: 47 },
    ])!;
    expect(labOf(grey).l).toBeGreaterThan(70);
    expect(labOf(grey).l).toBeLessThan(82);
  });
});

describe("the nearest mix", () => {
  const store = [
    { id: "chalk", hex: "#f3f0e6" },
    { id: "kelp", hex: "#4c5b45" },
    { id: "lantern", hex: "#d9a441" },
    { id: "buoy", hex: "#b8502f" },
  ];

  it("finds what was mixed of the same paints again, and is never worse than a plain grid of all threes", () => {
    fc.assert(
      fc.property(
        fc.nat(3),
        fc.nat(3),
        fc.nat(3),
        fc.integer({ min: 1, max: 18 }),
        fc.integer({ min: 1, max: 18 }),
        (a, b, c, one, two) => {
          const shares = [one / 40, two / 40, 1 - (one + two) / 40];
          const target = mixedColour(
            [a, b, c].map((place, index) => ({ hex: store[place]!.hex, amount: shares[index]! })),
          )!;
          const found = nearestMix(target, store)!;
          // A third part is taken for more than 0.5 alone.
          expect(found.off).toBeLessThanOrEqual(0.7);
          const sum = found.parts.reduce((all, { share }) => all + share, 0);
          expect(sum).toBeCloseTo(1, 6);
          expect(
            mixedColour(
              found.parts.map(({ id, share }) => ({
                hex: store.find((one_) => one_.id === id)!.hex,
                amount: share,
              })),
            ),
          ).toBe(found.hex);
        },
      ),
      runsOf(15),
    );
    // A second, simple way: every twentieth of every three.
    const target = "#a8a07c";
    let least = Infinity;
    for (let i = 0; i <= 20; i++)
      for (let j = 0; i + j <= 20; j++)
        for (let k = 0; i + j + k <= 20; k++) {
          const amounts = [i, j, k, 20 - i - j - k];
          if (amounts.filter((amount) => amount > 0).length > 3) continue;
          least = Math.min(
            least,
            apart(
              mixedColour(store.map(({ hex: own }, place) => ({ hex: own, amount: amounts[place]! })))!,
              target,
            ),
          );
        }
    expect(nearestMix(target, store)!.off).toBeLessThanOrEqual(least + 0.5);
  });

  it("keeps limits, and takes one paint where another would gain nothing", () => {
    const limited = nearestMix("#6b7a5c", store, [{ of: "kelp", in: "chalk", most: 0.2 }])!;
    const shareOf = (id: string) => limited.parts.find((part) => part.id === id)?.share ?? 0;
    expect(shareOf("kelp")).toBeLessThanOrEqual(0.2 * shareOf("chalk") + 1e-6);
    expect(nearestMix("#4c5b45", store)!.parts).toEqual([{ id: "kelp", share: 1 }]);
    expect(nearestMix("#4c5b45", [])).toBeNull();
  });
});

it("what is added to a first try brings it back to what was meant, within its room and the label's limit", () => {
  const chalk = { id: "chalk", hex: "#f3f0e6" };
  const kelp = { id: "kelp", hex: "#4c5b45" };
  const mixOf = (kelpMl: number) => [
    { ...chalk, amount: 400 },
    { ...kelp, amount: kelpMl },
  ];
  const target = mixedColour(mixOf(100))!;
  const begun = { parts: mixOf(60), room: 200, measure: 5, limits: [] };
  const both = [chalk, kelp];
  const added = bestAddition(begun, target, both)!;
  expect([added.id, added.ml]).toEqual(["kelp", 40]);
  expect(added.off).toBe(0);
  // With no room for all of it, as much as there is room for.
  expect(bestAddition({ ...begun, room: 25 }, target, both)!.ml).toBe(25);
  // A label of 200 ml a litre allows 80 in 400: 20 more, and none beside 90.
  const limits = [{ of: "kelp", in: "chalk", most: 0.2 }];
  expect(bestAddition({ ...begun, limits }, target, both)!.ml).toBe(20);
  expect(bestAddition({ ...begun, parts: mixOf(90), limits }, target, both)).toBeNull();
  expect(bestAddition(begun, mixedColour(mixOf(60))!, both)).toBeNull();
  expect(bestAddition({ ...begun, room: 4 }, target, both)).toBeNull();
});

it("of what goes in the water has no part in the colour", () => {
  const paints = [{ id: "kelp", hex: "#4c5b45" }];
  expect(solidParts([{ paint: "kelp", ml: 90 }, { ml: 10 }, { paint: "gone", ml: 5 }], paints)).toEqual([
    { id: "kelp", hex: "#4c5b45", amount: 90 },
  ]);
});

it("what is known of a prediction comes from batches that dried", () => {
  expect(offSoFar([])).toEqual({ off: 6, of: 0 });
  const pair = (predicted: string, dry: string) => ({ predicted, dry });
  const one = apart("#808080", "#8a8a8a");
  expect(offSoFar([pair("#808080", "#8a8a8a"), pair("#808080", "#8a8a8a")])).toEqual({ off: one, of: 2 });
  expect(offSoFar([pair("#808080", "#808080")]).off).toBe(1);
});
