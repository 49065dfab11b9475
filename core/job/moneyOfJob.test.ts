import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { oneWall, parsed, randomJob } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

const block = { shape: "rectangle", x: 1000, y: 500, width: 1000, height: 1000, colour: "kelp" };
const jobOf = (job: object = {}, wall: object = {}) =>
  plan(
    parsed(
      oneWall(
        { width: 3000, height: 2500, skirting: 0, ...wall },
        {},
        {
          finishes: [{ id: "f", on: "w", kind: "blocks", blocks: [block] }],
          ...job,
        },
      ),
    ),
  );
const kelp = (more: object) => ({
  paints: [
    { id: "oyster", hex: "#E9E2D0", onHand: "1 L" },
    { id: "kelp", hex: "#4C5B45", spreadRate_m2_per_l: 10, ...more },
  ],
});
const small = { size: 250, price: 7 };
const large = { size: 1000, price: 19 };

describe("what a colour costs", () => {
  it("comes first from the store, then from the cheapest tins that can be had, with the next-best beside them", () => {
    // 1 m2 twice at 10 m2 a litre: 200 ml; brush 30 and small roller 60; touch-up at least 30: 320 ml.
    const of = (more: object) => jobOf(kelp(more)).paint.find(({ colour }) => colour === "kelp")!;
    const tins = ({
      packs,
      cost,
      left_ml,
    }: {
      packs: { size_ml: number; count: number }[];
      cost: number;
      left_ml: number;
    }) => [packs.map(({ size_ml, count }) => `${count}x${size_ml}`).join("+"), cost, Math.round(left_ml)];
    const bought = of({ packs: [small, large] });
    expect(bought.need_ml).toBeCloseTo(320, 9);
    expect(tins(bought)).toEqual(["2x250", 14, 180]);
    expect(bought.alternatives.map(tins)).toEqual([["1x1000", 19, 680]]);
    expect(bought.walls).toEqual([{ wall: "w", area_m2: 1, film_ml: expect.closeTo(200, 9) as number }]);
    const stored = of({ packs: [small, large], onHand: 100 });
    expect([stored.store_ml, ...tins(stored)]).toEqual([100, "1x250", 7, 30]);
    const full = of({ packs: [small], onHand: "5 L" });
    expect([full.store_ml, ...tins(full)]).toEqual([expect.closeTo(320, 9), "", 0, 0]);
    expect(tins(of({ packs: [{ ...small, inStock: false }, large] }))).toEqual(["1x1000", 19, 680]);
    const codes = (job: object) => jobOf(job).findings.map(({ code }) => code);
    expect(codes(kelp({ packs: [{ ...small, inStock: false }] }))).toEqual(["out-of-stock"]);
    expect(codes({ ...kelp({ packs: [small] }), budget: 13 })).toEqual(["over-budget"]);
    expect(codes({ ...kelp({ packs: [small] }), budget: 14 })).toEqual([]);
  });

  it("adds sundries that are priced and not at hand", () => {
    const { sundries, cost } = jobOf({
      ...kelp({ packs: [small] }),
      supplies: { "tape-24": { price: 5 }, brush: { price: 6, onHand: 1 }, liner: { price: 1 } },
    });
    const of = (item: string) => sundries.find((sundry) => sundry.item === item);
    // 4 m of edge in pulls of 900 mm: one roll. A brush for kelp, at hand, and one
    // to seal with oyster; one round: one liner. 3 m of wall: a sheet.
    expect(of("tape-24")).toMatchObject({ count: 1, buy: 1, cost: 5 });
    expect(of("brush")).toMatchObject({ count: 2, buy: 1, cost: 6 });
    expect(of("liner")).toMatchObject({ count: 1, cost: 1 });
    expect(of("dust-sheet")).toMatchObject({ count: 1, price: null, cost: 0 });
    expect(of("roller-100")).toMatchObject({ count: 1 });
    expect([of("filler"), of("sealer-clear"), of("film")]).toEqual([undefined, undefined, undefined]);
    expect(cost).toMatchObject({ paint: 14, sundries: 12, total: 26, unpriced: 3 });
  });

  it("counts sealer by the metre, film by the opening, and filler where there is a crack", () => {
    const opening = { id: "o", kind: "window", x: 100, y: 900, width: 700, height: 1000 };
    const { sundries } = jobOf(
      { edges: { seal: "caulk" } },
      { openings: [opening], conditions: [{ kind: "crack" }, { kind: "patch" }] },
    );
    const of = (item: string) => sundries.find((sundry) => sundry.item === item)!;
    // 4 m of edge at 3 ml a metre, taped anew for each of two coats: 24 ml, one tube.
    expect(of("sealer-clear").why).toContain("24 ml");
    expect(of("film").why).toContain("0.70 m2");
    expect([of("filler").count, of("paper").count, of("dust-mask").count]).toEqual([1, 1, 1]);
    expect(of("paper").why).toBe("for 2 places that are rubbed down");
  });

  it("advises coats from the contrast with the base, and a button plans them", () => {
    const coatsOf = (hex: string, more: object = {}) => {
      const { paint, findings } = jobOf({
        paints: [
          { id: "oyster", hex: "#202020", packs: [small] },
          { id: "kelp", hex, packs: [small], ...more },
        ],
      });
      const finding = findings.find(({ code }) => code === "more-coats");
      return [paint.find(({ colour }) => colour === "kelp")!.advice?.coats, finding?.change];
    };
    expect(coatsOf("#1c2a22")).toEqual([2, undefined]);
    expect(coatsOf("#ffffff")).toMatchObject([4, { paint: "kelp", set: { coats: 4 } }]);
    expect(coatsOf("#ffffff", { coats: 4 })).toEqual([4, undefined]);
    expect(coatsOf("#ffffff", { material: "limewash" })[0]).toBeUndefined();
  });
});

