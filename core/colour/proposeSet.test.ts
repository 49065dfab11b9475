import { expect, it } from "vitest";
import { lightnessOf, strengthOf } from "./lightness";
import { proposeFrom, proposeFromCloth } from "./proposeSet";

const slots = [
  { paint: "oyster", hex: "#e6dcc6", share: 0.5 },
  { paint: "kelp", hex: "#47573f", share: 0.4 },
  { paint: "lantern", hex: "#b98a2e", share: 0.1 },
];
const hueApart = (a: number, b: number) => Math.min((a - b + 360) % 360, (b - a + 360) % 360);

it("colours out of one keep each lightness and stand to it as the relation says", () => {
  const from = "#5b7f9a";
  const { hue } = strengthOf(from);
  for (const [relation, turned] of [
    ["one-hue", [0, 0, 0]],
    ["neighbours", [0, 30, 30]],
    ["opposite", [0, 0, 180]],
  ] as const) {
    const proposed = proposeFrom(slots, from, relation);
    slots.forEach(({ paint, hex }, place) => {
      const own = proposed.get(paint)!;
      expect(Math.abs(lightnessOf(own) - lightnessOf(hex)), `${relation} ${paint}`).toBeLessThan(1);
      expect(hueApart(strengthOf(own).hue, hue), `${relation} ${paint}`).toBeGreaterThan(turned[place]! - 6);
      expect(hueApart(strengthOf(own).hue, hue), `${relation} ${paint}`).toBeLessThan(turned[place]! + 6);
    });
  }
});

it("a cloth's colours go to the slots from light to dark; a slot too many takes one of them, too", () => {
  expect([...proposeFromCloth(slots, ["#101418", "#d8cdb4", "#7a5040"])]).toEqual([
    ["oyster", "#d8cdb4"],
    ["lantern", "#7a5040"],
    ["kelp", "#101418"],
  ]);
  expect(new Set(proposeFromCloth(slots, ["#101418", "#d8cdb4"]).values()).size).toBe(2);
  expect(proposeFromCloth(slots, []).size).toBe(0);
});
