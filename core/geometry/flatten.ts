import { curveLength, pointAt, type Contour, type Curve } from "./curve";
import type { Face } from "./arrange";
import type { Point } from "./point";
import { arcCosine } from "./trig";

/** Largest distance in mm between an arc and its flattened copy; `job-format.md` asks for under 0.1. */
export const flatteningMm = 0.05;

/**
 * Points along a curve from its start up to, but without, its end. A chord that spans an angle s stands off
 * its arc by r (1 - cos(s / 2)), which is solved for s.
 */
export function flattenCurve(curve: Curve, withinMm = flatteningMm): Point[] {
  if (curve.kind === "segment") return [curve.a];
  const ratio = Math.max(-1, 1 - withinMm / curve.radius);
  const step = 2 * arcCosine(ratio);
  const count = Math.max(1, Math.ceil(Math.abs(curve.sweep) / step));
  return Array.from({ length: count }, (_, index) => pointAt(curve, index / count));
}

/** The corners of the flattened contour; the first is not repeated. */
export const flattenContour = (contour: Contour, withinMm = flatteningMm): Point[] =>
  contour.flatMap((curve) => flattenCurve(curve, withinMm));

/** So much of its area a face may lose or gain by being flattened. */
const areaShare = 5e-4;
const leastFlatteningMm = 1e-4;

/**
 * How finely a face's outlines are flattened: a chord takes two thirds of how far it stands off, times its length, and of a
 * sliver between arcs that must not be a part of it that shows.
 */
export function flatteningOf({ outer, holes, area }: Face): number {
  const arcs = [outer, ...holes].flat().filter((curve) => curve.kind === "arc");
  if (arcs.length === 0) return flatteningMm;
  const lengthMm = arcs.reduce((sum, arc) => sum + curveLength(arc), 0);
  return Math.max(leastFlatteningMm, Math.min(flatteningMm, (1.5 * areaShare * area) / lengthMm));
}

/** The points of an open chain of curves, its last end included. */
export function flattenPath(path: readonly Curve[]): Point[] {
  const last = path.at(-1);
  return last ? [...path.flatMap((curve) => flattenCurve(curve)), last.b] : [];
}
