import type { CornerTouch } from "../pattern/matchCorner";
import type { Edges } from "../tape/schema";
import type { BaseBeside } from "../work/workInput";
import type { Wall } from "../wall/schema";

/** A corner of a run: the walls to its left and right, by index, and what meets there. */
export interface Corner {
  readonly first: number;
  readonly second: number;
  readonly touches: readonly CornerTouch[];
}

export const isExternalCorner = (
  { first, second }: Corner,
  walls: readonly { readonly wall: Wall }[],
): boolean => walls[first]!.wall.rightEdge === "external" || walls[second]!.wall.leftEdge === "external";

/** How the bases of walls that meet at corners are painted beside each other. */
export interface BaseCorners {
  /** The ends of a wall around which the same base is painted on. */
  readonly goesOn: ReadonlySet<string>;
  /** Bases around its corners that are painted before its own, light before dark. */
  readonly after: readonly BaseBeside[];
  /** Walls whose masks lie on it while their base goes on: nothing else goes on it before those are off. */
  readonly maskedFrom: readonly BaseBeside[];
}

/** Of one wall of those that hang together. `lightness` of a paint, 0 to 1. */
export function baseCornersOf(
  index: number,
  walls: readonly { readonly wall: Wall }[],
  corners: readonly Corner[],
  { externalCorner }: Pick<Edges, "externalCorner">,
  lightness: (paint: string) => number,
): BaseCorners {
  const own = walls[index]!.wall;
  const beside = corners.flatMap((corner) => {
    const end = corner.first === index ? "right" : corner.second === index ? "left" : null;
    const other = end === "right" ? corner.second : corner.first;
    return end ? [{ end, other, wall: walls[other]!.wall, isExternal: isExternalCorner(corner, walls) }] : [];
  });
  const painted = beside.filter(({ wall }) => wall.baseState === "paint");
  const goesBefore = ({ other, wall }: (typeof beside)[number]) =>
    lightness(wall.base) - lightness(own.base) || index - other;
  const besideOf = ({ wall, isExternal }: (typeof beside)[number]): BaseBeside => ({
    wall: wall.id,
    paint: wall.base,
    isFloated: isExternal && externalCorner === "float",
  });
  const others = painted.filter(({ wall }) => wall.base !== own.base || own.baseState !== "paint");
  return {
    goesOn: new Set(painted.flatMap(({ end, wall }) => (wall.base === own.base ? [end] : []))),
    after:
      own.baseState === "paint" ? others.filter((neighbour) => goesBefore(neighbour) > 0).map(besideOf) : [],
    maskedFrom: others.map(besideOf).filter(({ isFloated }) => !isFloated),
  };
}
