import { boxOfContour, boxOfCurve, type Box, type Segment } from "../geometry/curve";
import { polygonContour } from "../geometry/contour";
import { flattenContour } from "../geometry/flatten";
import { cross, distance, dot, subtract, type Point } from "../geometry/point";
import { nearMissMm, sliverMm } from "../trade/constants";
import { openingContour } from "./openingContour";
import { nameOf, placeTolerance, type Surface } from "./surface";

/** How a line stands to a thing on the wall that it comes close to. */
export interface Relation {
  readonly kind: "meets" | "near-miss" | "sliver";
  readonly obstacle: Obstacle;
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
}

/** The plates, casings and corners of a wall. */
export function obstaclesOf({ wall, outline }: Surface): Obstacle[] {
  const [, right, , left] = outline;
  const plates = wall.fixtures.filter((fixture) => fixture.kind === "plate");
  return [
    ...plates.map((plate) => {
      const { x, y, width, height } = plate;
      const across = { x: x + width, y };
      const points = [{ x, y }, across, { x: x + width, y: y + height }, { x, y: y + height }];
      return obstacle("plate", nameOf(plate), points);
    }),
    ...wall.openings.map((opening) => {
      const thing = opening.casing > 0 ? `the casing of ${nameOf(opening)}` : nameOf(opening);
      return obstacle("casing", thing, flattenContour(openingContour(opening, opening.casing)));
    }),
    obstacle("corner", "the left corner", [left!.a, left!.b]),
    obstacle("corner", "the right corner", [right!.a, right!.b]),
  ];
}

function obstacle(kind: Obstacle["kind"], thing: string, points: readonly Point[]): Obstacle {
  return { kind, thing, points, box: boxOfContour(polygonContour(points)) };
}

/**
 * What each line meets, just misses, or leaves a sliver beside. A sliver is the strip between an opening and
 * a line that runs along it (upright or level); a near miss may be at any angle. One line may be both.
 */
export function relateLines(lines: readonly Segment[], obstacles: readonly Obstacle[]): Relation[] {
  return lines.flatMap((line) => {
    const box = boxOfCurve(line);
    const square = line.a.x === line.b.x || line.a.y === line.b.y;
    return obstacles.flatMap((obstacle): Relation[] => {
      if (isFarther(box, obstacle.box, sliverMm)) return [];
      const { gap, at } = gapBetween(line, obstacle.points);
      if (gap <= placeTolerance) return [{ kind: "meets", obstacle, gap: 0, at }];
      const relations: Relation[] = [];
      if (gap <= nearMissMm + placeTolerance) relations.push({ kind: "near-miss", obstacle, gap, at });
      if (obstacle.kind === "casing" && square && gap < sliverMm - placeTolerance) {
        relations.push({ kind: "sliver", obstacle, gap, at });
      }
      return relations;
    });
  });
}

function isFarther(a: Box, b: Box, limit: number): boolean {
  return (
    a.minX - b.maxX > limit || b.minX - a.maxX > limit || a.minY - b.maxY > limit || b.minY - a.maxY > limit
  );
}

/** The least distance between a line and a closed polygon, and the place on the polygon where it is. */
function gapBetween(line: Segment, points: readonly Point[]): { gap: number; at: Point } {
  let best = { gap: Infinity, at: points[0]! };
  const offer = (gap: number, at: Point) => {
    if (gap < best.gap - 1e-9) best = { gap, at };
  };
  points.forEach((point, index) => {
    const next = points[(index + 1) % points.length]!;
    if (crosses(line, point, next)) offer(0, point);
    offer(distanceToSegment(point, line.a, line.b), point);
    offer(distanceToSegment(line.a, point, next), line.a);
    offer(distanceToSegment(line.b, point, next), line.b);
  });
  return best;
}

function crosses({ a, b }: Segment, c: Point, d: Point): boolean {
  const side = (p: Point, q: Point, r: Point) => Math.sign(cross(subtract(q, p), subtract(r, p)));
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}

function distanceToSegment(point: Point, a: Point, b: Point): number {
  const along = subtract(b, a);
  const lengthSquared = dot(along, along);
  if (lengthSquared === 0) return distance(point, a);
  const share = Math.min(1, Math.max(0, dot(subtract(point, a), along) / lengthSquared));
  return distance(point, { x: a.x + along.x * share, y: a.y + along.y * share });
}
