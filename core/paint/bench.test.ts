import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { runsOf } from "../tests/runsOf";
import { breaksAtCorners } from "./batchBreaks";
import { inBatch, loadsAfter, recipeOf, spoons } from "./bench";

describe("a batch by the spoon", () => {
  it("after a thousand additions its ratios are exactly what went in", () => {
    const paints = ["shell", "ochre", undefined];
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.constantFrom(...paints), fc.constantFrom(...spoons.litres.map(({ ml }) => ml))),
          {
            minLength: 1000,
            maxLength: 1000,
          },
        ),
        (all) => {
          const additions = all.map(([paint, ml]) => ({ paint, ml }));
          // Counted in whole ml, as spoons hold them.
          for (const { paint, ml } of inBatch(additions))
            expect(ml).toBe(all.filter(([of]) => of === paint).reduce((sum, [, own]) => sum + own, 0));
          const whole = recipeOf(additions)!.reduce((sum, { parts }) => sum + parts, 0);
          expect(whole).toBe(all.reduce((sum, [, ml]) => sum + ml, 0));
        },
      ),
      runsOf(20),
    );
    // Ninety-six thirty-seconds of a fluid ounce are three.
    const small = spoons.us[0]!.ml;
    const [three] = inBatch(Array.from({ length: 96 }, () => ({ paint: "shell", ml: small })));
    expect(three!.ml / 29.5735295625).toBeCloseTo(3, 3);
  });

  it("what was put in by mistake is taken out again, and never more than there is", () => {
    expect(
      inBatch([
        { paint: "ochre", ml: 5 },
        { paint: "ochre", ml: -5 },
      ]),
    ).toEqual([]);
    expect(
      inBatch([
        { paint: "ochre", ml: 5 },
        { paint: "ochre", ml: -15 },
        { paint: "ochre", ml: 1 },
      ]),
    ).toEqual([{ paint: "ochre", ml: 1 }]);
    expect(recipeOf([{ ml: 100 }])).toBeNull();
  });

  it("the load is told after every addition: 30 ml in 1 000 are 30 a litre, 15 more are over 31", () => {
    const mix = {
      parts: [{ paint: "shell", parts: 1 }],
      limit: { of: "ochre", in: "shell", ml_per_l: 31 },
      container: 5000,
    };
    const additions = [
      { paint: "ochre", ml: 30 },
      { paint: "shell", ml: 1000 },
      { ml: 100 },
      { paint: "ochre", ml: 15 },
    ];
    expect(loadsAfter(mix, additions, () => undefined)).toEqual([null, 30, 30, 45]);
    expect(loadsAfter({ ...mix, limit: undefined }, additions, () => undefined)).toEqual([]);
  });
});

describe("batches break at corners", () => {
  const wall = (ml: number, place: number) => ({ wall: `w${place}`, ml });

  /** A second, simple way: the first batch serves one wall, or two, or more, and the rest is parted likewise. */
  const leastOf = (needs: readonly number[], most: number): number =>
    needs.length === 0
      ? 0
      : Math.min(
          ...needs.map((_, last) => {
            const served = needs.slice(0, last + 1).reduce((sum, ml) => sum + ml, 0);
            return served <= most ? 1 + leastOf(needs.slice(last + 1), most) : Infinity;
          }),
        );

  it("takes as few batches as any way of parting the walls where they meet, and none where a wall needs more", () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 100 }), { minLength: 1, maxLength: 9 }),
        fc.integer({ min: 60, max: 300 }),
        (needs, most) => {
          const batches = breaksAtCorners(needs.map(wall), most);
          const least = leastOf(needs, most);
          expect(batches?.length ?? Infinity).toBe(least);
          const served = batches?.flatMap(({ walls }) => walls) ?? [];
          expect(served).toEqual(least === Infinity ? [] : needs.map((_, place) => `w${place}`));
          const sums = (batches ?? []).map(({ walls }) =>
            walls.reduce((sum, id) => sum + needs[Number(id.slice(1))]!, 0),
          );
          expect((batches ?? []).map(({ ml }) => ml)).toEqual(sums);
          expect(Math.max(0, ...sums)).toBeLessThanOrEqual(most);
        },
      ),
      runsOf(100),
    );
  });

  it("a wall that takes more than a batch holds is no corner's matter", () => {
    expect(breaksAtCorners([900, 1200].map(wall), 1000)).toBeNull();
  });
});
