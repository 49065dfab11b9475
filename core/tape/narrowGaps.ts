import { curveLength, middleOf, segment, type Arc, type Curve } from "../geometry/curve";
import { groupBy } from "../geometry/groupBy";
import { cross, dot, midpoint, subtract } from "../geometry/point";
import { directionOf, lengthOf } from "../geometry/trig";
import { tapeWidthMm } from "../trade/constants";
import type { EdgePiece, PaintedUp } from "./tapePiece";

/** Two edges that run along each other over this share of their length are the two sides of one gap. */
const alongShare = 0.9;
const parallel = 1e-6;
const fullTurn = 2 * Math.PI;

interface Gap {
  readonly middle: readonly Curve[];
  readonly width: number;
}

/** An edge that may be a side of a gap: where its line stands across its direction, or how far from its centre. */
interface Side {
  readonly piece: EdgePiece;
  readonly curve: Curve;
  readonly off: number;
}

/**
 * Tape on a gap that is narrower than itself: slit to the gap, and one for both the painted edges that it parts, so that
 * none lies over the colour on the other side. Pieces that are not of such a gap stay as they are. `until` tells whether it
 * "stays" until the last colour beside it is on, or "comes off" with the coat that it is laid for.
 */
export function slitToGaps(pieces: readonly EdgePiece[], until: "stays" | "comes off"): EdgePiece[] {
  const gone = new Set<EdgePiece>();
  const made = new Map<EdgePiece, EdgePiece>();
  const isFree = (piece: EdgePiece) => !gone.has(piece) && !made.has(piece);
  for (const sides of alongEachOther(pieces).values()) {
    sides.sort((a, b) => a.off - b.off);
    sides.forEach((side, index) => {
      if (!isFree(side.piece)) return;
      for (let next = index + 1; next < sides.length; next++) {
        const other = sides[next]!;
        if (other.off - side.off >= tapeWidthMm) return;
        const gap = isFree(other.piece) ? gapBetweenSides(side, other) : null;
        if (!gap) continue;
        gone.add(other.piece);
        made.set(side.piece, slit(side.piece, other.piece, gap, until === "stays"));
        return;
      }
    });
  }
  return pieces.flatMap((piece) => (gone.has(piece) ? [] : [made.get(piece) ?? piece]));
}

/** Plain edges by the region that they lie on and the way that they run: parallel, or around one centre. */
function alongEachOther(pieces: readonly EdgePiece[]): Map<string, Side[]> {
  const sides = pieces.flatMap((piece) => {
    const { under, cuts, centred, byHand, corner } = piece;
    const isPlain = under !== null && cuts !== null && !centred && byHand === null && corner === null;
    const curve = isPlain ? wholeOf(piece.path) : null;
    return curve ? [{ piece, curve }] : [];
  });
  const keyed = sides.map(({ piece, curve }): Side & { readonly key: string } => {
    const rounded = (value: number, step: number) => Math.round(value / step);
    if (curve.kind === "arc") {
      const { centre, radius } = curve;
      const key = `${piece.under} o ${rounded(centre.x, 0.01)} ${rounded(centre.y, 0.01)}`;
      return { piece, curve, key, off: radius };
    }
    const { x, y } = subtract(curve.b, curve.a);
    const sign = x > parallel || (Math.abs(x) <= parallel && y > 0) ? 1 : -1;
    const [dx, dy] = [(sign * x) / lengthOf(x, y), (sign * y) / lengthOf(x, y)];
    const key = `${piece.under} | ${rounded(directionOf(dy, dx), 1e-4)}`;
    return { piece, curve, key, off: dx * curve.a.y - dy * curve.a.x };
  });
  return groupBy(keyed, ({ key }) => key);
}

/** A path that goes straight on, or on around one circle, as one curve; null for one that bends. */
function wholeOf(path: readonly Curve[]): Curve | null {
  const [first, last] = [path[0]!, path.at(-1)!];
  if (path.length === 1) return first;
  if (first.kind === "segment")
    return path.every(({ kind }) => kind === "segment") ? segment(first.a, last.b) : null;
  const arcs = path.filter((curve): curve is Arc => curve.kind === "arc");
  const isOne =
    arcs.length === path.length && arcs.every(({ radius }) => Math.abs(radius - first.radius) < parallel);
  return isOne ? { ...first, b: last.b, sweep: arcs.reduce((sum, { sweep }) => sum + sweep, 0) } : null;
}

