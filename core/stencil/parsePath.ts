import { SVGPathData } from "svg-pathdata";
import { arcByAngles, segment, splitWideArc, type Arc, type Curve } from "../geometry/curve";
import { cross, distance, midpoint, type Point } from "../geometry/point";
import { directionOf } from "../geometry/trig";
import { sizeRange } from "../measure/schema";

/** One closed part of a path: its curves, Béziers flattened, and what flattening took off its signed area, mm2. */
export interface Subpath {
  readonly curves: readonly Curve[];
  /** True signed area less that of the curves. */
  readonly lostMm2: number;
}

/** How far a flattened Bézier may stray, mm: much less than a knife does. Its true area is kept beside. */
const strayMm = 0.04;
export const mostCommands = 20_000;
/** Of one sheet, Béziers flattened. */
export const mostPieces = 40_000;
const mostPiecesPerBezier = 200;
/** Ends closer than this are one place. */
const samePlaceMm = 1e-6;

/**
 * Reads path data of the vector format (all commands, mm, y up) into closed parts. An open part is closed, as a fill does.
 * Circular arcs stay arcs; elliptical ones become Béziers. Throws an Error whose message says what is wrong.
 */
export function parsePath(text: string): readonly Subpath[] {
  const before = kept.get(text);
  if (before) return before;
  const made = parse(text);
  if (kept.size >= mostKept) kept.clear();
  kept.set(text, made);
  return made;
}

/** A document is checked and then worked out, again and again while something else of it changes. */
const kept = new Map<string, readonly Subpath[]>();
const mostKept = 2000;

function parse(text: string): Subpath[] {
  const commands = commandsOf(text);
  const subpaths: Subpath[] = [];
  let finished = 0;
  let current = new Builder({ x: 0, y: 0 });
  const finish = (next: Point) => {
    const done = current.close();
    if (done) {
      subpaths.push(done);
      finished += done.curves.length;
    }
    current = new Builder(next);
  };
  for (const command of commands) {
    if (finished + current.length > mostPieces) throw new Error(`comes to over ${mostPieces} pieces`);
    switch (command.type) {
      case SVGPathData.MOVE_TO:
        finish({ x: command.x, y: command.y });
        break;
      case SVGPathData.LINE_TO:
        current.lineTo({ x: command.x, y: command.y });
        break;
      case SVGPathData.CURVE_TO:
        current.curveTo(
          { x: command.x1, y: command.y1 },
          { x: command.x2, y: command.y2 },
          { x: command.x, y: command.y },
        );
        break;
      case SVGPathData.ARC:
        current.arcTo(command.rX, command.lArcFlag === 1, command.sweepFlag === 1, {
          x: command.x,
          y: command.y,
        });
        break;
      case SVGPathData.CLOSE_PATH:
        finish(current.start);
        break;
      default:
        throw new Error("holds a command that is not known");
    }
  }
  finish({ x: 0, y: 0 });
  if (subpaths.length === 0) throw new Error("encloses nothing");
  return subpaths;
}

function commandsOf(text: string) {
  let data: SVGPathData;
  try {
    data = new SVGPathData(text);
  } catch {
    throw new Error("is no path data");
  }
  if (data.commands.length > mostCommands) throw new Error(`has over ${mostCommands} commands`);
  if (data.commands[0]?.type !== SVGPathData.MOVE_TO) throw new Error("does not begin with M");
  data.toAbs().normalizeHVZ(false).normalizeST().qtToC();
  const isElliptical = data.commands.some(
    (command) => command.type === SVGPathData.ARC && Math.abs(command.rX - command.rY) > 1e-9 * command.rX,
  );
  if (isElliptical) data.aToC();
  for (const command of data.commands) {
    const numbers = Object.values(command).filter((value) => typeof value === "number");
    if (numbers.some((value) => !Number.isFinite(value) || Math.abs(value) > sizeRange.max))
      throw new Error("reaches beyond what a sheet can be");
  }
  return data.commands;
}

