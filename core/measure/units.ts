export type UnitSystem = "imperial" | "metric";

/** What tins, measures and spread rates are told in: on the tape inches may go with paint in litres. */
export const volumeSystems = ["litres", "us"] as const;
export type VolumeSystem = (typeof volumeSystems)[number];

/** International inch, exact by definition (1959). */
export const mmPerInch = 25.4;
export const inchesPerFoot = 12;

/** Millilitres in one unit of volume. US customary liquid measures: 1 gal = 231 cubic inches, exact. */
export const mlPerUnit = {
  ml: 1,
  l: 1000,
  "fl oz": 3785.411784 / 128,
  pt: 3785.411784 / 8,
  qt: 3785.411784 / 4,
  gal: 3785.411784,
} as const;

/** Square metres in one square foot: 0.3048 squared, exact. */
export const m2PerFt2 = 0.09290304;

/** What every parser of this folder answers. The wording of a refusal lives with the messages. */
export type Parsed = { ok: true; value: number } | { ok: false };

export const refused: Parsed = { ok: false };

export function parsed(value: number): Parsed {
  return Number.isFinite(value) ? { ok: true, value } : refused;
}
