import { boxOfContour, type Box, type Segment } from "../geometry/curve";
import { polygonContour } from "../geometry/contour";
import { flattenContour } from "../geometry/flatten";
import { midpoint, type Point } from "../geometry/point";
import { distanceToSegment } from "../geometry/distanceToSegment";
import { lengthOf } from "../geometry/trig";
import { nearMissMm, sliverMm } from "../trade/constants";
import { openingContour } from "./openingContour";
import { placeTolerance } from "./outline";
import type { Wall } from "./schema";
import type { Strip } from "./strip";
import { nameOf, type Surface } from "./surface";

/** How a line stands to a thing on the wall that it comes close to. */
export interface Relation {
  readonly kind: "meets" | "near-miss" | "sliver";
  readonly obstacle: Obstacle;
  readonly line: Segment;
  /** Distance in mm; 0 where they meet. */
  readonly gap: number;
  readonly at: Point;
}

/** Something that a line may come close to. */
export interface Obstacle {
  readonly kind: "plate" | "casing" | "corner";
  /** What it is called in a sentence. */
  readonly thing: string;
  /** Its corners in turn; arcs are flattened to 0.05 mm, which no judgement depends on. */
  readonly points: readonly Point[];
  readonly box: Box;
  /** A circle around it. */
  readonly centre: Point;
  readonly reach: number;
}

/** The plates and casings of one wall. */
export const obstaclesOnWall = ({ wall }: Surface): Obstacle[] => thingsOn(wall, 0);

/** What an obstacle is called where something comes near it: an end of a wall's corner is told by floor or ceiling. */
export function thingAt({ kind, thing, box }: Obstacle, at: Point): string {
  if (kind !== "corner") return thing;
  if (Math.abs(at.y - box.maxY) < 1) return `${thing}, at its top`;
  return Math.abs(at.y - box.minY) < 1 ? `${thing}, at its foot` : thing;
}

/** The plates, casings and corners of the walls of a strip, in the strip's coordinates. */
export function obstaclesOf({ parts }: Strip): Obstacle[] {
  return parts.flatMap(({ wall, surface, offset }, index) => {
    const before = parts[index - 1];
    const leftEnd = before
      ? `the corner of ${calledOf(before.wall)} and ${calledOf(wall)}`
      : "the left corner";
    return [
      ...thingsOn(wall, offset),
      ...(surface ? [obstacle("corner", leftEnd, moved(endOf(surface, "left"), offset))] : []),
      ...(surface && index === parts.length - 1
        ? [obstacle("corner", "the right corner", moved(endOf(surface, "right"), offset))]
        : []),
    ];
  });
}

function thingsOn({ fixtures, openings }: Wall, offset: number): Obstacle[] {
  const plates = fixtures.filter((fixture) => fixture.kind === "plate");
  return [
    ...plates.map((plate) => {
      const { x, y, width, height } = plate;
      const [low, high] = [x + offset, x + width + offset];
      const top = y + height;
      const points = [
        { x: low, y },
        { x: high, y },
        { x: high, y: top },
        { x: low, y: top },
      ];
      return obstacle("plate", nameOf(plate), points);
    }),
    ...openings.map((opening) => {
      const thing = opening.casing > 0 ? `the casing of ${nameOf(opening)}` : nameOf(opening);
      const points = flattenContour(openingContour(opening, opening.casing));
      return obstacle("casing", thing, moved(points, offset));
    }),
  ];
}

const calledOf = (wall: Wall): string => `the ${(wall.name ?? wall.id).toLowerCase()}`;

const moved = (points: readonly Point[], dx: number): readonly Point[] =>
  dx === 0 ? points : points.map(({ x, y }) => ({ x: x + dx, y }));

/** The corners of one end of a wall between trim. */
function endOf({ sides }: Surface, end: "left" | "right"): Point[] {
  const pieces = sides.filter(({ source }) => source === end);
  return pieces.flatMap(({ curve }, index) => (index === 0 ? [curve.a, curve.b] : [curve.b]));
}

