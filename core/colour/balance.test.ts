import { expect, it } from "vitest";
import { balanceColours } from "./balance";
import { toneOf } from "./lightness";

it("reads grey by its lightness: L* = 116 (Y)^(1/3) - 16 over the dark end", () => {
  // #777777: 0.467 in sRGB is ((0.467 + 0.055) / 1.055)^2.4 = 0.184 of white, L* = 116 x 0.569 - 16 = 50.
  // #aeaeae: 0.682 gives 0.423, L* = 71.1; #5a5a5a: 0.353 gives 0.102, L* = 38.2.
  expect(["#aeaeae", "#777777", "#5a5a5a", "#ffffff", "#000000"].map(toneOf)).toEqual([
    "light",
    "middle",
    "dark",
    "light",
    "dark",
  ]);
});

it("shares a pattern out by area, counts its pieces, and adds up", () => {
  const hex: Record<string, string> = { white: "#ffffff", black: "#000000", grey: "#777777" };
  const region = (colour: string, area_m2: number) => ({ colour, pieces: 1, area_m2 });
  const { shares, tones } = balanceColours(
    [region("white", 1), region("black", 3), region("white", 3), region("grey", 1)],
    (colour) => hex[colour]!,
  );
  expect(shares.map(({ colour, pieces, areaM2, share }) => [colour, pieces, areaM2, share])).toEqual([
    ["white", 2, 4, 0.5],
    ["black", 1, 3, 0.375],
    ["grey", 1, 1, 0.125],
  ]);
  expect(tones).toEqual({ light: 0.5, dark: 0.375, middle: 0.125 });
});
