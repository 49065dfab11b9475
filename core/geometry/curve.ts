import { cross, distance, dot, midpoint, rotateAbout, subtract, type Point } from "./point";
import { directionOf } from "./trig";

export interface Segment {
  readonly kind: "segment";
  readonly a: Point;
  readonly b: Point;
}

/**
 * A circular arc from a to b. `sweep` is the signed angle in radians, positive counter-clockwise. It is kept
 * rather than derived, so that a nearly closed or nearly empty arc can never be taken for the other.
 */
export interface Arc {
  readonly kind: "arc";
  readonly a: Point;
  readonly b: Point;
  readonly centre: Point;
  readonly radius: number;
  readonly sweep: number;
}

export type Curve = Segment | Arc;

/** A closed chain: each curve starts where the one before it ends. */
export type Contour = readonly Curve[];

export interface Box {
  readonly minX: number;
  readonly minY: number;
  readonly maxX: number;
  readonly maxY: number;
}

export const segment = (a: Point, b: Point): Segment => ({ kind: "segment", a, b });

/** An arc by its centre and angles in radians; `to` under `from` runs clockwise. */
export function arcByAngles(centre: Point, radius: number, from: number, to: number): Arc {
  const east = { x: centre.x + radius, y: centre.y };
  return {
    kind: "arc",
    a: rotateAbout(east, centre, from),
    b: rotateAbout(east, centre, to),
    centre,
    radius,
    sweep: to - from,
  };
}

export function reverseCurve(curve: Curve): Curve {
  return curve.kind === "segment"
    ? segment(curve.b, curve.a)
    : { ...curve, a: curve.b, b: curve.a, sweep: -curve.sweep };
}

export const reverseContour = (contour: Contour): Contour => contour.map(reverseCurve).reverse();

/** The curve moved by (dx, dy); the same curve where it does not move. */
export function moveCurve<Kind extends Curve>(curve: Kind, dx: number, dy: number): Kind {
  if (dx === 0 && dy === 0) return curve;
  const move = ({ x, y }: Point): Point => ({ x: x + dx, y: y + dy });
  const ends = { a: move(curve.a), b: move(curve.b) };
  return curve.kind === "arc" ? { ...curve, ...ends, centre: move(curve.centre) } : { ...curve, ...ends };
}

/** mm; an end that is nearer than this to its circle lies on it. */
const onCircle = 1e-7;

/**
 * The arc itself where its ends have been moved to vertices a little off its circle: the ends as they lie on the circle, and
 * the sweep between them. What it is between its ends stays on the circle, and is not bent with them.
 */
export function onItsCircle(arc: Arc): Pick<Arc, "a" | "b" | "sweep"> {
  const { a, b, centre, radius, sweep } = arc;
  const [fromCentre, toCentre] = [distance(a, centre), distance(b, centre)];
  const isOn = (length: number) => Math.abs(length - radius) <= onCircle || length === 0;
  if (isOn(fromCentre) && isOn(toCentre)) return arc;
  const put = (end: Point, length: number): Point => ({
    x: centre.x + ((end.x - centre.x) / length) * radius,
    y: centre.y + ((end.y - centre.y) / length) * radius,
  });
  const [from, to] = [put(a, fromCentre), put(b, toCentre)];
  const [u, v] = [subtract(from, centre), subtract(to, centre)];
  const turned = directionOf(cross(u, v), dot(u, v));
  // Of the angles that end there, the one that the arc has been cut for.
  const turns = Math.round((sweep - turned) / (2 * Math.PI));
  return { a: from, b: to, sweep: turned + turns * 2 * Math.PI };
}

/** The point at a share t (0 to 1) of the way along. */
export function pointAt(curve: Curve, t: number): Point {
  if (t === 0) return curve.a;
  if (t === 1) return curve.b;
  if (curve.kind === "arc") {
    const { a, sweep } = onItsCircle(curve);
    return rotateAbout(a, curve.centre, sweep * t);
  }
  return { x: curve.a.x + (curve.b.x - curve.a.x) * t, y: curve.a.y + (curve.b.y - curve.a.y) * t };
}

export function curveLength(curve: Curve): number {
  return curve.kind === "segment" ? distance(curve.a, curve.b) : Math.abs(curve.sweep) * curve.radius;
}

