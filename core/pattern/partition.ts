import { arrange } from "../geometry/arrange";
import type { Face } from "../geometry/arrange";
import { interiorPoint } from "../geometry/interiorPoint";
import type { Point } from "../geometry/point";
import type { SourcedCurve } from "../geometry/splitCurves";
import { isOnSurface, placeTolerance, type Surface } from "../wall/surface";
import type { Pattern, PatternEdge, Region } from "./pattern";

/** What a piece of the surface is to become. */
export interface Piece {
  readonly key: string;
  readonly name: string;
  readonly colour: string;
}

/**
 * Cuts a surface along dividing lines into its connected pieces. `pieceAt` says what a piece is from a point
 * well inside it. Ids are `prefix/key`, with a letter where lines or openings leave several pieces of one key,
 * lettered from the lower left.
 */
export function partitionSurface(
  surface: Surface,
  dividers: readonly SourcedCurve<string>[],
  prefix: string,
  pieceAt: (point: Point) => Piece,
): Pick<Pattern, "regions" | "edges"> {
  const { faces, edges } = arrange<string>([...surface.curves, ...dividers], placeTolerance);
  const painted = faces.map((face) => ({ face, at: interiorPoint(face) }));
  const regionOf = new Map<number, number>();
  const found: { face: Face; at: Point; piece: Piece }[] = [];
  painted.forEach(({ face, at }, index) => {
    if (!isOnSurface(surface, at)) return;
    regionOf.set(index, found.length);
    found.push({ face, at, piece: pieceAt(at) });
  });
  const side = (face: number | null) => (face === null ? null : (regionOf.get(face) ?? null));
  return {
    regions: nameRegions(found, prefix),
    edges: edges
      .map((edge): PatternEdge => ({ ...edge, left: side(edge.left), right: side(edge.right) }))
      .filter((edge) => edge.left !== edge.right),
  };
}

function nameRegions(found: readonly { face: Face; at: Point; piece: Piece }[], prefix: string): Region[] {
  const ids = new Map<number, string>();
  for (const [key, indices] of groupIndices(found.map(({ piece }) => piece.key))) {
    const sorted = indices.sort((i, j) => found[i]!.at.y - found[j]!.at.y || found[i]!.at.x - found[j]!.at.x);
    sorted.forEach((index, order) =>
      ids.set(index, `${prefix}/${key}${sorted.length > 1 ? letter(order) : ""}`),
    );
  }
  return found.map(({ face, at, piece }, index) => ({
    id: ids.get(index)!,
    colour: piece.colour,
    name: piece.name,
    face,
    at,
  }));
}

function groupIndices(keys: readonly string[]): Map<string, number[]> {
  const groups = new Map<string, number[]>();
  keys.forEach((key, index) => {
    const group = groups.get(key);
    if (group) group.push(index);
    else groups.set(key, [index]);
  });
  return groups;
}

/** a to z, then aa, ab ... */
function letter(index: number): string {
  const rest = Math.floor(index / 26);
  return (rest > 0 ? letter(rest - 1) : "") + String.fromCharCode(97 + (index % 26));
}
