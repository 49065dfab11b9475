import { expect, it } from "vitest";
import { labOf } from "./difference";
import { colourOfPixel, photoLights } from "./pixelColour";

it("a white thing is white in each light that is stated, and what was balanced is as it is shown", () => {
  for (const { id, white } of photoLights) {
    const digits = [1, 3, 5].map((at) => parseInt(white.slice(at, at + 2), 16)) as [number, number, number];
    const { l, a, b } = colourOfPixel(digits, id);
    expect(l).toBeCloseTo(100, 3);
    expect(Math.max(Math.abs(a), Math.abs(b))).toBeLessThan(0.01);
  }
  const kelp = colourOfPixel([0x47, 0x57, 0x3f], "balanced");
  expect(kelp.l).toBeCloseTo(labOf("#47573f").l, 6);
});

it("half of a lamp's light off a grey thing is that grey: the root of a half of each digit's light", () => {
  // Half of the light of #ffa757, channel by channel (sRGB's own curve): 188, 122, 60 in digits.
  const { a, b } = colourOfPixel([188, 122, 61], "lamp");
  expect(Math.max(Math.abs(a), Math.abs(b))).toBeLessThan(1.5);
  // Taken for daylight it is an orange.
  expect(colourOfPixel([188, 122, 61], "day").b).toBeGreaterThan(30);
});
