import { resolvedMmPerMetre, unnoticedShare } from "./constants";

export type Visibility = "won't show" | "may show" | "will show";

/**
 * The largest difference of neighbouring widths, in mm, that is not seen: what the eye resolves at the
 * viewing distance, or 2.5 % of the width, whichever is larger.
 */
export function visibleTolerance(widthMm: number, viewingDistanceMm: number): number {
  return Math.max((resolvedMmPerMetre * viewingDistanceMm) / 1000, unnoticedShare * widthMm);
}

/** Up to the tolerance a difference won't show; up to twice it may; beyond, it will. */
export function judgeDifference(differenceMm: number, toleranceMm: number): Visibility {
  if (differenceMm <= toleranceMm) return "won't show";
  return differenceMm <= 2 * toleranceMm ? "may show" : "will show";
}