/** The part between two shares of the way, with its ends put exactly at the points given. */
export function partOfCurve(curve: Curve, from: number, to: number, a: Point, b: Point): Curve {
  return curve.kind === "segment" ? segment(a, b) : { ...curve, a, b, sweep: curve.sweep * (to - from) };
}

/**
 * Whether a point lies between an arc and its chord. Two arcs that share a chord (the halves of a circle) part
 * it between them: the side is taken from one way of writing the chord, and a point on it counts as moved a
 * little up, or to the right along an upright one, which is also how `isInsideContour` treats straight edges.
 */
export function isBetweenChordAndArc(arc: Arc, point: Point): boolean {
  if (distance(point, arc.centre) >= arc.radius) return false;
  const isSwapped = arc.a.x > arc.b.x || (arc.a.x === arc.b.x && arc.a.y < arc.b.y);
  const [from, to] = isSwapped ? [arc.b, arc.a] : [arc.a, arc.b];
  const isLeftOfChord = cross(subtract(to, from), subtract(point, from)) >= 0 !== isSwapped;
  return arc.sweep > 0 !== isLeftOfChord;
}

/**
 * Whether a direction from the centre lies within an arc's sweep. Told by angles, not by the side of the chord:
 * the ends of a very short arc may have been moved to a common vertex, which can turn its chord right round.
 */
export function isWithinSweep({ a, centre, sweep }: Arc, point: Point): boolean {
  const from = subtract(a, centre);
  const to = subtract(point, centre);
  const turned = directionOf(cross(from, to), dot(from, to)) * Math.sign(sweep);
  return (turned < 0 ? turned + 2 * Math.PI : turned) <= Math.abs(sweep);
}

/** Tight box of a curve. */
export function boxOfCurve(curve: Curve): Box {
  const { a, b } = curve;
  let [minX, maxX] = a.x < b.x ? [a.x, b.x] : [b.x, a.x];
  let [minY, maxY] = a.y < b.y ? [a.y, b.y] : [b.y, a.y];
  if (curve.kind === "arc") {
    const { centre, radius } = curve;
    if (isWithinSweep(curve, { x: centre.x + radius, y: centre.y })) maxX = Math.max(maxX, centre.x + radius);
    if (isWithinSweep(curve, { x: centre.x, y: centre.y + radius })) maxY = Math.max(maxY, centre.y + radius);
    if (isWithinSweep(curve, { x: centre.x - radius, y: centre.y })) minX = Math.min(minX, centre.x - radius);
    if (isWithinSweep(curve, { x: centre.x, y: centre.y - radius })) minY = Math.min(minY, centre.y - radius);
  }
  return { minX, minY, maxX, maxY };
}

/** The box around two. */
export const boxAroundBoth = (a: Box, b: Box): Box => ({
  minX: Math.min(a.minX, b.minX),
  minY: Math.min(a.minY, b.minY),
  maxX: Math.max(a.maxX, b.maxX),
  maxY: Math.max(a.maxY, b.maxY),
});

export function boxOfContour(contour: Contour): Box {
  const boxes = contour.map(boxOfCurve);
  return {
    minX: Math.min(...boxes.map((box) => box.minX)),
    minY: Math.min(...boxes.map((box) => box.minY)),
    maxX: Math.max(...boxes.map((box) => box.maxX)),
    maxY: Math.max(...boxes.map((box) => box.maxY)),
  };
}

/** Arcs over half a turn cut into equal parts of at most half a turn, which is what the arrangement takes. */
export function splitWideArc(curve: Curve): Curve[] {
  if (curve.kind === "segment") return [curve];
  const parts = Math.ceil(Math.abs(curve.sweep) / Math.PI - 1e-12);
  if (parts <= 1) return [curve];
  return Array.from({ length: parts }, (_, index) =>
    partOfCurve(
      curve,
      index / parts,
      (index + 1) / parts,
      pointAt(curve, index / parts),
      pointAt(curve, (index + 1) / parts),
    ),
  );
}

/** The midpoint of the curve itself, not of its chord. */
export const middleOf = (curve: Curve): Point =>
  curve.kind === "segment" ? midpoint(curve.a, curve.b) : pointAt(curve, 0.5);