function slit(piece: EdgePiece, other: EdgePiece, { middle, width }: Gap, stays: boolean): EdgePiece {
  const [a, b] = [middle[0]!.a, middle.at(-1)!.b];
  const isSame = (side: PaintedUp) =>
    piece.upTo.some(({ paint, group }) => paint === side.paint && group === side.group);
  return {
    ...piece,
    path: middle,
    length: middle.reduce((sum, curve) => sum + curveLength(curve), 0),
    width,
    centred: true,
    stays,
    isSlit: true,
    lies: Math.abs(b.x - a.x) >= Math.abs(b.y - a.y) ? "above" : "left",
    andCuts: other.cuts === piece.cuts ? null : other.cuts,
    beside: [...piece.beside, ...other.beside.filter((id) => !piece.beside.includes(id))],
    upTo: [...piece.upTo, ...other.upTo.filter((side) => !isSame(side))],
  };
}

/** The middle of the gap between two sides and its width, where that is narrower than the tape. */
function gapBetweenSides(first: Side, second: Side): Gap | null {
  const [a, b] = [first.curve, second.curve];
  const width = second.off - first.off;
  if (width <= parallel || width >= tapeWidthMm) return null;
  // What they lie on is between them; else it is a narrow strip of paint with a tape on either side.
  if (!liesTowards(first, 1) || !liesTowards(second, -1)) return null;
  if (a.kind === "arc" && b.kind === "arc") {
    const [least, most] = [a.sweep, b.sweep].map(Math.abs).sort((p, q) => p - q) as [number, number];
    const between = subtract(middleOf(a), middleOf(b));
    const isRing = least > fullTurn - parallel;
    const isBeside = isRing || lengthOf(between.x, between.y) < width + (1 - alongShare) * most * b.radius;
    if (least < alongShare * most || !isBeside) return null;
    return { width, middle: scaled(first.piece.path, (a.radius + width / 2) / a.radius) };
  }
  if (a.kind !== "segment" || b.kind !== "segment") return null;
  const [u, v] = [subtract(a.b, a.a), subtract(b.b, b.a)];
  const [own, other] = [lengthOf(u.x, u.y), lengthOf(v.x, v.y)];
  const isParallel = Math.abs(cross(u, v)) <= parallel * own * other;
  if (!isParallel || Math.min(own, other) < alongShare * Math.max(own, other)) return null;
  const [from, to] = dot(u, v) > 0 ? [b.a, b.b] : [b.b, b.a];
  // Side by side, not one after the other.
  const along = (at: typeof from) => dot(u, subtract(at, a.a)) / dot(u, u);
  if (along(to) < alongShare || along(from) > 1 - alongShare) return null;
  return { width, middle: [segment(midpoint(a.a, from), midpoint(a.b, to))] };
}

/** Whether the body of a side's tape is on the side to which places across its direction grow, or on the other. */
function liesTowards({ piece, curve }: Side, way: 1 | -1): boolean {
  const { lies } = piece;
  if (curve.kind === "arc") return lies === (way === 1 ? "outside" : "inside");
  const { x, y } = subtract(curve.b, curve.a);
  const sign = x > parallel || (Math.abs(x) <= parallel && y > 0) ? 1 : -1;
  const across = lies === "left" || lies === "right" ? -y : x;
  return Math.sign(sign * across) === (lies === "right" || lies === "above" ? way : -way);
}

/** Arcs around their centre, so many times as far from it. */
const scaled = (path: readonly Curve[], by: number): Curve[] =>
  path.map((curve) => {
    if (curve.kind !== "arc") return curve;
    const { centre, radius } = curve;
    const place = ({ x, y }: Arc["a"]) => ({
      x: centre.x + (x - centre.x) * by,
      y: centre.y + (y - centre.y) * by,
    });
    return { ...curve, a: place(curve.a), b: place(curve.b), radius: radius * by };
  });
