import Flatbush from "flatbush";
import { boxOfContour, reverseCurve, type Box, type Contour, type Curve } from "./curve";
import { isInsideContour, signedArea } from "./contour";
import { pointAtChord } from "./intersectCurves";
import { distance, type Point } from "./point";
import { splitCurves, type Piece, type SourcedCurve } from "./splitCurves";

export interface Face {
  /** Counter-clockwise. */
  readonly outer: Contour;
  /** Clockwise. */
  readonly holes: Contour[];
  /** mm2, holes taken off. */
  readonly area: number;
}

export interface Edge<Source> {
  readonly curve: Curve;
  readonly from: number;
  readonly to: number;
  readonly sources: readonly Source[];
  /** Index of the face on each side as one walks along the curve; null for the unbounded one. */
  readonly left: number | null;
  readonly right: number | null;
}

export interface Arrangement<Source> {
  readonly vertices: readonly Point[];
  readonly edges: readonly Edge<Source>[];
  readonly faces: readonly Face[];
  /** Pieces with a free end, or that join nothing: they divide no face. */
  readonly loose: readonly Piece<Source>[];
}

/**
 * The planar arrangement of segments and circular arcs: the faces into which they cut the plane, and for
 * every piece of curve the faces on its two sides. Lengths in mm; places within `tolerance` are one.
 *
 * Method: cut all curves at their meetings (candidates from a box index), drop pieces with free ends, sort
 * the half-edges around each vertex by angle, and walk each face keeping it on the left. A walk that encloses
 * positive area bounds a face; one with negative area is the outside of a connected component and becomes a
 * hole of the smallest face around it. Cost is near n log n for drawings whose curves are not all long.
 */
export function arrange<Source>(
  curves: readonly SourcedCurve<Source>[],
  tolerance: number,
): Arrangement<Source> {
  const { vertices, pieces } = splitCurves(curves, tolerance);
  const { kept, loose } = dropLoosePieces(pieces, vertices.length);
  const next = linkHalfEdges(kept, vertices);
  const { loopOf, loops } = walkLoops(kept, next);
  const { faces, faceOfLoop } = buildFaces(loops, componentsOf(kept, vertices.length));
  const edges = kept.map((piece, index) => ({
    ...piece,
    left: faceOfLoop[loopOf[2 * index]!]!,
    right: faceOfLoop[loopOf[2 * index + 1]!]!,
  }));
  return { vertices, edges, faces, loose };
}

function dropLoosePieces<Source>(pieces: Piece<Source>[], vertexCount: number) {
  const at: Set<number>[] = Array.from({ length: vertexCount }, () => new Set());
  pieces.forEach((piece, index) => {
    at[piece.from]!.add(index);
    at[piece.to]!.add(index);
  });
  const looseIndices = new Set<number>();
  const queue = at.flatMap((around, vertex) => (around.size === 1 ? [vertex] : []));
  for (let vertex = queue.pop(); vertex !== undefined; vertex = queue.pop()) {
    const [index] = at[vertex]!;
    if (index === undefined || at[vertex]!.size !== 1) continue;
    looseIndices.add(index);
    const { from, to } = pieces[index]!;
    for (const end of [from, to]) {
      at[end]!.delete(index);
      if (at[end]!.size === 1) queue.push(end);
    }
  }
  return {
    kept: pieces.filter((_, index) => !looseIndices.has(index)),
    loose: pieces.filter((_, index) => looseIndices.has(index)),
  };
}

/** Half-edge 2i runs along piece i, 2i + 1 against it. */
const twinOf = (halfEdge: number) => halfEdge ^ 1;

const curveOf = <Source>(pieces: readonly Piece<Source>[], halfEdge: number): Curve => {
  const { curve } = pieces[halfEdge >> 1]!;
  return halfEdge % 2 === 0 ? curve : reverseCurve(curve);
};

/** For each half-edge, the one that follows it around the face on its left. */
function linkHalfEdges<Source>(pieces: readonly Piece<Source>[], vertices: readonly Point[]): Int32Array {
  const leaving: number[][] = vertices.map(() => []);
  pieces.forEach((piece, index) => {
    leaving[piece.from]!.push(2 * index);
    leaving[piece.to]!.push(2 * index + 1);
  });
  const next = new Int32Array(2 * pieces.length);
  leaving.forEach((around, vertex) => {
    if (around.length === 0) return;
    const curves = around.map((halfEdge) => curveOf(pieces, halfEdge));
    // Directions are taken where each curve leaves one small circle: a tangent line and arc differ there.
    const reach = Math.min(...curves.map((curve) => distance(curve.a, curve.b))) / 2;
    const sorted = around
      .map((halfEdge, index) => ({
        halfEdge,
        angle: pseudoAngle(vertices[vertex]!, pointAtChord(curves[index]!, reach)),
      }))
      .sort((a, b) => a.angle - b.angle);
    sorted.forEach(({ halfEdge }, index) => {
      const clockwise = sorted[(index + sorted.length - 1) % sorted.length]!;
      next[twinOf(halfEdge)] = clockwise.halfEdge;
    });
  });
  return next;
}

