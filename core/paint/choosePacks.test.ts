import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { calculateNeed } from "./calculateNeed";
import { choosePacks } from "./choosePacks";
import { paintSchema } from "./schema";

describe("choosePacks", () => {
  it("covers the need at the least cost, then leaves least", () => {
    const packs = [
      { size: 250, price: 7.5 },
      { size: 1000, price: 19 },
    ];
    expect(choosePacks(1100, packs)).toEqual({
      packs: [
        { size: 1000, price: 19, count: 1 },
        { size: 250, price: 7.5, count: 1 },
      ],
      cost: 26.5,
      volumeMl: 1250,
    });
    // Three small tins cost 22.5, one large 19.
    expect(choosePacks(600, packs)?.packs).toEqual([{ size: 1000, price: 19, count: 1 }]);
    expect(choosePacks(0, [])?.packs).toEqual([]);
    expect(choosePacks(10, [])).toBeNull();
    // Same cost, less left over.
    expect(
      choosePacks(400, [
        { size: 900, price: 10 },
        { size: 250, price: 5 },
      ])?.volumeMl,
    ).toBe(500);
  });

  it("is never under the need and never dearer than trying everything", () => {
    const pack = fc.record({
      size: fc.integer({ min: 50, max: 3000 }),
      price: fc.integer({ min: 0, max: 60 }),
    });
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6000 }),
        fc.array(pack, { minLength: 1, maxLength: 3 }),
        (need, packs) => {
          const choice = choosePacks(need, packs)!;
          expect(choice.volumeMl).toBeGreaterThanOrEqual(need);
          const sum = choice.packs.reduce((total, { price, count }) => total + price * count, 0);
          expect(choice.cost).toBeCloseTo(sum, 9);
          // Second way: cheapest cost to cover each whole ml, built up from nothing.
          const cheapest = [0];
          for (let ml = 1; ml <= need; ml++) {
            cheapest.push(
              Math.min(...packs.map(({ size, price }) => price + cheapest[Math.max(0, ml - size)]!)),
            );
          }
          expect(choice.cost).toBeCloseTo(cheapest[need]!, 9);
        },
      ),
    );
  });
});

describe("calculateNeed", () => {
  it("adds up its terms", () => {
    const paint = paintSchema.parse({ id: "kelp", spreadRate_m2_per_l: 10, coats: 2 });
    // Film: 4 m2 x 2 coats x 1.1 / 10 = 0.88 l. Seal: 20 m x 0.025 m x 1.1 / 10 = 55 ml.
    // 4 m2 is rolled: 180 + 30 ml, twice washed. Touch-up: 5 % of 880 = 44 ml.
    const need = calculateNeed(paint, [{ texture: "light", areaM2: 4, sealMm: 20000 }], 2);
    expect(need.filmMl).toBeCloseTo(880, 9);
    expect(need.sealMl).toBeCloseTo(55, 9);
    expect(need.toolsMl).toBe(420);
    expect(need.needMl).toBeCloseTo(880 + 55 + 420 + 44, 9);
  });
});
