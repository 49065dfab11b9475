import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { divideSpan, type DivideInput } from "./divideSpan";
import { steppedError } from "./proof";
import type { Fit } from "./schema";
import { judgeDifference, visibleTolerance } from "../trade/visibleDifference";

const divide = (fit: Fit, other: Partial<DivideInput> = {}) =>
  divideSpan({ span: 4215, start: 0, colours: ["a", "b"], tapeDivision: 1, ...other, fit });
const widths = (divided: ReturnType<typeof divide>) => divided.divisions.map(({ from, to }) => to - from);

describe("divideSpan", () => {
  it("takes the nearest whole count with the ends asked for", () => {
    // 4215 / 14 = 301.07 is 8.93 off 310; / 13 = 324.23 is 14.23 off; / 15 = 281 is 29 off.
    expect(widths(divide({ by: "near", width: 310, ends: "any" }))).toHaveLength(14);
    const same = widths(divide({ by: "near", width: 310, ends: "same" }));
    expect(same).toHaveLength(13);
    expect(same[0]).toBeCloseTo(324.2307692, 6);
    expect(widths(divide({ by: "near", width: 310, ends: "different" }))).toHaveLength(14);
    // Equally near: 1200 / 3 = 400 and 1200 / 4 = 300 are both 50 off 350; the wider wins.
    expect(widths(divide({ by: "near", width: 350, ends: "any" }, { span: 1200 }))).toHaveLength(3);
    const one = divide({ by: "near", width: 310, ends: "different" }, { colours: ["a"] });
    expect(one.endsImpossible).toBe(true);
    expect(one.divisions).toHaveLength(14);
  });

  it("keeps a width and centres so that the ends are larger", () => {
    // On a stripe: (4215 - 13 x 310) / 2 = 92.5; on a joint: (4215 - 12 x 310) / 2 = 247.5.
    const stripe = widths(divide({ by: "width", width: 310, centre: "stripe" }));
    expect([stripe.length, stripe[0], stripe.at(-1)]).toEqual([15, 92.5, 92.5]);
    const best = divide({ by: "width", width: 310, centre: "best" });
    expect(best.centre).toBe("joint");
    expect(widths(best)[0]).toBeCloseTo(247.5, 9);
    expect(best.divisions.map((division) => division.colour).slice(0, 3)).toEqual([0, 1, 0]);
    // 13 x 324 = 4212 leaves 1.5 at each end; 4212 itself leaves nothing, which counts as a whole end.
    const whole = divide({ by: "width", width: 324, centre: "best" }, { span: 4212 });
    expect([whole.centre, whole.divisions.length]).toEqual(["stripe", 13]);
    expect(widths(divide({ by: "width", width: 1000, centre: "none" })).at(-1)).toBeCloseTo(215, 9);
    // Wider than the wall: one stripe.
    expect(widths(divide({ by: "width", width: 9000, centre: "best" }))).toEqual([4215]);
  });

  it("anchors a boundary exactly, wherever the span starts", () => {
    const divided = divide({ by: "anchor", width: 300, at: 1240 }, { start: 110, span: 2500 });
    // From the span's start the anchor is at 1130, so lines stand at 1130 - 3 x 300 = 230, 530, 830, 1130 ...
    expect(divided.divisions.map((division) => division.from)).toEqual([
      0, 230, 530, 830, 1130, 1430, 1730, 2030, 2330,
    ]);
    expect(divided.divisions.find((division) => division.from === 1130)!.colour).toBe(0);
  });

  it("spreads the remainder of an easy module over the gaps", () => {
    // 4215 / 300 = 14.05, so 14; 15 mm over; boundary k at 300 k + round(15 k / 14).
    const spread = divide({ by: "spread", module: 300 });
    expect(spread.divisions.map((division) => division.from).slice(0, 5)).toEqual([0, 301, 602, 903, 1204]);
    expect(spread.divisions[7]!.from).toBe(2108); // 2100 + round(7.5), halves up
  });

  it("scales or keeps widths of their own", () => {
    const cycle = { colours: ["a", "b"], widths: [200, 100], span: 3100 };
    // 21 stripes: 11 x 200 + 10 x 100 = 3200, scale 0.96875; 20 make 3000, scale 1.0333; 21 is nearer 1.
    const near = divide({ by: "near", ends: "any" }, cycle);
    expect(near.divisions).toHaveLength(21);
    expect(widths(near)[0]).toBeCloseTo(193.75, 9);
    // A centred stripe is the first colour: 1550 - 100 = 1450 starts it.
    const centred = divide({ by: "width", centre: "stripe" }, cycle);
    const middle = centred.divisions.find((division) => Math.abs(division.from - 1450) < 1e-9)!;
    expect([middle.colour, middle.to]).toEqual([0, 1650]);
  });

  it("refuses to make more stripes than the limit", () => {
    expect(divide({ by: "width", width: 1, centre: "none" }).tooMany).toBeGreaterThan(2000);
    expect(divide({ by: "spread", module: 1 }).tooMany).toBe(4215);
  });

  it("covers the span without gaps whatever the fit", () => {
    const size = fc.double({ min: 5, max: 900, noNaN: true });
    const fit: fc.Arbitrary<Fit> = fc.oneof(
      fc.record({ by: fc.constant("count" as const), count: fc.integer({ min: 1, max: 60 }) }),
      fc.record({
        by: fc.constant("near" as const),
        width: size,
        ends: fc.constantFrom("same", "different", "any"),
      }),
      fc.record({
        by: fc.constant("width" as const),
        width: size,
        centre: fc.constantFrom("stripe", "joint", "best", "none"),
      }),
      fc.record({
        by: fc.constant("anchor" as const),
        width: size,
        at: fc.double({ min: -5000, max: 9000, noNaN: true }),
      }),
      fc.record({ by: fc.constant("spread" as const), module: size }),
    );
    fc.assert(
      fc.property(
        fit,
        fc.double({ min: 50, max: 9000, noNaN: true }),
        fc.integer({ min: 1, max: 4 }),
        (spec, span, n) => {
          const colours = ["a", "b", "c", "d"].slice(0, n);
          const { divisions } = divide(spec, { span, colours });
          expect(divisions[0]!.from).toBe(0);
          expect(divisions.at(-1)!.to).toBe(span);
          divisions
            .slice(1)
            .forEach((division, index) => expect(division.from).toBeCloseTo(divisions[index]!.to, 6));
          divisions.forEach(({ colour }) => expect(colour).toBeLessThan(n));
          if (spec.by === "anchor" && spec.at > 0.02 && spec.at < span - 0.02) {
            expect(divisions.some((division) => Math.abs(division.from - spec.at) < 1e-6)).toBe(true);
          }
        },
      ),
    );
  });
});

it("says what stepping a rounded spacer would cost", () => {
  // 265.3333 on a 1/16 inch tape rounds to 167 sixteenths = 265.1125: -0.2208 each, 15 of them -3.3125.
  expect(steppedError(3980 / 15, 15, 25.4 / 16)).toBeCloseTo(-3.3125, 4);
});

it("judges what shows from a distance", () => {
  // 2.5 m resolves 0.725 mm; 2.5 % of 300 is 7.5 mm, which is the larger.
  expect(visibleTolerance(300, 2500)).toBeCloseTo(7.5, 9);
  expect(visibleTolerance(10, 2500)).toBeCloseTo(0.725, 9);
  expect([7.5, 7.6, 15, 15.1].map((difference) => judgeDifference(difference, 7.5))).toEqual([
    "won't show",
    "may show",
    "may show",
    "will show",
  ]);
});
