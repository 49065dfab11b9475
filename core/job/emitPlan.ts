import type { Plan } from "../plan/planTypes";

const significantDigits = 12;
/** Up to here a number of six decimals has no more than twelve significant digits. */
const sixDecimalsBelow = 1e6;

/**
 * The plan's text. Engines differ in the last bits of sin and its kin, so every number is rounded to 12
 * significant digits: the same job gives the same bytes in Node and in a browser.
 */
export const emitPlan = (plan: Plan): string => `${JSON.stringify(roundedCopy(plan), null, 2)}\n`;

/** The same without spaces: for what is read by programs alone. */
export const emitCompact = (value: object): string => JSON.stringify(roundedCopy(value));

/** A copy with every number rounded; what is undefined is left out by the writer. */
function roundedCopy(value: unknown): unknown {
  if (typeof value === "number") return roundNumber(value);
  if (typeof value !== "object" || value === null) return value;
  if (Array.isArray(value)) {
    const copy = new Array<unknown>(value.length);
    for (let index = 0; index < value.length; index++) copy[index] = roundedCopy(value[index]);
    return copy;
  }
  const record = value as Record<string, unknown>;
  const copy: Record<string, unknown> = {};
  for (const key of Object.keys(record)) copy[key] = roundedCopy(record[key]);
  return copy;
}

/** Rounded to 12 significant digits; -0 becomes 0. Refuses what is not finite rather than write null. */
export function roundNumber(value: number): number {
  if (!Number.isFinite(value)) throw new RangeError(`A plan holds finite numbers only, not ${value}`);
  if (value < sixDecimalsBelow && value > -sixDecimalsBelow && Math.round(value * 1e6) / 1e6 === value)
    return value + 0;
  return Number(value.toPrecision(significantDigits)) + 0;
}
