import type { Finding } from "../findings/finding";
import { boxOfContour, boxOfCurve, segment, type Box, type Curve, type Segment } from "../geometry/curve";
import { cross, dot, subtract, type Point } from "../geometry/point";
import { flattenPath } from "../geometry/flatten";
import type { Pattern } from "../pattern/pattern";
import { nearMissMm, sliverMm } from "../trade/constants";
import { gapBetween, obstaclesOnWall, thingAt, type Obstacle } from "../wall/clearance";
import { placeTolerance } from "../wall/outline";
import type { Surface } from "../wall/surface";

/** What an edge may pass too closely: a plate or casing, or a side of the wall that it runs along. */
interface Neighbour {
  readonly box: Box;
  /** The closed outline of a thing; of a side its pieces, each of two points. */
  readonly outlines: readonly (readonly Point[])[];
  readonly isSide: boolean;
  readonly nameAt: (at: Point) => string;
  readonly leavesSlivers: boolean;
}

interface Close {
  readonly gap: number;
  readonly at: Point;
}

/** Two sides that run together within this slope are looked along; tan of 10 degrees. */
const alongSlope = 0.176;

/**
 * Painted edges of any finish that pass a plate, a casing or a side of the wall closely without touching it, and strips too
 * narrow beside an opening or a side. `known` is what the finishes have told already: one place is one finding.
 */
export function checkEdges(pattern: Pattern, surface: Surface, known: readonly Finding[]): Finding[] {
  const neighbours = neighboursOf(surface, known);
  const closest = neighbours.map((neighbour) => closestEdges(pattern, neighbour));
  return neighbours.flatMap((neighbour, index) => {
    const told: Close[] = [];
    return closest[index]!.flatMap((close): Finding[] => {
      if (told.some(({ gap }) => Math.abs(gap - close.gap) < 0.01)) return [];
      told.push(close);
      const finding = findingOf(neighbour, close);
      return finding && !known.some((other) => isSame(other, finding)) ? [finding] : [];
    });
  });
}

function findingOf({ nameAt, leavesSlivers }: Neighbour, { gap, at }: Close): Finding | null {
  const thing = nameAt(at);
  if (gap <= nearMissMm + placeTolerance)
    return { code: "near-miss", severity: "check", at, values: { gap, thing } };
  return leavesSlivers ? { code: "sliver", severity: "check", at, values: { width: gap, thing } } : null;
}

const isSame = (a: Finding, b: Finding): boolean => {
  const gapOf = ({ values }: Finding) => {
    const { gap, width } = values as { gap?: number; width?: number };
    return gap ?? width ?? NaN;
  };
  const thingOf = ({ values }: Finding) => (values as { thing?: string }).thing;
  return (
    (a.code === "near-miss" || a.code === "sliver") &&
    thingOf(a) === thingOf(b) &&
    Math.abs(gapOf(a) - gapOf(b)) < 0.5
  );
};

function neighboursOf(surface: Surface, known: readonly Finding[]): Neighbour[] {
  const { wall, sides } = surface;
  const names = {
    top: wall.cornice > 0 ? "the cornice" : "the ceiling",
    bottom: wall.skirting > 0 ? "the skirting" : "the floor",
    left: "the left corner",
    right: "the right corner",
  };
  // Ends under half of a stripe have been told as such.
  const hasPartEnds = known.some(({ code }) => code === "end-under-half");
  const along = (["top", "bottom", "left", "right"] as const).flatMap((side): Neighbour[] => {
    const outlines = sides.flatMap(({ source, curve }) => (source === side ? [[curve.a, curve.b]] : []));
    if (outlines.length === 0) return [];
    const box = boxOfContour(outlines.map(([a, b]) => segment(a!, b!)));
    return [{ box, outlines, isSide: true, nameAt: () => names[side], leavesSlivers: !hasPartEnds }];
  });
  const things = obstaclesOnWall(surface).map((obstacle: Obstacle): Neighbour => ({
    box: obstacle.box,
    isSide: false,
    outlines: [obstacle.points],
    nameAt: (at) => thingAt(obstacle, at),
    leavesSlivers: obstacle.kind === "casing",
  }));
  return [...along, ...things];
}

/** How near each line of the pattern comes to a neighbour, where it comes near without meeting it. */
function closestEdges({ edges, regions }: Pattern, neighbour: Neighbour): Close[] {
  const nearest = new Map<string, Close>();
  for (const { left, right, curve, sources } of edges) {
    if (left === null || right === null || regions[left]!.colour === regions[right]!.colour) continue;
    const box = boxOfCurve(curve);
    if (!isNear(box, neighbour.box)) continue;
    const line = sources[0] ?? "";
    for (const piece of segmentsOf(curve)) {
      const found = gapOf(piece, neighbour);
      const before = nearest.get(line);
      if (found && (!before || found.gap < before.gap)) nearest.set(line, found);
    }
  }
  return [...nearest.values()].filter(({ gap }) => gap > placeTolerance && gap < sliverMm - placeTolerance);
}

const isNear = (a: Box, b: Box): boolean =>
  a.minX < b.maxX + sliverMm &&
  a.maxX > b.minX - sliverMm &&
  a.minY < b.maxY + sliverMm &&
  a.maxY > b.minY - sliverMm;

function segmentsOf(curve: Curve): Segment[] {
  if (curve.kind === "segment") return [curve];
  const points = flattenPath([curve]);
  return points.slice(1).map((b, index) => segment(points[index]!, b));
}

function gapOf(piece: Segment, { isSide, outlines, leavesSlivers }: Neighbour): Close | null {
  let closest: Close | null = null;
  for (const points of outlines) {
    // Of a side only what is run along counts: lines end on it everywhere.
    if (isSide && !runsAlong(piece, points[0]!, points[1]!)) continue;
    const found = gapBetween(piece, points);
    if (!closest || found.gap < closest.gap) closest = found;
  }
  if (isSide || !closest) return closest;
  // Beside an opening only a strip that runs along it is one; what else comes near is a near miss at most.
  const isSquare = piece.a.x === piece.b.x || piece.a.y === piece.b.y;
  return closest.gap > nearMissMm + placeTolerance && !(leavesSlivers && isSquare) ? null : closest;
}

function runsAlong(piece: Segment, a: Point, b: Point): boolean {
  const [u, v] = [subtract(piece.b, piece.a), subtract(b, a)];
  return Math.abs(cross(u, v)) < alongSlope * Math.abs(dot(u, v));
}
