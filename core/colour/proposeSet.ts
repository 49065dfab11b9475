import { clampChroma, formatHex, modeLch65, modeLab65, modeRgb, useMode as mode } from "culori/fn";
import { lightnessOf, strengthOf } from "./lightness";

mode(modeRgb);
mode(modeLab65);
mode(modeLch65);

/** A paint of the pattern with its colour and how much of the pattern it takes. */
export interface Slot {
  readonly paint: string;
  readonly hex: string;
  readonly share: number;
}

/** How the hues of a set follow from one: measured on the hue circle of CIE LCh, and nothing of taste. */
export const relations = {
  "one-hue": { label: "one hue", say: "All of its hue, as light as each is now." },
  neighbours: {
    label: "neighbouring hues",
    say: "Its hue, and those 30 degrees to either side in turn, as light as each is now.",
  },
  opposite: {
    label: "with its opposite",
    say: "Its hue; what takes least of the pattern in the opposite one, as light as each is now.",
  },
} as const;
export type Relation = keyof typeof relations;

const hueStep = 30;

/** Colours for a pattern's slots out of one colour: each keeps its lightness, so that light and dark stay where they are. */
export function proposeFrom(slots: readonly Slot[], hex: string, relation: Relation): Map<string, string> {
  const { chroma, hue } = strengthOf(hex);
  const bySize = [...slots].sort((a, b) => b.share - a.share || (a.paint < b.paint ? -1 : 1));
  const hueAt = (place: number): number => {
    if (relation === "one-hue") return hue;
    if (relation === "opposite") return place > 0 && place === bySize.length - 1 ? hue + 180 : hue;
    return hue + hueStep * [0, 1, -1][place % 3]!;
  };
  return new Map(
    bySize.map(({ paint, hex: own }, place) => {
      const colour = {
        mode: "lch65",
        l: lightnessOf(own),
        c: chroma,
        h: (hueAt(place) + 360) % 360,
      } as const;
      return [paint, formatHex(clampChroma(colour, "lch65"))];
    }),
  );
}

/** Colours of a cloth for a pattern's slots: the lightest for the lightest, and so on; where there are fewer, some take one together. */
export function proposeFromCloth(slots: readonly Slot[], cloth: readonly string[]): Map<string, string> {
  if (cloth.length === 0) return new Map();
  const byLightness = (a: string, b: string) => lightnessOf(b) - lightnessOf(a) || (a < b ? -1 : 1);
  const colours = [...new Set(cloth)].sort(byLightness);
  const inTurn = [...slots].sort((a, b) => byLightness(a.hex, b.hex) || (a.paint < b.paint ? -1 : 1));
  const last = Math.max(1, inTurn.length - 1);
  return new Map(
    inTurn.map(({ paint }, place) => [paint, colours[Math.round((place * (colours.length - 1)) / last)]!]),
  );
}
