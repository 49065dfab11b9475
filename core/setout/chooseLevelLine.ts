import { isFixed } from "../wall/schema";
import { boxOfContour } from "../geometry/curve";
import { heightAt, offsetAt } from "../wall/polyline";
import { nameOf, type Surface } from "../wall/surface";
import { levelLineClearanceMm, levelLineMm, levelLineReachMm } from "../trade/constants";

interface Blocked {
  readonly thing: string;
  readonly from: number;
  readonly to: number;
}

/** Openings with their casings and what is fixed to the wall: a line cannot be marked across them. */
function blockedHeights({ wall, covers }: Surface): Blocked[] {
  return [
    ...covers.map(({ opening, contour }) => {
      const { minY, maxY } = boxOfContour(contour);
      return { thing: nameOf(opening), from: minY, to: maxY };
    }),
    ...wall.fixtures
      .filter(isFixed)
      .map((fixture) => ({ thing: nameOf(fixture), from: fixture.y, to: fixture.y + fixture.height })),
  ];
}

/** y of the floor at the wall's left end. */
export function floorAtLeft({ shape }: Surface): number {
  const x = offsetAt(shape.left, shape.floor[0]!.y);
  return heightAt(shape.floor, x, "highest");
}

/**
 * The height in mm, from the wall's datum, at which to strike the level line: as near 1.2 m above the floor at the left
 * as it can be while it clears every opening and plate along the wall, within easy reach. Readings down to the floor and
 * up to the ceiling are then both taken standing. Where no height is clear, the usual one.
 */
export function chooseLevelLine(surface: Surface): number {
  const { extent } = surface;
  const floor = floorAtLeft(surface);
  const blocked = blockedHeights(surface).map(({ from, to }) => ({
    from: from - levelLineClearanceMm,
    to: to + levelLineClearanceMm,
  }));
  const usual = Math.min(floor + levelLineMm, (extent.minY + extent.maxY) / 2);
  const isClear = (height: number) => blocked.every(({ from, to }) => height <= from || height >= to);
  const [low, high] = levelLineReachMm.map((reach) => reach + floor) as [number, number];
  return (
    [usual, ...blocked.flatMap(({ from, to }) => [from, to])]
      .filter(
        (height) =>
          height >= Math.max(low, extent.minY) && height <= Math.min(high, extent.maxY) && isClear(height),
      )
      .sort((a, b) => Math.abs(a - usual) - Math.abs(b - usual) || a - b)[0] ?? usual
  );
}

/** What a line at this height runs across, by name. */
export const crossedBy = (surface: Surface, y: number): string[] =>
  blockedHeights(surface)
    .filter(({ from, to }) => y > from && y < to)
    .map(({ thing }) => thing);

/** Whether a line at this height is marked along without bending far down or standing on steps. */
export function isWithinReach(surface: Surface, y: number): boolean {
  const above = y - floorAtLeft(surface);
  return above >= levelLineReachMm[0] && above <= levelLineReachMm[1];
}
