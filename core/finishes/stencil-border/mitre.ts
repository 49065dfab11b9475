import { polygonContour } from "../../geometry/contour";
import type { Contour } from "../../geometry/curve";
import { flattenContour } from "../../geometry/flatten";
import { distance, type Point } from "../../geometry/point";
import type { StencilSheet } from "../../stencil/cutSheet";
import { brushSizesMm } from "../../work/prints/constants";
import type { Leg } from "./legs";

/**
 * What of a leg around a thing is left between the mitres at both its ends: its outer side runs on past the corners, and
 * inside the two diagonals may meet. `reach` is how far a print goes to either side of the leg, mm.
 */
export function betweenMitres({ points, length }: Leg, beside: number, reach: number): Contour {
  const [a, b] = [points[0]!, points.at(-1)!];
  const along = { x: (b.x - a.x) / distance(a, b), y: (b.y - a.y) / distance(a, b) };
  // The legs go round clockwise, so that outside is to their left.
  const out = { x: -along.y, y: along.x };
  const inner = Math.min(reach, length / 2, beside / 2);
  const from = (corner: Point, forward: number, outward: number): Point => ({
    x: corner.x + along.x * forward + out.x * outward,
    y: corner.y + along.y * forward + out.y * outward,
  });
  const outside = [from(a, -reach, reach), from(b, reach, reach)];
  // On the shorter legs of a small frame the diagonals meet in one point.
  const inside =
    inner < length / 2 ? [from(b, -inner, -inner), from(a, inner, -inner)] : [from(a, inner, -inner)];
  return polygonContour([...outside, ...inside]);
}

/** A tip that reaches over a mitre by less than the smallest brush is a speck; of a band without gaps a corner would be missing. */
const [speckMm] = brushSizesMm;
const leastOfBandMm = 1;

/** How far a print beyond a corner has to reach over its mitre to be printed, square to that, mm. */
export const leastOverMitre = ({ cuts, cell }: Pick<StencilSheet, "cuts" | "cell">): number =>
  cuts.maxX - cuts.minX > cell.maxX - cell.minX - leastOfBandMm ? leastOfBandMm : speckMm;

/**
 * How far the holes of a print whose middle lies on a corner reach over its mitre, along the leg: a point forward by u and
 * outward by v lies u + v beyond the diagonal. `side` is 1 at the leg's beginning, -1 at its end.
 */
export function reachOverMitre({ slots }: Pick<StencilSheet, "slots">, side: 1 | -1): number {
  let reach = -Infinity;
  for (const { contours } of slots)
    for (const contour of contours)
      for (const { x, y } of flattenContour(contour)) reach = Math.max(reach, side * x + y);
  return reach;
}
