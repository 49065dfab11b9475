import {
  differenceCiede2000,
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  formatHex,
  modeLab65,
  modeLrgb,
  modeRgb,
  parseHex,
  useMode as mode,
} from "culori/fn";

mode(modeRgb);
// What eyes that are blind to a colour see is worked out in light.
mode(modeLrgb);
const lab65 = mode(modeLab65);
const between = differenceCiede2000();

/** A colour as eyes measure it: CIE L*a*b* (1976), white D65. */
export interface Lab {
  readonly l: number;
  readonly a: number;
  readonly b: number;
}

/** L*a*b* of an sRGB colour as #rrggbb. */
export function labOf(hex: string): Lab {
  const { l, a, b } = lab65(parseHex(hex)!);
  return { l, a, b };
}

/** CIEDE2000 (CIE 142-2001; Sharma, Wu and Dalal 2005) to the last digit: for what is sought by it, and not told. */
export const exactDifference = (one: Lab, other: Lab): number =>
  between({ mode: "lab65", ...one }, { mode: "lab65", ...other });

/**
 * How far two colours are from one another to the eye: CIEDE2000 in whole tenths, so that engines agree. About 1 is the least that can be
 * seen of two fields that touch.
 */
export const differenceOf = (one: Lab, other: Lab): number =>
  Math.round(exactDifference(one, other) * 10) / 10;

export type Likeness = "cannot be told apart" | "close" | "another colour";

/** Up to so much two colours side by side cannot be told apart, and from so much on nobody takes one for the other. */
const seenFrom = 1;
export const apartFrom = 4;

/** What a difference means for someone who holds one colour to the other. */
export const likenessOf = (difference: number): Likeness =>
  difference <= seenFrom ? "cannot be told apart" : difference < apartFrom ? "close" : "another colour";

/** Eyes that lack one kind of cone: for red, for green, for blue. */
export const blindnesses = ["protan", "deutan", "tritan"] as const;
export type Blindness = (typeof blindnesses)[number];

const filters = {
  protan: filterDeficiencyProt(1),
  deutan: filterDeficiencyDeuter(1),
  tritan: filterDeficiencyTrit(1),
} satisfies Record<Blindness, unknown>;

/** A colour as eyes see it that lack one kind of cone (Machado, Oliveira and Fernandes 2009, at its strongest). */
export const asSeenBy = (hex: string, blindness: Blindness): string =>
  formatHex(filters[blindness](parseHex(hex)!))!;
