import { Color } from "spectral.js";
import { differenceOf, labOf } from "./difference";

/** So much of a colour in a mix, by volume; water is none. */
export interface MixedPart {
  readonly hex: string;
  readonly amount: number;
}

/** So much of a paint, or of water, which has no colour, ml. */
export interface Amount {
  readonly paint?: string | undefined;
  readonly ml: number;
}

/** What of some amounts is left when the water has gone. */
export const solidParts = (
  amounts: readonly Amount[],
  paints: readonly { readonly id: string; readonly hex: string }[],
): (MixedPart & { readonly id: string })[] =>
  amounts.flatMap(({ paint, ml }) => {
    const found = paints.find(({ id }) => id === paint);
    return found ? [{ id: found.id, hex: found.hex, amount: ml }] : [];
  });

const kept = new Map<string, readonly number[]>();

/** K/S of a colour at each wavelength (Kubelka and Munk 1931): what it absorbs beside what it scatters. */
function absorbing(hex: string): readonly number[] {
  const before = kept.get(hex);
  if (before) return before;
  const { KS } = new Color(hex);
  kept.set(hex, KS);
  return KS;
}

/** The reflectance of a layer through which nothing is seen, from its K/S. */
const reflecting = (ks: number): number => 1 + ks - Math.sqrt(ks * ks + 2 * ks);

/**
 * What a mix reflects at each wavelength when it is dry: the K/S of its parts add up by their volumes (Duncan 1940, one constant), on
 * reflectances recovered from their colours by spectral.js. (That library's own mixing weighs parts by squares and lightness, which suits
 * brushes on a screen, and not jugs.) Null where nothing but water is in it.
 */
export function mixedReflectance(parts: readonly MixedPart[]): number[] | null {
  const solid = parts.filter(({ amount }) => amount > 0);
  const whole = solid.reduce((sum, { amount }) => sum + amount, 0);
  if (whole === 0) return null;
  // In one order, whatever order they are told in.
  const inTurn = [...solid].sort((a, b) => (a.hex < b.hex ? -1 : a.hex > b.hex ? 1 : a.amount - b.amount));
  const size = absorbing(inTurn[0]!.hex).length;
  return Array.from({ length: size }, (_, wave) =>
    reflecting(inTurn.reduce((sum, { hex, amount }) => sum + absorbing(hex)[wave]! * (amount / whole), 0)),
  );
}

/** The colour of a mix when it is dry, as #rrggbb; of one paint alone its own. Null where nothing but water is in it. */
export function mixedColour(parts: readonly MixedPart[]): string | null {
  const hexes = new Set(parts.filter(({ amount }) => amount > 0).map(({ hex }) => hex.toLowerCase()));
  if (hexes.size === 1) return [...hexes][0]!;
  const reflected = mixedReflectance(parts);
  return reflected && new Color(reflected).toString({ method: "clip" }).toLowerCase();
}

/** How far a prediction may be off where nothing was mixed of it yet, CIEDE2000: colours on a screen tell nothing of a pigment's strength. */
const usuallyOff = 6;
/** No closer than that is anything held to anything by eye. */
const leastOff = 1;

/** How far predictions were off from what dried, so far: the root of the mean of their squares; and of how many. */
export function offSoFar(tried: readonly { readonly predicted: string; readonly dry: string }[]): {
  readonly off: number;
  readonly of: number;
} {
  if (tried.length === 0) return { off: usuallyOff, of: 0 };
  const squares = tried.map(({ predicted, dry }) => differenceOf(labOf(predicted), labOf(dry)) ** 2);
  const off = Math.sqrt(squares.reduce((sum, square) => sum + square, 0) / tried.length);
  return { off: Math.max(leastOff, Math.round(off * 10) / 10), of: tried.length };
}
