import { paintingClimate } from "./constants";

const naturalLogOfTwo = 0.6931471805599453;
const terms = 24;

/** The air in a room: C, and % RH. */
export interface Climate {
  readonly temperature: number;
  readonly humidity: number;
}

/** Why nothing is painted in a room; null when it can be. */
export function refuseClimate({ temperature, humidity }: Climate): "cold" | "warm" | "damp" | null {
  if (temperature < paintingClimate.coldest) return "cold";
  if (temperature > paintingClimate.warmest) return "warm";
  return humidity > paintingClimate.dampest ? "damp" : null;
}

/**
 * How many times as long as on the label (20 C, 50 % RH) a paint takes to dry:
 * max(1, 2^((20 - T) / 10) x (1 + 0.5 x max(0, RH - 50) / 25)).
 * A painters' rule after the one of chemistry that a reaction takes twice as long for every 10 C less; damp air slows the
 * water's leaving by half for each 25 % RH above 50. Never under 1: a label's wait is kept in any warmth.
 */
export function waitFactor({ temperature, humidity }: Climate): number {
  return Math.max(1, powerOfTwo((20 - temperature) / 10) * (1 + (0.5 * Math.max(0, humidity - 50)) / 25));
}

/** What is left of an open time in a room's air; never more than on the label. */
export const openShare = ({ temperature }: Climate): number =>
  Math.min(1, powerOfTwo((20 - temperature) / 10));

/** What is left of an open time at the warmest that is painted in: the same rule, 2^((20 - 35) / 10) = 0.35. */
export const warmestOpenShare = powerOfTwo((20 - paintingClimate.warmest) / 10);

/** 2^x by whole doublings and the series of e^(x ln 2): engines differ in the last bit of their own. */
export function powerOfTwo(x: number): number {
  const whole = Math.round(x);
  const rest = (x - whole) * naturalLogOfTwo;
  let term = 1;
  let sum = 1;
  for (let k = 1; k < terms; k++) {
    term *= rest / k;
    sum += term;
  }
  for (let k = 0; k < Math.abs(whole); k++) sum = whole > 0 ? sum * 2 : sum / 2;
  return sum;
}
