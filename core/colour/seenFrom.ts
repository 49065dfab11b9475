import { differenceOf, type Lab } from "./difference";

/**
 * What the eye spreads each channel of a picture over: weights and widths of two or three bells, degrees of sight (Zhang and Wandell
 * 1997, S-CIELAB, table 1). Lightness is seen sharply, red against green less so, blue against yellow least.
 */
const spreads = {
  l: [
    [0.921, 0.0283],
    [0.105, 0.133],
    [-0.108, 4.336],
  ],
  a: [
    [0.531, 0.0392],
    [0.33, 0.494],
  ],
  b: [
    [0.488, 0.0536],
    [0.371, 0.386],
  ],
} as const;

const degreesOfRadian = 57.29577951308232;

/** The error function for x >= 0, to 5e-4 (Abramowitz and Stegun 7.1.27): no exponentials, so that engines agree. */
function erf(x: number): number {
  const sum = 1 + x * (0.278393 + x * (0.230389 + x * (0.000972 + x * 0.078108)));
  return 1 - 1 / (sum * sum * sum * sum);
}

/** How much of a channel's own is left in the middle of a band of so many degrees, between bands of another colour; 0 to 1. */
function leftOf(channel: keyof typeof spreads, degrees: number): number {
  const bells = spreads[channel];
  const all = bells.reduce((sum, [weight]) => sum + weight, 0);
  const left = bells.reduce((sum, [weight, width]) => sum + weight * erf(degrees / (2 * width)), 0);
  return Math.max(0, Math.min(1, left / all));
}

/**
 * How far two colours that lie beside each other in pieces of a width (mm) are from one another to someone who stands at a distance
 * (mm): what the eye spreads over both of them they have in common. CIEDE2000, whole tenths. Widths are small against distances.
 */
export function seenDifference(one: Lab, other: Lab, width: number, distance: number): number {
  const degrees = (width / distance) * degreesOfRadian;
  const [first, second] = [{ ...one }, { ...other }];
  for (const channel of ["l", "a", "b"] as const) {
    const middle = (one[channel] + other[channel]) / 2;
    const half = ((one[channel] - other[channel]) / 2) * leftOf(channel, degrees);
    first[channel] = middle + half;
    second[channel] = middle - half;
  }
  return differenceOf(first, second);
}
