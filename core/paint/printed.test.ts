import { expect, it } from "vitest";
import { calculateNeed } from "./calculateNeed";
import { paintSchema } from "./schema";

const paint = paintSchema.parse({ id: "p", spreadRate_m2_per_l: 10, coats: 2 });
const use = { texture: "smooth", areaM2: 0, sealMm: 0 } as const;

it("prints take paint by their open area, once, and only what their own tools keep", () => {
  const printed = { areaM2: 0.5, spreadRate: 20, toolsMl: 25 };
  const need = calculateNeed(paint, [{ ...use, printed }], 0);
  // 0.5 m2 at 20 m2 a litre; the dabber; the least jar.
  expect(need).toMatchObject({
    areaM2: 0,
    printedM2: 0.5,
    filmMl: 25,
    toolsMl: 25,
    touchUpMl: 30,
    needMl: 80,
  });
  // On a heavy stipple a quarter more.
  expect(calculateNeed(paint, [{ ...use, texture: "heavy", printed }], 0).filmMl).toBeCloseTo(31.25, 9);
});

it("what is coated and printed with one paint adds up, each at its own spread", () => {
  const printed = { areaM2: 1, spreadRate: 20, toolsMl: 25 };
  const both = calculateNeed(
    paint,
    [
      { ...use, areaM2: 4 },
      { ...use, printed },
    ],
    30 + 180,
  );
  // 4 m2 x 2 coats / 10, and 1 m2 / 20; brush and the wide roller, and the dabber; 5 % of the film.
  expect(both).toMatchObject({
    areaM2: 4,
    printedM2: 1,
    filmMl: 850,
    toolsMl: 30 + 180 + 25,
    touchUpMl: 42.5,
  });
  // Nothing printed: as before there were prints.
  expect(calculateNeed(paint, [{ ...use, areaM2: 4 }], 210)).toMatchObject({
    printedM2: 0,
    filmMl: 800,
    toolsMl: 210,
  });
});
