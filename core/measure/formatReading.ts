import { mmPerInch, type UnitSystem } from "./units";

const finestDenominator = 128;

/**
 * A length as it stands on the tape measure, in plain ASCII: `1621 mm` or `24 1/8"`.
 * The length should already be rounded to the division. One that is no binary fraction of an inch
 * (a millimetre division read in inches) is given in decimal inches, so that the text stays true.
 */
export function formatReading(lengthMm: number, units: UnitSystem): string {
  if (units === "metric") return `${trimDecimals(lengthMm, 4)} mm`;
  const inches = lengthMm / mmPerInch;
  for (let denominator = 1; denominator <= finestDenominator; denominator *= 2) {
    const numerator = Math.round(inches * denominator);
    if (Math.abs(numerator / denominator - inches) < 1e-7) return `${mixedNumber(numerator, denominator)}"`;
  }
  return `${trimDecimals(inches, 5)}"`;
}

function mixedNumber(numerator: number, denominator: number): string {
  const whole = Math.floor(numerator / denominator);
  const rest = numerator - whole * denominator;
  if (rest === 0) return String(whole);
  return whole === 0 ? `${rest}/${denominator}` : `${whole} ${rest}/${denominator}`;
}

/** Decimal text without trailing zeros and without thousands marks. */
export function trimDecimals(value: number, places: number): string {
  const fixed = value.toFixed(places);
  const text = fixed.includes(".") ? fixed.replace(/\.?0+$/, "") : fixed;
  return text === "-0" ? "0" : text;
}