/** Draws one part from its start. */
class Builder {
  private readonly curves: Curve[] = [];
  private lost = 0;
  private at: Point;

  constructor(readonly start: Point) {
    this.at = start;
  }

  get length(): number {
    return this.curves.length;
  }

  lineTo(to: Point): void {
    if (distance(this.at, to) <= samePlaceMm) return;
    this.curves.push(segment(this.at, to));
    this.at = to;
  }

  curveTo(c1: Point, c2: Point, to: Point): void {
    const from = this.at;
    const points = flattenBezier(from, c1, c2, to);
    const chordTwice = points.reduce((sum, point, index) => sum + cross(points[index - 1] ?? from, point), 0);
    this.lost += areaOfBezier(from, c1, c2, to) - chordTwice / 2;
    for (const point of points) this.lineTo(point);
    this.at = points.at(-1)!;
  }

  /** A circular arc by its ends, as the format gives it; one too small for its ends is as large as it must be. */
  arcTo(radius: number, isLarge: boolean, isPositive: boolean, to: Point): void {
    const from = this.at;
    const chord = distance(from, to);
    if (chord <= samePlaceMm) return;
    if (Math.abs(radius) <= samePlaceMm) return this.lineTo(to);
    const r = Math.max(Math.abs(radius), chord / 2);
    const up = Math.sqrt(Math.max(0, r * r - (chord / 2) * (chord / 2)));
    const side = isLarge === isPositive ? -1 : 1;
    const middle = midpoint(from, to);
    const centre = {
      x: middle.x - (side * up * (to.y - from.y)) / chord,
      y: middle.y + (side * up * (to.x - from.x)) / chord,
    };
    const angle = (point: Point) => directionOf(point.y - centre.y, point.x - centre.x);
    let sweep = angle(to) - angle(from);
    if (isPositive && sweep <= 0) sweep += 2 * Math.PI;
    if (!isPositive && sweep >= 0) sweep -= 2 * Math.PI;
    const arc: Arc = { ...arcByAngles(centre, r, 0, sweep), a: from, b: to };
    this.curves.push(...splitWideArc(arc));
    this.at = to;
  }

  close(): Subpath | null {
    this.lineTo(this.start);
    const isThereAndBack = this.curves.length < 3 && this.curves.every(({ kind }) => kind === "segment");
    return isThereAndBack ? null : { curves: this.curves, lostMm2: this.lost };
  }
}

/**
 * Points of a cubic without its start. In n steps it strays at most 6 / 8 x d / n^2, d the greater of the second differences
 * of its control points.
 */
function flattenBezier(a: Point, b: Point, c: Point, d: Point): Point[] {
  const bend = (p: Point, q: Point, r: Point) =>
    distance({ x: p.x + r.x, y: p.y + r.y }, { x: 2 * q.x, y: 2 * q.y });
  const wanted = Math.ceil(Math.sqrt((0.75 * Math.max(bend(a, b, c), bend(b, c, d))) / strayMm));
  const count = Math.min(mostPiecesPerBezier, Math.max(1, wanted));
  return Array.from({ length: count }, (_, index) => {
    if (index === count - 1) return d;
    const t = (index + 1) / count;
    const s = 1 - t;
    const mix = (key: "x" | "y") =>
      s * s * s * a[key] + 3 * s * s * t * b[key] + 3 * s * t * t * c[key] + t * t * t * d[key];
    return { x: mix("x"), y: mix("y") };
  });
}

/** One half of the integral of x dy - y dx along a cubic: 3 / 20 of sums of cross products of its points (Green). */
function areaOfBezier(a: Point, b: Point, c: Point, d: Point): number {
  return (
    (6 * cross(a, b) + 3 * cross(a, c) + cross(a, d) + 3 * cross(b, c) + 3 * cross(b, d) + 6 * cross(c, d)) /
    20
  );
}
