import { circleContour, rectangleContour } from "../geometry/contour";
import { arcByAngles, segment, type Box, type Contour } from "../geometry/curve";
import { directionOf } from "../geometry/trig";
import type { Opening } from "./schema";

/** The upright box around an opening that is widened by a margin. */
export const openingBox = ({ x, y, width, height }: Opening, margin: number): Box => ({
  minX: x - margin,
  minY: y - margin,
  maxX: x + width + margin,
  maxY: y + height + margin,
});

/**
 * The outline of an opening widened by `margin` mm on every side (0: the opening itself; its casing: what is
 * taken off the surface). An arch keeps its centre as it widens: a chord w with rise h belongs to a circle of
 * radius (w^2 / 4 + h^2) / 2h.
 */
export function openingContour(opening: Opening, margin: number): Contour {
  const { x, y, width, height, shape, rise } = opening;
  if (shape === "circle") {
    return circleContour({ x: x + width / 2, y: y + height / 2 }, width / 2 + margin);
  }
  if (shape === "rectangle" || rise === undefined) {
    return rectangleContour(x - margin, y - margin, x + width + margin, y + height + margin);
  }
  const radius = (width * width) / 4 / (2 * rise) + rise / 2;
  const outer = radius + margin;
  const half = width / 2 + margin;
  const centre = { x: x + width / 2, y: y + height - radius };
  const springing = directionOf(Math.sqrt(Math.max(0, outer * outer - half * half)), half);
  const arc = arcByAngles(centre, outer, springing, Math.PI - springing);
  const bottom = y - margin;
  return [
    segment({ x: arc.b.x, y: bottom }, { x: arc.a.x, y: bottom }),
    segment({ x: arc.a.x, y: bottom }, arc.a),
    arc,
    segment(arc.b, { x: arc.b.x, y: bottom }),
  ];
}
