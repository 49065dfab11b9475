import { curveLength, segment, type Curve } from "../geometry/curve";
import { groupBy } from "../geometry/groupBy";
import { cross, dot, midpoint, subtract } from "../geometry/point";
import { lengthOf } from "../geometry/trig";
import type { EdgePiece } from "./planTape";

/** Two edges that run along each other over this share of their length are the two sides of one gap. */
const alongShare = 0.9;
const parallel = 1e-6;

/**
 * Tape on a gap that is narrower than itself: slit to the gap, and where it parts two painted edges one tape for both, so
 * that none lies over the colour on the other side. Pieces that are not of such a gap stay as they are.
 */
export function slitToGaps(pieces: readonly EdgePiece[]): EdgePiece[] {
  const byRegion = groupBy(
    pieces.filter((piece) => isPlain(piece)),
    ({ under }) => under!,
  );
  const gone = new Set<EdgePiece>();
  const made = new Map<EdgePiece, EdgePiece>();
  for (const own of byRegion.values()) {
    own.forEach((piece, index) => {
      if (gone.has(piece) || made.has(piece)) return;
      const other = own
        .slice(index + 1)
        .find((next) => !gone.has(next) && !made.has(next) && gapOf(piece, next) !== null);
      if (!other) return;
      const { middle, width } = gapOf(piece, other)!;
      gone.add(other);
      made.set(piece, {
        ...piece,
        path: [middle],
        length: curveLength(middle),
        width,
        centred: true,
        lies: Math.abs(middle.b.x - middle.a.x) >= Math.abs(middle.b.y - middle.a.y) ? "above" : "left",
        andCuts: other.cuts === piece.cuts ? null : other.cuts,
        upTo: [...piece.upTo, ...other.upTo.filter((side) => !piece.upTo.some((own) => isSame(own, side)))],
      });
    });
  }
  return pieces.flatMap((piece) => (gone.has(piece) ? [] : [made.get(piece) ?? piece]));
}

const isSame = (a: EdgePiece["upTo"][number], b: EdgePiece["upTo"][number]): boolean =>
  a.paint === b.paint && a.group === b.group;

const isPlain = ({ under, cuts, centred, byHand, corner, path }: EdgePiece): boolean =>
  under !== null && cuts !== null && !centred && byHand === null && corner === null && path.length === 1;

/** The middle of the gap between two edges and its width, where that is narrower than the tape. */
function gapOf(first: EdgePiece, second: EdgePiece): { middle: Curve; width: number } | null {
  const [a, b] = [first.path[0]!, second.path[0]!];
  if (Math.min(first.length, second.length) < alongShare * Math.max(first.length, second.length)) return null;
  if (a.kind === "arc" && b.kind === "arc") {
    const width = Math.abs(a.radius - b.radius);
    const isOneCentre = lengthOf(a.centre.x - b.centre.x, a.centre.y - b.centre.y) < parallel;
    if (!isOneCentre || width <= 0 || width >= first.width) return null;
    const scale = (a.radius + b.radius) / 2 / a.radius;
    const place = (at: typeof a.a) => ({
      x: a.centre.x + (at.x - a.centre.x) * scale,
      y: a.centre.y + (at.y - a.centre.y) * scale,
    });
    return { width, middle: { ...a, a: place(a.a), b: place(a.b), radius: a.radius * scale } };
  }
  if (a.kind !== "segment" || b.kind !== "segment") return null;
  const [u, v] = [subtract(a.b, a.a), subtract(b.b, b.a)];
  if (Math.abs(cross(u, v)) > parallel * lengthOf(u.x, u.y) * lengthOf(v.x, v.y)) return null;
  const width = Math.abs(cross(u, subtract(b.a, a.a))) / lengthOf(u.x, u.y);
  if (width <= parallel || width >= first.width) return null;
  const [from, to] = dot(u, v) > 0 ? [b.a, b.b] : [b.b, b.a];
  // Side by side, not one after the other.
  const along = (at: typeof from) => dot(u, subtract(at, a.a)) / dot(u, u);
  if (along(to) < alongShare || along(from) > 1 - alongShare) return null;
  return { width, middle: segment(midpoint(a.a, from), midpoint(a.b, to)) };
}
