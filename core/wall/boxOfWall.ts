import type { Box } from "../geometry/curve";
import type { Point } from "../geometry/point";
import type { Wall } from "./schema";
import { insideTrim, shapeOfWall, sidesOf } from "./wallShape";

/** The corners of a wall from floor to ceiling and end to end, counter-clockwise from the lower left. */
export const cornersOfWall = (wall: Wall): Point[] =>
  sidesOf(shapeOfWall(wall)).flatMap(({ points }) => points.slice(0, -1));

/** The corners between skirting and cornice. */
export const cornersInsideTrim = (wall: Wall): Point[] =>
  sidesOf(insideTrim(shapeOfWall(wall), wall.skirting, wall.cornice)).flatMap(({ points }) =>
    points.slice(0, -1),
  );

/** The box that a wall stands in, from its datum. */
export function boxOfWall(wall: Wall): Box {
  const corners = cornersOfWall(wall);
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
  return { minX: Math.min(...xs), maxX: Math.max(...xs), minY: Math.min(...ys), maxY: Math.max(...ys) };
}