/** A number that grows with the angle of a direction, from divisions alone, so equal on every engine. */
function pseudoAngle(from: Point, to: Point): number {
  const x = to.x - from.x;
  const y = to.y - from.y;
  const share = x / (Math.abs(x) + Math.abs(y));
  return y < 0 ? 3 + share : 1 - share;
}

interface Loop {
  readonly contour: Contour;
  readonly area: number;
  readonly box: Box;
  readonly vertex: number;
}

function walkLoops<Source>(pieces: readonly Piece<Source>[], next: Int32Array) {
  const loopOf = new Int32Array(2 * pieces.length).fill(-1);
  const loops: Loop[] = [];
  for (let start = 0; start < loopOf.length; start++) {
    if (loopOf[start] !== -1) continue;
    const contour: Curve[] = [];
    for (let at = start; loopOf[at] === -1; at = next[at]!) {
      loopOf[at] = loops.length;
      contour.push(curveOf(pieces, at));
    }
    const piece = pieces[start >> 1]!;
    loops.push({ contour, area: signedArea(contour), box: boxOfContour(contour), vertex: piece.from });
  }
  return { loopOf, loops };
}

/** A number for each vertex that is shared by all vertices joined to it. */
function componentsOf<Source>(pieces: readonly Piece<Source>[], vertexCount: number): Int32Array {
  const parent = Int32Array.from({ length: vertexCount }, (_, index) => index);
  const root = (vertex: number): number => {
    let at = vertex;
    while (parent[at] !== at) {
      parent[at] = parent[parent[at]!]!;
      at = parent[at]!;
    }
    return at;
  };
  for (const { from, to } of pieces) parent[root(from)] = root(to);
  return parent.map((_, vertex) => root(vertex));
}

function buildFaces(loops: readonly Loop[], component: Int32Array) {
  const faceOfLoop: (number | null)[] = loops.map(() => null);
  const outers = loops.map((_, index) => index).filter((index) => loops[index]!.area > 0);
  outers.forEach((loop, face) => (faceOfLoop[loop] = face));
  const holes: Contour[][] = outers.map(() => []);
  const areas = outers.map((loop) => loops[loop]!.area);
  const outersAround = indexOuters(loops, outers);
  loops.forEach((loop, index) => {
    if (loop.area > 0) return;
    const around = smallestAround(loop, loops, outersAround(loop), component);
    if (around === null) return;
    const face = faceOfLoop[around]!;
    faceOfLoop[index] = face;
    holes[face]!.push(loop.contour);
    areas[face]! += loop.area;
  });
  const faces = outers.map((loop, face) => ({
    outer: loops[loop]!.contour,
    holes: holes[face]!,
    area: areas[face]!,
  }));
  return { faces, faceOfLoop };
}

/** The loops whose boxes a hole begins in. */
function indexOuters(loops: readonly Loop[], outers: readonly number[]): (hole: Loop) => number[] {
  if (outers.length === 0) return () => [];
  const index = new Flatbush(outers.length);
  for (const outer of outers) {
    const { minX, minY, maxX, maxY } = loops[outer]!.box;
    index.add(minX, minY, maxX, maxY);
  }
  index.finish();
  return ({ contour: [first] }) => {
    const { x, y } = first!.a;
    const around = index.search(x, y, x, y).sort((a, b) => a - b);
    return around.map((place) => outers[place]!);
  };
}

function smallestAround(
  hole: Loop,
  loops: readonly Loop[],
  outers: readonly number[],
  component: Int32Array,
) {
  let best: number | null = null;
  const point = hole.contour[0]!.a;
  for (const index of outers) {
    const loop = loops[index]!;
    if (component[loop.vertex] === component[hole.vertex]) continue;
    if (best !== null && loop.area >= loops[best]!.area) continue;
    if (isInsideContour(point, loop.contour)) best = index;
  }
  return best;
}
