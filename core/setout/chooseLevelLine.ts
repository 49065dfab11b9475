import { boxOfContour } from "../geometry/curve";
import { levelLineClearanceMm, levelLineMm, levelLineReachMm } from "../trade/constants";
import type { Surface } from "../wall/surface";

/**
 * The height in mm above the floor at which to strike the level line: as near 1.2 m as it can be while it
 * clears every opening and plate along the wall, within easy reach. Marks cannot be made across a window. Where
 * no height is clear, the usual one.
 */
export function chooseLevelLine({ wall, covers, extent }: Surface): number {
  const blocked = [
    ...covers.map(({ contour }) => boxOfContour(contour)),
    ...wall.fixtures
      .filter((fixture) => fixture.kind !== "furniture")
      .map(({ y, height }) => ({ minY: y, maxY: y + height })),
  ].map(({ minY, maxY }) => ({ from: minY - levelLineClearanceMm, to: maxY + levelLineClearanceMm }));
  const usual = Math.min(levelLineMm, (extent.minY + extent.maxY) / 2);
  const isClear = (height: number) => blocked.every(({ from, to }) => height <= from || height >= to);
  const [low, high] = levelLineReachMm;
  return (
    [usual, ...blocked.flatMap(({ from, to }) => [from, to])]
      .filter(
        (height) =>
          height >= Math.max(low, extent.minY) && height <= Math.min(high, extent.maxY) && isClear(height),
      )
      .sort((a, b) => Math.abs(a - usual) - Math.abs(b - usual) || a - b)[0] ?? usual
  );
}
