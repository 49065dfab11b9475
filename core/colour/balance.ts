import { toneOf, type Tone } from "./lightness";

/** One paint's part in a pattern. */
export interface ColourShare {
  readonly colour: string;
  readonly tone: Tone;
  readonly pieces: number;
  readonly areaM2: number;
  /** Of everything that was given, 0 to 1. */
  readonly share: number;
}

/** How much of a pattern each paint takes, the largest first, and how light, middle and dark share it. */
export function balanceColours(
  seen: readonly { readonly colour: string; readonly pieces: number; readonly area_m2: number }[],
  hexOf: (colour: string) => string,
): { shares: ColourShare[]; tones: Readonly<Record<Tone, number>> } {
  const totals = new Map<string, { pieces: number; areaM2: number }>();
  let whole = 0;
  for (const { colour, pieces: count, area_m2 } of seen) {
    const { pieces, areaM2 } = totals.get(colour) ?? { pieces: 0, areaM2: 0 };
    totals.set(colour, { pieces: pieces + count, areaM2: areaM2 + area_m2 });
    whole += area_m2;
  }
  const shares = [...totals]
    .map(([colour, total]): ColourShare => ({
      colour,
      tone: toneOf(hexOf(colour)),
      ...total,
      share: whole > 0 ? total.areaM2 / whole : 0,
    }))
    .sort((a, b) => b.areaM2 - a.areaM2 || (a.colour < b.colour ? -1 : 1));
  const tones = { light: 0, middle: 0, dark: 0 };
  for (const { tone, share } of shares) tones[tone] += share;
  return { shares, tones };
}
