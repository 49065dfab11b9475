import type { Plan } from "./planTypes";

const significantDigits = 12;

/**
 * The plan's text. Engines differ in the last bits of sin and its kin, so every number is rounded to 12
 * significant digits: the same job gives the same bytes in Node and in a browser.
 */
export function emitPlan(plan: Plan): string {
  return `${JSON.stringify(plan, (_, value: unknown) => (typeof value === "number" ? roundNumber(value) : value), 2)}\n`;
}

/** Rounded to 12 significant digits; -0 becomes 0. Refuses what is not finite rather than write null. */
export function roundNumber(value: number): number {
  if (!Number.isFinite(value)) throw new RangeError(`A plan holds finite numbers only, not ${value}`);
  return Number(value.toPrecision(significantDigits)) + 0;
}
