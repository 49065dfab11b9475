import fc from "fast-check";
import { expect, it } from "vitest";
import { materialNames, paintSchema } from "./schema";
import { rankPacks } from "./choosePacks";
import { estimatePrices } from "./estimatePrices";
import { usualTins } from "./usualTins";

const pack = (size: number, price?: number) => ({ size, price, inStock: true });

it("takes a missing price in proportion to those that are known, by size to the power of 3/4", () => {
  // 16 times the size: 16 ^ 0.75 = 8 times the price.
  expect(estimatePrices([pack(250, 5), pack(4000)])).toEqual([
    { size: 250, price: 5 },
    { size: 4000, price: expect.closeTo(40, 9), isEstimate: true },
  ]);
  // Two known ones: the mean of what they ask for a ml ^ 0.75.
  const [, , middle] = estimatePrices([pack(16, 8), pack(256, 128), pack(81)]);
  expect(middle).toEqual({ size: 81, price: expect.closeTo(((1 + 2) / 2) * 27, 9), isEstimate: true });
});

it("without any price larger tins are cheaper by the litre, and a small need still takes a small tin", () => {
  const tins = estimatePrices(
    usualTins("wall-paint", "litres").map((_, index) => pack([250, 1000, 2500, 5000][index]!)),
  );
  const choose = (need: number) => rankPacks(need, tins, 1)[0]!.packs.map(({ size, count }) => [size, count]);
  expect(choose(200)).toEqual([[250, 1]]);
  expect(choose(900)).toEqual([[1000, 1]]);
  // One tin of 5 L is cheaper than two of 2.5 L (2 x 2.5^0.75 = 3.98 against 3.34).
  expect(choose(4600)).toEqual([[5000, 1]]);
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 40_000 }), (need) => {
      const bought = rankPacks(need, tins, 1)[0]!;
      expect(bought.volumeMl).toBeGreaterThanOrEqual(need);
    }),
  );
});

it("every material has usual tins in both measures, which a paint takes as they are", () => {
  for (const material of materialNames) {
    for (const volumes of ["litres", "us"] as const) {
      const { packs } = paintSchema.parse({ id: "p", material, packs: usualTins(material, volumes) });
      expect(packs.length).toBeGreaterThan(1);
      expect(packs.every(({ usual, price }) => usual === true && price === undefined)).toBe(true);
      const sizes = packs.map(({ size }) => size);
      expect([...sizes].sort((a, b) => a - b)).toEqual(sizes);
    }
  }
});
