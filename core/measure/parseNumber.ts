/** A decimal without sign or exponent, a fraction, or a whole number with a fraction ("4 3/8", "4-3/8"). */
export const numberPattern = String.raw`(?:\d+[ -]\d+\/\d+|\d+\/\d+|\d+(?:\.\d+)?|\.\d+)`;

/**
 * The value of a text that matches `numberPattern`; null when the fraction cannot be meant
 * (a zero denominator, or "4 9/8", where the fraction of a mixed number is not under one).
 */
export function parseNumber(text: string): number | null {
  const mixed = /^(?:(\d+)[ -])?(\d+)\/(\d+)$/.exec(text);
  if (!mixed) return Number(text);
  const [, whole, top, bottom] = mixed;
  const numerator = Number(top);
  const denominator = Number(bottom);
  if (denominator === 0) return null;
  if (whole === undefined) return numerator / denominator;
  return numerator < denominator ? Number(whole) + numerator / denominator : null;
}
