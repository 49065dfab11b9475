import Flatbush from "flatbush";
import { isInsideContour } from "../geometry/contour";
import { boxOfCurve, type Box } from "../geometry/curve";
import type { Pattern } from "./pattern";

/** What is nearer to a piece that is painted is not clear of it, mm. */
const clearMm = 60;

/** Whether boxes all lie on what is left in base (group 0), clear of all that is painted. */
export function isOnBareBase(
  { regions, edges }: Pattern,
  groups: readonly number[],
  boxes: readonly Box[],
): boolean {
  if (groups.every((group) => group === 0)) return true;
  const isPainted = (region: number | null) => region !== null && groups[region]! > 0;
  const lines = edges.filter(({ left, right }) => isPainted(left) || isPainted(right));
  const index = new Flatbush(lines.length);
  for (const { curve } of lines) {
    const { minX, minY, maxX, maxY } = boxOfCurve(curve);
    index.add(minX, minY, maxX, maxY);
  }
  index.finish();
  const bare = regions.filter((_, at) => groups[at] === 0);
  return boxes.every((box) => {
    const { minX, minY, maxX, maxY } = box;
    if (index.search(minX - clearMm, minY - clearMm, maxX + clearMm, maxY + clearMm).length > 0) return false;
    const middle = { x: (minX + maxX) / 2, y: (minY + maxY) / 2 };
    return bare.some(
      ({ face }) =>
        isInsideContour(middle, face.outer) && !face.holes.some((hole) => isInsideContour(middle, hole)),
    );
  });
}
