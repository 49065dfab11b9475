import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { calculateNeed } from "./calculateNeed";
import { adviseCoats } from "./adviseCoats";
import { choosePacks, rankPacks } from "./choosePacks";
import { paintSchema } from "./schema";

describe("choosePacks", () => {
  it("covers the need at the least cost, then from the fewest tins", () => {
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
    // Same cost: one batch before two.
    expect(
      choosePacks(400, [
        { size: 900, price: 10 },
        { size: 250, price: 5 },
      ])?.volumeMl,
    ).toBe(900);
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

describe("rankPacks", () => {
  it("tells the next-best ways, none with a tin to spare, as trying everything does", () => {
    const pack = fc.record({
      size: fc.integer({ min: 100, max: 900 }),
      price: fc.integer({ min: 1, max: 40 }),
    });
    const differing = fc.uniqueArray(pack, { minLength: 1, maxLength: 3, selector: ({ size }) => size });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 2500 }), differing, (need, packs) => {
        const ranked = rankPacks(need, packs, 3);
        const ways = packs.reduce<number[][]>(
          (all, { size }) =>
            all.flatMap((counts) =>
              Array.from({ length: Math.ceil(need / size) + 1 }, (_, count) => [...counts, count]),
            ),
          [[]],
        );
        const volume = (counts: number[]) =>
          counts.reduce((sum, count, k) => sum + count * packs[k]!.size, 0);
        const costs = ways
          .filter((counts) => volume(counts) >= need)
          .filter((counts) =>
            counts.every((count, k) => count === 0 || volume(counts) - packs[k]!.size < need),
          )
          .map((counts) => counts.reduce((sum, count, k) => sum + count * packs[k]!.price, 0))
          .sort((a, b) => a - b);
        expect(ranked.map(({ cost }) => cost)).toEqual(costs.slice(0, 3));
        for (const { volumeMl } of ranked) expect(volumeMl).toBeGreaterThanOrEqual(need);
      }),
    );
    expect(rankPacks(0, [{ size: 100, price: 1 }], 3)).toHaveLength(1);
  });
});

describe("adviseCoats", () => {
  const [white, black, grey, yellow, green] = ["#ffffff", "#000000", "#777777", "#f2b91d", "#4c5b45"];

  it("asks for more where pale goes over dark, where the hue is weak, and where the paint is", () => {
    const coats = (old: string, fresh: string, hiding?: "weak" | "good") =>
      adviseCoats(old, fresh, hiding).coats;
    // L* 0, 50 and 100: a rise of 50 is one coat more, of 100 two; a fall none.
    expect([coats(grey, white), coats(black, white), coats(white, black), coats(grey, green)]).toEqual([
      3, 4, 2, 2,
    ]);
    expect([coats(white, yellow), coats(black, yellow)]).toEqual([3, 5]);
    expect([coats(white, green, "weak"), coats(white, green, "good"), coats(black, yellow, "weak")]).toEqual([
      3, 1, 5,
    ]);
    expect(adviseCoats(black, white)).toEqual({ coats: 4, because: ["much-paler"], primer: true });
  });
});

describe("calculateNeed", () => {
  it("adds up its terms", () => {
    const paint = paintSchema.parse({ id: "kelp", spreadRate_m2_per_l: 10, coats: 2 });
    // Film: 4 m2 x 2 coats x 1.1 / 10 = 0.88 l. Seal: 20 m x 0.025 m x 1.1 / 10 = 55 ml.
    // A wide roller and a brush, twice washed: 420 ml. Touch-up: 5 % of 880 = 44 ml.
    const need = calculateNeed(paint, [{ texture: "light", areaM2: 4, sealMm: 20000 }], 2 * (180 + 30));
    expect(need.filmMl).toBeCloseTo(880, 9);
    expect(need.sealMl).toBeCloseTo(55, 9);
    expect(need.toolsMl).toBe(420);
    expect(need.needMl).toBeCloseTo(880 + 55 + 420 + 44, 9);
  });
});

it("a need of almost nothing takes a tin, however large that is", () => {
  for (const need of [1e-6, 1e-3, 0.5]) {
    const [best] = rankPacks(need, [{ size: 1e6, price: 900 }], 1);
    expect(best!.packs).toEqual([{ size: 1e6, price: 900, count: 1 }]);
  }
  expect(rankPacks(0, [{ size: 1e6, price: 900 }], 1)[0]!.packs).toEqual([]);
});
