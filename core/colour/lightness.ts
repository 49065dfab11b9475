import { modeLab65, modeLch65, modeRgb, parseHex, useMode as mode } from "culori/fn";

// Only the spaces that are asked for: the whole of the library is ten times as long to load.
mode(modeRgb);
const lab65 = mode(modeLab65);
const lch65 = mode(modeLch65);

export type Tone = "light" | "middle" | "dark";

/** L* from which a paint reads as light, and under which it reads as dark. */
const lightFrom = 70;
const darkUnder = 40;

const kept = new Map<string, number>();

/** Lightness L* (CIE 1976, 0 to 100, white D65) of an sRGB colour as #rrggbb; whole tenths, so that engines agree. */
export function lightnessOf(hex: string): number {
  const before = kept.get(hex);
  if (before !== undefined) return before;
  const colour = parseHex(hex);
  const lightness = colour ? Math.round(lab65(colour).l * 10) / 10 : 100;
  kept.set(hex, lightness);
  return lightness;
}

/** How light a paint reads. */
export function toneOf(hex: string): Tone {
  const lightness = lightnessOf(hex);
  return lightness >= lightFrom ? "light" : lightness < darkUnder ? "dark" : "middle";
}

/** Chroma and hue (CIE LCh, D65; degrees from 0) of an sRGB colour as #rrggbb; whole tenths. Greys have hue 0. */
export function strengthOf(hex: string): { chroma: number; hue: number } {
  const { c, h } = lch65(parseHex(hex))!;
  return { chroma: Math.round(c * 10) / 10, hue: Math.round((h ?? 0) * 10) / 10 };
}
