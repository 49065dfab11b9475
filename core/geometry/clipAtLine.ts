import { partOfCurve, segment, type Contour, type Curve, type Segment } from "./curve";
import { intersectCurves } from "./intersectCurves";
import { cross, distance, subtract, type Point } from "./point";

/** A place where an outline goes over the line: how far along the line, and whether it comes over to the left there. */
interface Crossing {
  readonly at: Point;
  readonly along: number;
  readonly isEntry: boolean;
}

/** What of an outline lies left of the line, from the crossing where it comes over to that where it leaves. */
interface Chain {
  readonly curves: readonly Curve[];
  readonly from: Crossing;
  readonly to: Crossing;
}

/**
 * What of a face, its outlines simple, the outer one counter-clockwise and holes clockwise, lies left of a line that goes
 * all the way across it: what is left of the outlines, joined along the line. Crossings in their order along the line enclose
 * the face between the first and the second, the third and the fourth, and so on. Null where that does not tell: an end or
 * a touch lies nearer to the line than `clear` (mm), or two crossings to each other; an arrangement does then.
 */
export function clipAtLine(outlines: readonly Contour[], line: Segment, clear: number): Contour[] | null {
  const whole: Contour[] = [];
  const chains: Chain[] = [];
  for (const outline of outlines) {
    const own = chainsOf(outline, line, clear);
    if (own === null) return null;
    if (own === "left") whole.push(outline);
    else if (own !== "right") chains.push(...own);
  }
  const joined = joinAlong(chains, clear);
  return joined && [...whole, ...joined];
}

function chainsOf(outline: Contour, line: Segment, clear: number): Chain[] | "left" | "right" | null {
  const pieces = piecesOf(outline, line, clear);
  if (pieces === null) return null;
  const first = pieces.findIndex(({ begins }) => begins?.isEntry);
  if (first === -1) return pieces[0]!.isLeft ? "left" : "right";
  const chains: Chain[] = [];
  let open: { from: Crossing; curves: Curve[] } | null = null;
  // Before the first entry it is right of the line, so that the last chain ends before that.
  for (const { curve, isLeft, begins } of [...pieces.slice(first), ...pieces.slice(0, first)]) {
    if (begins?.isEntry) open = { from: begins, curves: [] };
    else if (begins && open) chains.push({ ...open, to: begins });
    if (isLeft) open!.curves.push(curve);
  }
  return chains;
}

interface Piece {
  readonly curve: Curve;
  readonly isLeft: boolean;
  /** Where the outline goes over the line at its beginning. */
  readonly begins: Crossing | null;
}

function piecesOf(outline: Contour, line: Segment, clear: number): Piece[] | null {
  const along = subtract(line.b, line.a);
  const length = distance(line.a, line.b);
  const offOf = (point: Point) => cross(along, subtract(point, line.a)) / length;
  const pieces: Piece[] = [];
  for (const curve of outline) {
    const [from, to] = [offOf(curve.a), offOf(curve.b)];
    if (Math.abs(from) < clear || Math.abs(to) < clear) return null;
    const meetings = intersectCurves(curve, line, clear / 4).sort((one, other) => one.t - other.t);
    // Over and over back, or not at all; else it touches.
    if (meetings.length > 2 || meetings.length % 2 !== (from > 0 === to > 0 ? 0 : 1)) return null;
    if (meetings.length === 2 && distance(meetings[0]!.point, meetings[1]!.point) < clear) return null;
    let [t, at, isLeft, begins] = [0, curve.a, from > 0, null as Crossing | null];
    for (const meeting of meetings) {
      pieces.push({ curve: partOfCurve(curve, t, meeting.t, at, meeting.point), isLeft, begins });
      [t, at, isLeft] = [meeting.t, meeting.point, !isLeft];
      begins = { at, along: meeting.u * length, isEntry: isLeft };
    }
    pieces.push({ curve: partOfCurve(curve, t, 1, at, curve.b), isLeft, begins });
  }
  return pieces;
}

/** Goes from the end of each chain along the line to the crossing that its place belongs to, and on from there. */
function joinAlong(chains: readonly Chain[], clear: number): Contour[] | null {
  const crossings = chains.flatMap(({ from, to }) => [from, to]).sort((a, b) => a.along - b.along);
  const partner = new Map<Crossing, Crossing>();
  for (let index = 0; index + 1 < crossings.length; index += 2) {
    const [one, other] = [crossings[index]!, crossings[index + 1]!];
    const next = crossings[index + 2];
    if (other.along - one.along < clear || (next && next.along - other.along < clear)) return null;
    if (one.isEntry === other.isEntry) return null;
    partner.set(one, other).set(other, one);
  }
  const startingAt = new Map(chains.map((chain) => [chain.from, chain]));
  const left = new Set(chains);
  const contours: Contour[] = [];
  for (const start of chains) {
    if (!left.has(start)) continue;
    const contour: Curve[] = [];
    for (let chain = start; left.delete(chain); chain = startingAt.get(partner.get(chain.to)!)!)
      contour.push(...chain.curves, segment(chain.to.at, partner.get(chain.to)!.at));
    contours.push(contour);
  }
  return contours;
}