function obstacle(kind: Obstacle["kind"], thing: string, points: readonly Point[]): Obstacle {
  const box = boxOfContour(polygonContour(points));
  const centre = { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 };
  const reach = lengthOf(box.maxX - box.minX, box.maxY - box.minY) / 2;
  return { kind, thing, points, box, centre, reach };
}

/**
 * What each line meets, just misses, or leaves a sliver beside. A sliver is the strip between an opening and
 * a line that runs along it (upright or level); a near miss may be at any angle.
 */
export function relateLines(lines: readonly Segment[], obstacles: readonly Obstacle[]): Relation[] {
  const relations: Relation[] = [];
  for (const line of lines) {
    const isSquare = line.a.x === line.b.x || line.a.y === line.b.y;
    for (const obstacle of obstacles) {
      if (isClear(line, obstacle)) continue;
      const { gap, at } = gapBetween(line, obstacle.points);
      if (gap <= placeTolerance) {
        relations.push({ kind: "meets", obstacle, line, gap: 0, at });
        continue;
      }
      // One place is one finding: what is nearly met is not called a strip as well.
      if (gap <= nearMissMm + placeTolerance) relations.push({ kind: "near-miss", obstacle, line, gap, at });
      else if (obstacle.kind === "casing" && isSquare && gap < sliverMm - placeTolerance) {
        relations.push({ kind: "sliver", obstacle, line, gap, at });
      }
    }
  }
  return relations;
}

/**
 * Each place once: of lines that come equally near to one thing, as the sides of a block do that meet there, the one that
 * runs along it.
 */
export function oneAPlace(relations: readonly Relation[]): Relation[] {
  const kept = new Map<string, Relation>();
  for (const relation of relations) {
    const { obstacle, kind, gap } = relation;
    const key = `${kind} ${obstacle.thing} ${obstacle.box.minX} ${obstacle.box.minY} ${gap.toFixed(2)}`;
    const before = kept.get(key);
    if (!before || middleOff(relation) < middleOff(before) - placeTolerance) kept.set(key, relation);
  }
  return [...kept.values()];
}

/** How far the middle of a line is from the thing that it comes near to. */
const middleOff = ({ line: { a, b }, obstacle }: Relation): number => {
  const middle = midpoint(a, b);
  return gapBetween({ kind: "segment", a: middle, b: middle }, obstacle.points).gap;
};

/** A quick way to leave out most pairs: the line stays outside a circle around the obstacle with room to spare. */
const isClear = ({ a, b }: Segment, { centre, reach }: Obstacle): boolean =>
  distanceToSegment(centre, a, b) > reach + sliverMm;

/** The least distance between a line and a closed polygon, and the place where it is. */
export function gapBetween(line: Segment, points: readonly Point[]): { gap: number; at: Point } {
  let gap = Infinity;
  let at = points[0]!;
  for (let index = 0; index < points.length && gap > 0; index++) {
    const point = points[index]!;
    const next = points[(index + 1) % points.length]!;
    const take = (distance: number, place: Point) => {
      if (distance >= gap - 1e-9) return;
      gap = distance;
      at = place;
    };
    if (crosses(line, point, next)) take(0, point);
    take(distanceToSegment(point, line.a, line.b), point);
    take(distanceToSegment(line.a, point, next), line.a);
    take(distanceToSegment(line.b, point, next), line.b);
  }
  return { gap, at };
}

function crosses({ a, b }: Segment, c: Point, d: Point): boolean {
  return sideOf(a, b, c) * sideOf(a, b, d) < 0 && sideOf(c, d, a) * sideOf(c, d, b) < 0;
}

/** Sign of the turn from p to q to r: 1 left, -1 right, 0 straight on. */
const sideOf = (p: Point, q: Point, r: Point): number =>
  Math.sign((q.x - p.x) * (r.y - p.y) - (q.y - p.y) * (r.x - p.x));
