import { clampChroma, formatHex, modeLab65, modeLch65, modeRgb, useMode as mode } from "culori/fn";
import { differenceOf, exactDifference, labOf, likenessOf, type Lab, type Likeness } from "./difference";
import { asPaint, partsUnderLamp } from "./underLamp";

mode(modeRgb);
mode(modeLab65);
mode(modeLch65);

/** A spot by day, and under a lamp where that was read, too. */
export type Spot = Lab & { readonly lamp?: Lab };

/** What some spots of a surface come to. */
export interface ReadSurface {
  readonly hex: string;
  readonly lab: Lab;
  /** The same under a lamp, where it was read. */
  readonly lamp?: Lab;
  /** How far spots are from their mean on average, CIEDE2000; those that went astray not among them. */
  readonly spread: number;
  /** How far each spot is from that mean, CIEDE2000, in their turn. */
  readonly off: readonly number[];
  /** Which spots went astray, by their place. */
  readonly astray: readonly number[];
}

/** A spot so far from the middle of all has been held to something else: a fold, a seam, dirt. */
const leastAstray = 3;
const astrayTimes = 3;

/** The colour of a surface from several spots, those aside that went astray; null without any. The middle is each channel's median. */
export function readSpots(spots: readonly Spot[]): ReadSurface | null {
  if (spots.length === 0) return null;
  const middle = {
    l: median(spots.map(({ l }) => l)),
    a: median(spots.map(({ a }) => a)),
    b: median(spots.map(({ b }) => b)),
  };
  const fromMiddle = spots.map((spot) => exactDifference(spot, middle));
  const most = Math.max(leastAstray, astrayTimes * median(fromMiddle));
  const astray = fromMiddle.flatMap((own, place) => (own > most ? [place] : []));
  const own = spots.filter((_, place) => !astray.includes(place));
  const lab = meanOf(own);
  const byLamp = own.flatMap((spot) => spot.lamp ?? []);
  const spread = own.reduce((sum, spot) => sum + exactDifference(spot, lab), 0) / own.length;
  const hex = formatHex(clampChroma({ mode: "lab65", ...lab }, "lch65"));
  const isWhole = byLamp.length === own.length;
  const off = spots.map((spot) => differenceOf(spot, lab));
  return {
    ...{ hex, lab, off, astray, spread: Math.round(spread * 10) / 10 },
    ...(isWhole && { lamp: meanOf(byLamp) }),
  };
}

function meanOf(all: readonly Lab[]): Lab {
  const mean = (channel: keyof Lab) => all.reduce((sum, spot) => sum + spot[channel], 0) / all.length;
  return { l: mean("l"), a: mean("a"), b: mean("b") };
}

function median(values: readonly number[]): number {
  const inTurn = [...values].sort((a, b) => a - b);
  const half = inTurn.length >> 1;
  return inTurn.length % 2 === 1 ? inTurn[half]! : (inTurn[half - 1]! + inTurn[half]!) / 2;
}

export interface NearPaint {
  readonly id: string;
  readonly difference: number;
  readonly likeness: Likeness;
  /** How far apart they are under a lamp, where they go together by day and part there. */
  readonly underLamp?: number;
}

/** The paints nearest to a colour, the nearest first, and what someone would say who held them to it. */
export const nearestPaints = (
  { lab, lamp }: Pick<ReadSurface, "lab" | "lamp">,
  paints: readonly { readonly id: string; readonly hex: string }[],
  most = 3,
): NearPaint[] =>
  paints
    .map(({ id, hex }): NearPaint => {
      const difference = differenceOf(labOf(hex), lab);
      const both = lamp && partsUnderLamp({ day: lab, lamp }, asPaint(hex));
      return {
        id,
        difference,
        likeness: likenessOf(difference),
        ...(both?.parts && { underLamp: both.lamp }),
      };
    })
    .sort((a, b) => a.difference - b.difference || (a.id < b.id ? -1 : 1))
    .slice(0, most);
