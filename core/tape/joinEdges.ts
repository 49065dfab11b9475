import { curveLength, reverseCurve, type Curve } from "../geometry/curve";
import { cross, dot, subtract, type Point } from "../geometry/point";
import { lengthOf } from "../geometry/trig";
import type { PatternEdge } from "../pattern/pattern";

/** A stretch that one piece of tape follows: the same regions on both sides all along, without a corner. */
export interface TapeLine {
  readonly path: readonly Curve[];
  readonly length: number;
  readonly left: number | null;
  readonly right: number | null;
  readonly sources: readonly string[];
}

/**
 * Joins pattern edges into stretches. Two edges join where nothing else meets, they go straight on (or along
 * the same circle), and they divide the same two regions.
 */
export function joinEdges(edges: readonly PatternEdge[]): TapeLine[] {
  const oriented = edges.map(orient);
  const leaving = new Map<number, number[]>();
  oriented.forEach((edge, index) => {
    for (const vertex of [edge.from, edge.to]) {
      const around = leaving.get(vertex);
      if (around) around.push(index);
      else leaving.set(vertex, [index]);
    }
  });
  const next = new Map<number, number>();
  const hasPrevious = new Set<number>();
  for (const around of leaving.values()) {
    if (around.length !== 2) continue;
    const [i, j] = around as [number, number];
    const [first, second] = [oriented[i]!, oriented[j]!];
    if (first.left !== second.left || first.right !== second.right) continue;
    const [before, after] = first.to === second.from ? [i, j] : [j, i];
    if (oriented[before]!.to !== oriented[after]!.from || !goesOn(oriented[before]!, oriented[after]!))
      continue;
    next.set(before, after);
    hasPrevious.add(after);
  }
  const done = new Set<number>();
  // Chains first, then whatever is left: closed rings, which may start anywhere.
  const starts = [...oriented.keys()].sort(
    (a, b) => Number(hasPrevious.has(a)) - Number(hasPrevious.has(b)) || a - b,
  );
  return starts.flatMap((start) => {
    if (done.has(start)) return [];
    const chain: PatternEdge[] = [];
    for (let at: number | undefined = start; at !== undefined && !done.has(at); at = next.get(at)) {
      done.add(at);
      chain.push(oriented[at]!);
    }
    const path = chain.map((edge) => edge.curve);
    const { left, right, sources } = chain[0]!;
    return [{ path, length: path.reduce((sum, curve) => sum + curveLength(curve), 0), left, right, sources }];
  });
}

/** Turns an edge so that the region with the smaller index (unpainted last) is on its left. */
function orient(edge: PatternEdge): PatternEdge {
  if (edge.left !== null && (edge.right === null || edge.left < edge.right)) return edge;
  return {
    ...edge,
    curve: reverseCurve(edge.curve),
    from: edge.to,
    to: edge.from,
    left: edge.right,
    right: edge.left,
  };
}

const straightness = 1e-6;

function goesOn(before: PatternEdge, after: PatternEdge): boolean {
  const [a, b] = [before.curve, after.curve];
  if (a.kind !== b.kind) return false;
  if (a.kind === "arc" && b.kind === "arc") {
    return Math.abs(a.radius - b.radius) < straightness && samePlace(a.centre, b.centre);
  }
  const [u, v] = [subtract(a.b, a.a), subtract(b.b, b.a)];
  return dot(u, v) > 0 && Math.abs(cross(u, v)) < straightness * lengthOf(u.x, u.y) * lengthOf(v.x, v.y);
}

const samePlace = (a: Point, b: Point) => lengthOf(a.x - b.x, a.y - b.y) < straightness;
