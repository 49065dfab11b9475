import { expect, it } from "vitest";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import type { PriceSheet } from "@/devices/prices/priceList";
import type { JobDocument } from "@/ui/job/jobDocument";
import { listPriceChanges, takePrices } from "./takePrices";

const document = {
  ...oneWall({}, { fit: { by: "count", count: 5 } }),
  supplies: { brush: { onHand: 2, price: 6 } },
  paints: [
    { id: "oyster" },
    {
      id: "kelp",
      name: "Kelp",
      packs: [
        { size: "1 L", price: 19 },
        { size: "250 ml", price: 7, inStock: false },
        { size: "500 ml", price: 11 },
      ],
    },
  ],
} as unknown as JobDocument;
const job = parsed(document);
const sheet: PriceSheet = {
  paints: new Map([
    [
      "kelp",
      [
        { sizeMl: 250, price: 7, stock: 3 },
        { sizeMl: 1000, price: 20.5, stock: 2 },
        { sizeMl: 500, price: 11, stock: 0 },
        { sizeMl: 2500, price: 44, stock: 1 },
        { sizeMl: 5000, price: 80, stock: 0 },
      ],
    ],
  ]),
  sundries: new Map([
    ["brush", 6.5],
    ["film", 4.9],
  ]),
};
const money = (amount: number) => amount.toFixed(2);

it("says what a supplier's sheet would change", () => {
  expect(listPriceChanges(job, sheet, money)).toEqual([
    "Kelp, 250 ml: 7.00 → 7.00, to be had again",
    "Kelp, 1 L: 19.00 → 20.50",
    "Kelp, 500 ml: sold out",
    "Kelp, 2.5 L: new, 44.00",
    "2 prices of sundries",
  ]);
});

it("takes prices and stock, keeps sizes as they were written and what is at hand, and then nothing is left to change", () => {
  const after = takePrices(document, job, sheet);
  expect(after.paints[1]!.packs).toEqual([
    { size: "1 L", price: 20.5, inStock: true },
    { size: "250 ml", price: 7, inStock: true },
    { size: "500 ml", price: 11, inStock: false },
    { size: 2500, price: 44 },
  ]);
  expect(after.paints[0]).toBe(document.paints[0]);
  expect(after.supplies).toEqual({ brush: { onHand: 2, price: 6.5 }, film: { price: 4.9 } });
  expect(listPriceChanges(parsed(after), sheet, money)).toEqual([]);
});
