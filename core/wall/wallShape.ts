import { heightAt, meetingsOf, type Polyline } from "./polyline";
import type { Wall } from "./schema";
import type { Point } from "../geometry/point";

/** The four sides of a wall as readings joined by straight lines and held beyond the first and the last. */
export interface WallShape {
  /** Left to right. */
  readonly floor: Polyline;
  readonly ceiling: Polyline;
  /** Upwards. */
  readonly left: Polyline;
  readonly right: Polyline;
}

/** The sides of a quick wall from the floor at its left, of a surveyed one from its level and plumb lines. */
export function shapeOfWall(wall: Wall): WallShape {
  const { width, survey } = wall;
  if (!survey) {
    return {
      floor: [{ x: 0, y: 0 }],
      ceiling: [{ x: 0, y: wall.height! }],
      left: [{ x: 0, y: 0 }],
      right: [{ x: width, y: 0 }],
    };
  }
  return {
    floor: survey.stations.map(({ x, down }) => ({ x, y: -down })),
    ceiling: survey.stations.map(({ x, up }) => ({ x, y: up })),
    left: survey.left.length > 0 ? survey.left.map(({ y, off }) => ({ x: off, y })) : [{ x: 0, y: 0 }],
    right:
      survey.right.length > 0
        ? survey.right.map(({ y, off }) => ({ x: width - off, y }))
        : [{ x: width, y: 0 }],
  };
}

/** The shape between its trim: skirting and cornice follow the floor and the ceiling, measured upright. */
export function insideTrim(shape: WallShape, skirting: number, cornice: number): WallShape {
  const lift = (side: Polyline, by: number) => (by === 0 ? side : side.map(({ x, y }) => ({ x, y: y + by })));
  return { ...shape, floor: lift(shape.floor, skirting), ceiling: lift(shape.ceiling, -cornice) };
}

export type SideName = "bottom" | "right" | "top" | "left";

export interface Side {
  readonly name: SideName;
  /** From corner to corner, counter-clockwise around the wall. */
  readonly points: readonly Point[];
}

/** The corners, and whether every end meets floor and ceiling just once, as it does unless readings are wrong. */
export function cornersOf({ floor, ceiling, left, right }: WallShape) {
  const met = {
    lowerLeft: meetingsOf(left, "left", floor),
    lowerRight: meetingsOf(right, "right", floor),
    upperRight: meetingsOf(right, "right", ceiling),
    upperLeft: meetingsOf(left, "left", ceiling),
  };
  return {
    lowerLeft: met.lowerLeft.at(-1)!,
    lowerRight: met.lowerRight.at(-1)!,
    upperRight: met.upperRight[0]!,
    upperLeft: met.upperLeft[0]!,
    areClear: Object.values(met).every((points) => points.length === 1),
  };
}

/**
 * The four sides cut off at the corners where they meet, counter-clockwise from the lower left. Where a crooked end
 * meets the floor more than once, the highest meeting is the corner (at the ceiling the lowest).
 */
export function sidesOf(shape: WallShape): readonly Side[] {
  const { floor, ceiling, left, right } = shape;
  const { lowerLeft, lowerRight, upperRight, upperLeft } = cornersOf(shape);
  // Between the corners; of a step that a corner stands on, also the reading on the wall's side of it.
  const across = (side: Polyline, a: Point, b: Point) =>
    side.filter(({ x, y }, index) => {
      if (x === a.x && side[index + 1]?.x !== x) return Math.abs(y - a.y) > stepMm;
      if (x === b.x && side[index - 1]?.x !== x) return Math.abs(y - b.y) > stepMm;
      return x > a.x && x < b.x;
    });
  const upwards = (side: Polyline, a: Point, b: Point) => side.filter(({ y }) => y > a.y && y < b.y);
  const side = (name: SideName, points: readonly Point[]): Side => ({ name, points: dropNeedless(points) });
  return [
    side("bottom", [lowerLeft, ...across(floor, lowerLeft, lowerRight), lowerRight]),
    side("right", [lowerRight, ...upwards(right, lowerRight, upperRight), upperRight]),
    side("top", [upperRight, ...across(ceiling, upperLeft, upperRight).toReversed(), upperLeft]),
    side("left", [upperLeft, ...upwards(left, lowerLeft, upperLeft).toReversed(), lowerLeft]),
  ];
}

/** Readings that stand on the straight line between their neighbours, or at one place with one, bend nothing. */
function dropNeedless(points: readonly Point[]): Point[] {
  const kept: Point[] = [];
  points.forEach((point, index) => {
    const [before, after] = [kept.at(-1), points[index + 1]];
    if (before && after && isOnLine(before, point, after)) return;
    kept.push(point);
  });
  return kept;
}

const straightness = 1e-9;
/** Readings at one place that differ by less are one (`job-format.md`). */
const stepMm = 0.01;

function isOnLine(a: Point, b: Point, c: Point): boolean {
  const turn = (b.x - a.x) * (c.y - a.y) - (b.y - a.y) * (c.x - a.x);
  const onward = (b.x - a.x) * (c.x - b.x) + (b.y - a.y) * (c.y - b.y);
  return Math.abs(turn) < straightness * (1 + Math.abs(c.x - a.x) + Math.abs(c.y - a.y)) && onward >= 0;
}

/** How far floor and ceiling stand apart along a plumb line at x. */
export const clearHeightAt = ({ floor, ceiling }: WallShape, x: number): number =>
  heightAt(ceiling, x, "lowest") - heightAt(floor, x, "highest");
