import { polygonContour } from "../../geometry/contour";
import type { Contour } from "../../geometry/curve";
import { distance, type Point } from "../../geometry/point";
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