it("limewash asks for a mineral ground, wherever it lies: a primer under a base, a base under a block", () => {
  const materials = (oyster: string, kelp: string) => [
    { id: "oyster", material: oyster, packs: [small] },
    { id: "kelp", material: kelp, packs: [small] },
    { id: "ground", material: "mineral-primer", packs: [small] },
  ];
  const asks = (oyster: string, kelp: string, wall: object = {}) =>
    jobOf({ paints: materials(oyster, kelp) }, wall).findings.some(({ code }) => code === "mineral-ground");
  expect(asks("wall-paint", "limewash")).toBe(true);
  expect(asks("wall-paint", "limewash", { baseState: "paint" })).toBe(true);
  expect(asks("wall-paint", "limewash", { baseState: "paint", primer: "ground" })).toBe(true);
  expect(asks("limewash", "limewash")).toBe(false);
  expect(asks("mineral-primer", "limewash")).toBe(false);
  expect(asks("limewash", "wall-paint", { baseState: "paint" })).toBe(true);
  expect(asks("limewash", "wall-paint", { baseState: "paint", primer: "ground" })).toBe(false);
  expect(asks("limewash", "wall-paint")).toBe(false);
});

it("costs add up and packs cover, whatever is on hand or out of stock", () => {
  const tin = fc.record({
    size: fc.integer({ min: 100, max: 3000 }),
    price: fc.integer({ min: 1, max: 60 }),
    inStock: fc.boolean(),
  });
  const labels = fc.record({
    packs: fc.array(tin, { maxLength: 3 }),
    onHand: fc.integer({ min: 0, max: 2000 }),
    coats: fc.integer({ min: 1, max: 4 }),
  });
  fc.assert(
    fc.property(randomJob, fc.tuple(labels, labels, labels, labels), (document, more) => {
      const job = parsed({
        ...document,
        paints: document.paints.map((paint, k) => ({ ...paint, ...more[k]! })),
      });
      const { paint, cost, sundries } = plan(job);
      for (const one of paint) {
        const { onHandMl, packs } = job.paints.find(({ id }) => id === one.colour)!;
        const sum = one.packs.reduce((total, { price, count }) => total + price! * count, 0);
        const volume = one.packs.reduce((total, { size_ml, count }) => total + size_ml * count, 0);
        expect(one.cost).toBeCloseTo(sum, 9);
        expect(one.store_ml).toBeLessThanOrEqual(onHandMl);
        const stocked = packs.filter(({ inStock }) => inStock);
        if (stocked.length > 0) expect(volume + onHandMl).toBeGreaterThanOrEqual(one.need_ml - 1e-6);
        for (const { size_ml } of one.packs) expect(stocked.map(({ size }) => size)).toContain(size_ml);
        for (const other of one.alternatives) expect(other.cost).toBeGreaterThanOrEqual(one.cost - 1e-9);
        const film = one.walls.reduce((total, { film_ml }) => total + film_ml, 0);
        expect(film).toBeCloseTo(one.terms.film_ml, 6);
      }
      expect(cost.total).toBeCloseTo(paint.reduce((total, one) => total + one.cost, 0) + cost.sundries, 9);
      for (const { count, buy, onHand } of sundries) expect(buy).toBe(Math.max(0, count - onHand));
    }),
    runsOf(60),
  );
});
