import { pointAt, type Contour, type Curve } from "./curve";
import type { Point } from "./point";
import { arcCosine } from "./trig";

/** Largest distance in mm between an arc and its flattened copy; `job-format.md` asks for under 0.1. */
export const flatteningMm = 0.05;

/**
 * Points along a curve from its start up to, but without, its end. A chord that spans an angle s stands off
 * its arc by r (1 - cos(s / 2)), which is solved for s.
 */
export function flattenCurve(curve: Curve): Point[] {
  if (curve.kind === "segment") return [curve.a];
  const ratio = Math.max(-1, 1 - flatteningMm / curve.radius);
  const step = 2 * arcCosine(ratio);
  const count = Math.max(1, Math.ceil(Math.abs(curve.sweep) / step));
  return Array.from({ length: count }, (_, index) => pointAt(curve, index / count));
}

/** The corners of the flattened contour; the first is not repeated. */
export const flattenContour = (contour: Contour): Point[] => contour.flatMap(flattenCurve);

/** The points of an open chain of curves, its last end included. */
export function flattenPath(path: readonly Curve[]): Point[] {
  const last = path.at(-1);
  return last ? [...path.flatMap(flattenCurve), last.b] : [];
}
