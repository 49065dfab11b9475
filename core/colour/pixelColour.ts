import { modeLab65, modeLrgb, modeRgb, parseHex, useMode as mode } from "culori/fn";
import type { Lab } from "./difference";

mode(modeRgb);
const linear = mode(modeLrgb);
const lab65 = mode(modeLab65);

/** In which light a photo was taken, and what a white thing looks like in it: a black body's colour, where the camera left it so. */
export const photoLights = [
  { id: "balanced", label: "the camera has balanced it", white: "#ffffff" },
  { id: "day", label: "daylight, not balanced", white: "#fffefa" },
  { id: "evening", label: "evening sun, 4000 K", white: "#ffd1a3" },
  { id: "lamp", label: "a lamp, 2700 K", white: "#ffa757" },
] as const;
export type PhotoLight = (typeof photoLights)[number]["id"];

/**
 * The colour of a thing from what a photo shows of it, digits 0 to 255, under a stated light: each channel's light by what that light
 * makes of white (von Kries, on the screen's own primaries). How bright it was exposed a photo does not tell.
 */
export function colourOfPixel([red, green, blue]: readonly [number, number, number], light: PhotoLight): Lab {
  const { white } = photoLights.find(({ id }) => id === light)!;
  const [shown, lit] = [
    linear({ mode: "rgb", r: red / 255, g: green / 255, b: blue / 255 }),
    linear(parseHex(white)!),
  ];
  const { l, a, b } = lab65({
    mode: "lrgb",
    r: Math.min(1, shown.r / lit.r),
    g: Math.min(1, shown.g / lit.g),
    b: Math.min(1, shown.b / lit.b),
  });
  return { l, a, b };
}
