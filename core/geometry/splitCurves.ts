import Flatbush from "flatbush";
import { boxOfCurve, curveLength, middleOf, partOfCurve, pointAt, splitWideArc, type Curve } from "./curve";
import { intersectCurves } from "./intersectCurves";
import { distance, type Point } from "./point";
import { Allowance, OverLimit } from "../trade/allowance";
import { VertexIndex } from "./vertexIndex";

/** A curve put into an arrangement, with the names of what it stands for ("ceiling", "line 3"). */
export interface SourcedCurve<Source> {
  readonly curve: Curve;
  readonly source: Source;
}

/** A piece between two vertices that no other curve crosses. */
export interface Piece<Source> {
  readonly from: number;
  readonly to: number;
  readonly curve: Curve;
  readonly sources: Source[];
}

/**
 * Cuts curves at every meeting into pieces that only touch at shared vertices. Places within the tolerance
 * become one vertex, which the earlier of the curves keeps where it lies: what is given first (a wall's outline) is not
 * bent by what comes later. Pieces that lie on each other become one piece with all their sources. Throws OverLimit
 * as soon as there are more pieces than a plan may hold.
 */
export function splitCurves<Source>(
  input: readonly SourcedCurve<Source>[],
  tolerance: number,
): { vertices: VertexIndex["points"]; pieces: Piece<Source>[] } {
  const items = input
    .flatMap(({ curve, source }) => splitWideArc(curve).map((part) => ({ curve: part, source })))
    .filter(({ curve }) => curveLength(curve) > tolerance);
  const vertices = new VertexIndex(tolerance);
  const allowance = new Allowance("pieces of line");
  allowance.take(items.length);
  const cuts = items.map((): Stop[] => []);
  let placed = 0;
  let pairs = 0;
  const placeEnds = (upTo: number) => {
    for (; placed <= upTo; placed++) {
      const { a, b } = items[placed]!.curve;
      cuts[placed]!.push({ t: 0, vertex: vertices.idAt(a) }, { t: 1, vertex: vertices.idAt(b) });
    }
  };
  for (const [i, j] of closePairs(
    items.map((item) => boxOfCurve(item.curve)),
    tolerance,
  )) {
    placeEnds(i);
    if (++pairs > mostPairs) throw new OverLimit("pieces of line");
    for (const { point, t, u } of intersectCurves(items[i]!.curve, items[j]!.curve, tolerance)) {
      allowance.take(2);
      const vertex = vertices.idAt(ontoCurve(items[i]!.curve, t, point));
      cuts[i]!.push({ t, vertex });
      cuts[j]!.push({ t: u, vertex });
    }
  }
  placeEnds(items.length - 1);
  const pieces = new PieceSet<Source>(vertices, tolerance);
  items.forEach(({ curve, source }, index) => {
    const stops = cuts[index]!.sort((a, b) => a.t - b.t);
    let last = stops[0]!;
    for (const stop of stops) {
      if (stop.vertex === last.vertex) continue;
      pieces.add(last, stop, curve, source);
      last = stop;
    }
  });
  return { vertices: vertices.points, pieces: pieces.all };
}

/** Curves whose boxes meet, two by two: some seconds of looking where they hardly ever do. */
const mostPairs = 3_000_000;

/** What only comes within the tolerance of a curve meets it on the curve, lest a long side be bent by a short one. */
function ontoCurve(curve: Curve, t: number, point: Point): Point {
  const on = pointAt(curve, t);
  return distance(on, point) > rounding ? on : point;
}

/** mm; nearer than this a computed crossing is on its curve. */
const rounding = 1e-7;

function* closePairs(boxes: ReturnType<typeof boxOfCurve>[], tolerance: number): Generator<[number, number]> {
  if (boxes.length < 2) return;
  const index = new Flatbush(boxes.length);
  for (const box of boxes) index.add(box.minX, box.minY, box.maxX, box.maxY);
  index.finish();
  for (const [i, box] of boxes.entries()) {
    const near = index.search(
      box.minX - tolerance,
      box.minY - tolerance,
      box.maxX + tolerance,
      box.maxY + tolerance,
      (j) => j > i,
    );
    // The order decides which computed point keeps a vertex, so it must not depend on the index's layout.
    for (const j of Uint32Array.from(near).sort()) yield [i, j];
  }
}

interface Stop {
  readonly t: number;
  readonly vertex: number;
}

/** Two vertices as one number. */
const mostVertices = 2 ** 26;

class PieceSet<Source> {
  readonly all: Piece<Source>[] = [];
  private readonly byEnds = new Map<number, Piece<Source>[]>();

  constructor(
    private readonly vertices: VertexIndex,
    private readonly tolerance: number,
  ) {}

  add(from: Stop, to: Stop, whole: Curve, source: Source): void {
    const { points } = this.vertices;
    const curve = partOfCurve(whole, from.t, to.t, points[from.vertex]!, points[to.vertex]!);
    const ends = Math.min(from.vertex, to.vertex) * mostVertices + Math.max(from.vertex, to.vertex);
    const twins = this.byEnds.get(ends);
    if (twins) {
      const middle = middleOf(curve);
      // Straight pieces between the same vertices are always the same piece; curved ones only if their middles meet.
      const twin = twins.find((other) => distance(middleOf(other.curve), middle) <= 2 * this.tolerance);
      if (twin) {
        if (!twin.sources.includes(source)) twin.sources.push(source);
        return;
      }
    }
    const piece = { from: from.vertex, to: to.vertex, curve, sources: [source] };
    this.all.push(piece);
    if (twins) twins.push(piece);
    else this.byEnds.set(ends, [piece]);
  }
}
