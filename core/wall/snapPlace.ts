import { roundToDivision } from "../measure/roundToDivision";

/** Something that an edge or a centre may line up with: a coordinate, and what it is called. */
export interface SnapTarget {
  readonly at: number;
  readonly thing: string;
}

export interface Snapped {
  readonly value: number;
  /** What it lined up with; null where it only went to the nearest tape division. */
  readonly to: string | null;
}

/**
 * Where a thing of a size comes to rest when its lower edge is dragged to `value` (mm along one axis): its edges or its
 * centre line up with a target within `reach`, the nearest first; else it goes to the nearest tape division.
 */
export function snapPlace(
  value: number,
  size: number,
  targets: readonly SnapTarget[],
  reach: number,
  tapeDivision: number,
): Snapped {
  let best: { value: number; to: string | null; off: number } | null = null;
  for (const { at, thing } of targets) {
    for (const share of [0, 0.5, 1]) {
      const place = at - size * share;
      const off = Math.abs(place - value);
      if (off <= reach && (!best || off < best.off - 1e-9)) best = { value: place, to: thing, off };
    }
  }
  return best
    ? { value: best.value, to: best.to }
    : { value: roundToDivision(value, tapeDivision), to: null };
}
