import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { countFitting, figureWidth } from "./fitFigures";
import { jobFigures, paintFigures, paintsFor, type Figure } from "./ledgerFigures";

const jobIn = (more: object) =>
  parsed({
    ...oneWall({}, { fit: { by: "count", count: 5 } }),
    paints: [
      { id: "oyster", name: "Oyster" },
      { id: "kelp", name: "Kelp", packs: [{ size: "1 L", price: 20 }, { size: "250 ml" }] },
    ],
    ...more,
  });
const figuresOf = (more: object) => {
  const job = jobIn(more);
  const whole = plan(job);
  return {
    whole,
    paints: paintFigures(job, whole.paint, undefined),
    others: jobFigures(job, whole, undefined),
  };
};

describe("the ledger", () => {
  it("speaks in the job's own units: inches on the tape with paint in litres, or all of it US", () => {
    const litres = figuresOf({ units: "imperial", volumes: "litres", currency: "CAD" });
    const kelp = litres.paints.find(({ key }) => key === "kelp")!;
    expect(kelp.value).toMatch(/^\d(\.\d+)? L Kelp$/);
    const tape = litres.others.find(({ key }) => key === "tape")!;
    expect(tape.value).toMatch(/^\d+ ft tape$/);
    // 24 mm are 15/16 inch.
    expect(tape.note).toMatch(/^\d+ rolls? of 15\/16"$/);
    const us = figuresOf({ units: "imperial" });
    expect(us.paints.find(({ key }) => key === "kelp")!.value).toMatch(/(qt|fl oz|gal) Kelp$/);
  });

  it("tells first what a wall takes, then the rest, each in the order of the plan", () => {
    const { whole } = figuresOf({});
    const ids = (wall: string | null) => paintsFor(whole, wall).map(({ colour }) => colour);
    const planned = whole.paint.map(({ colour }) => colour);
    expect([...ids("w")].sort()).toEqual([...planned].sort());
    expect(ids(null)).toEqual(planned);
    // Oyster is the base, which is on the wall, and only seals.
    expect(ids("w")[0]).toBe("kelp");
  });

  it("says which tins have no price, and counts those that do", () => {
    const { whole, others } = figuresOf({});
    const kelp = whole.paint.find(({ colour }) => colour === "kelp")!;
    const known = kelp.packs.reduce((sum, { price, count }) => sum + (price ?? 0) * count, 0);
    expect(kelp.cost).toBeCloseTo(known, 9);
    const unpriced = kelp.packs.filter(({ price }) => price === null).length;
    const bare = whole.sundries.filter(({ buy, price }) => buy > 0 && price === null).length;
    expect(others.find(({ key }) => key === "cost")!.note).toBe(`${unpriced + bare} without a price`);
  });

  it("tells a difference only where it would be spoken as one", () => {
    const job = jobIn({ units: "metric" });
    const now = plan(job);
    const before = { ...now, cost: { ...now.cost, total: now.cost.total - 1.5 } };
    const cost = (former: typeof now) =>
      jobFigures(job, now, former).find(({ key }) => key === "cost")!.change;
    expect([cost(before), cost(now)]).toEqual(["+1.50", null]);
    expect(cost({ ...now, cost: { ...now.cost, total: now.cost.total + 0.001 } })).toBeNull();
  });

  it("shows as many paints as fit whole, and never one more", () => {
    const figure = fc
      .record({ name: fc.string({ maxLength: 20 }), ml: fc.integer({ min: 1, max: 999 }) })
      .map(({ name, ml }): Figure => ({
        key: name,
        value: `${ml} ml ${name}`,
        note: "1 L",
        change: null,
        swatch: "#fff",
      }));
    fc.assert(
      fc.property(
        fc.array(figure, { maxLength: 12 }),
        fc.integer({ min: 0, max: 1400 }),
        (figures, width) => {
          const count = countFitting(figures, width);
          const widthOf = (some: readonly Figure[]) => some.reduce((sum, one) => sum + figureWidth(one), 0);
          if (count === figures.length) expect(widthOf(figures)).toBeLessThanOrEqual(width);
          else {
            // The button for the others stands beside those that are shown.
            if (count > 0) expect(widthOf(figures.slice(0, count))).toBeLessThan(width);
            expect(widthOf(figures)).toBeGreaterThan(width);
          }
          expect(countFitting(figures, width + 200)).toBeGreaterThanOrEqual(count);
        },
      ),
    );
  });
});
