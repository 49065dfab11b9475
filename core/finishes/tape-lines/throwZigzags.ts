import type { Box } from "../../geometry/curve";
import { sinCos } from "../../geometry/trig";
import { createSequence } from "../../trade/randomSequence";
import type { TapeLinesSpec } from "./spec";

/** However wide the angles may be. */
const shortestLegMm = 100;

/**
 * Columns of one width with a zigzag in each, the same for one seed: it climbs from side to side by random heights, no leg
 * at less than the least angle a (degrees, up to 60) to the upright beside it or to the leg after it, and no face between
 * two legs under the least size (m2). A leg over a column c meets the upright at atan(c / climb), and the next leg at the sum
 * of their atan(climb / c); so it climbs from c tan(a / 2) to c / tan(a). A face between two legs is c x (climb + next) / 2.
 */
export function throwZigzags(
  { count, seed, leastAngle, leastFace }: NonNullable<TapeLinesSpec["random"]>,
  { minX, maxX, minY, maxY }: Box,
): TapeLinesSpec["lines"] {
  const random = createSequence(seed);
  const column = (maxX - minX) / count;
  const { sin, cos } = sinCos((leastAngle / 180) * Math.PI);
  // tan(a / 2) = sin a / (1 + cos a)
  const flattest = (column * sin) / (1 + cos);
  const steepest = sin === 0 ? maxY - minY : Math.min(maxY - minY, (column * cos) / sin);
  const least = Math.min(steepest, Math.max(flattest, (leastFace * 1e6) / column, shortestLegMm));
  const sides = Array.from({ length: count + 1 }, (_, place) => Math.round(minX + place * column));
  const uprights = sides.slice(1, -1).map((x): TapeLinesSpec["lines"][number] => [
    [x, Math.round(minY)],
    [x, Math.round(maxY)],
  ]);
  const zigzags = sides.slice(0, -1).map((left, place): TapeLinesSpec["lines"][number] => {
    const ends = [left, sides[place + 1]!];
    const points: [number, number][] = [];
    let [side, y] = [random() < 0.5 ? 0 : 1, Math.floor(minY - random() * least)];
    while (points.length < 50) {
      points.push([ends[side]!, y]);
      if (y > maxY) break;
      y += Math.round(least + random() * (steepest - least));
      side = 1 - side;
    }
    return points;
  });
  return [...uprights, ...zigzags];
}
