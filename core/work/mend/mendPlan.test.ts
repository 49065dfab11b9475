import { expect, it } from "vitest";
import { speak } from "../../findings/said";
import type { Speech } from "../../findings/speech";
import { paintSchema } from "../../paint/schema";
import { mendPlan } from "./mendPlan";
import { mishapKinds, mishaps } from "./mishaps";

const speech = {
  paint: (id: string) => `Paint ${id}`,
  say: (said: Parameters<Speech["say"]>[0]) => speak(said, {}, speech),
} as unknown as Speech;
const paints = {
  paint: paintSchema.parse({ id: "kelp", recoat_min: 200, touchDry_min: 50, tapeOver_min: 1000 }),
  under: paintSchema.parse({ id: "oyster", recoat_min: 180, touchDry_min: 60, tapeOver_min: 1440 }),
};
const mild = { temperature: 20, humidity: 50 };

it("mends what crept under tape: the neighbour first, its tape-over wait, then sealed and recoloured", () => {
  const { steps, minutes, wholeMin } = mendPlan("bleed", paints, mild, speech);
  expect(steps.map(({ say }) => say.match(/Paint \w+/)![0])).toEqual([
    "Paint kelp",
    "Paint oyster",
    "Paint oyster",
    "Paint oyster",
    "Paint kelp",
  ]);
  expect(steps.map(({ dryMin }) => dryMin)).toEqual([0, 1440, 0, 60, 0]);
  expect([minutes, wholeMin]).toEqual([22, 22 + 1500]);
  // At 10 C everything dries twice as slowly.
  expect(mendPlan("bleed", paints, { ...mild, temperature: 10 }, speech).wholeMin).toBe(22 + 3000);
});

it("bases a misprint out and waits until that takes tape, before it is printed again", () => {
  const { steps } = mendPlan("misprint", paints, mild, speech);
  expect(steps.at(-1)!.say).toContain("Print it again in Paint kelp");
  expect(steps.reduce((sum, { dryMin }) => sum + dryMin, 0)).toBe(1440);
});

it.each(mishapKinds)("%s is told whole: how it is seen, mended and avoided", (kind) => {
  const { name, see, next } = mishaps[kind];
  for (const text of [name, see, next, ...mendPlan(kind, paints, mild, speech).steps.map(({ say }) => say)]) {
    expect(text).toMatch(/^[A-Z]/);
    expect(text).not.toMatch(/undefined|NaN/);
  }
});
