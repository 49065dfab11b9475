import { roundToDivision } from "../measure/roundToDivision";
import { distanceToSegment } from "../geometry/distanceToSegment";
import type { Point } from "../geometry/point";
import type { Pattern, WallLine } from "../pattern/pattern";
import { Allowance } from "../trade/allowance";
import { jointMm } from "../trade/constants";
import { placeTolerance } from "../wall/outline";
import { offsetAt } from "../wall/polyline";
import type { Surface } from "../wall/surface";

export type MarkOn = "left" | "right" | "top" | "bottom" | "level" | "line";

/** A tick at a measured reading. Lengths in mm. */
export interface Mark {
  readonly id: string;
  readonly on: MarkOn;
  readonly axis: "x" | "y";
  /** The true coordinate along the axis. */
  readonly at: number;
  /** What is looked for on the tape: |at| rounded to its division. */
  readonly reading: number;
  readonly error: number;
  readonly use: string;
  /** A touch of the pencil from a sketch: no level line is struck for it, and nothing proves it. */
  readonly byEye?: true;
  /** The line that it fixes, with its finish: the same on every wall that the line runs over. */
  readonly line: string;
  /** The mark on the wall before it in a run from which it carries around the corner. */
  readonly carriedFrom?: CarriedFrom;
}

export interface CarriedFrom {
  readonly wall: string;
  readonly mark: string;
}

/**
 * The fewest marks that fix the lines of a wall, each read from the wall's own datum and rounded from its true
 * position, so that none is more than half a division out: one a plumb or level line, two a slanted one (and two for an
 * end of it that lies within the wall), two the centre of strings; in the order in which one person walks along them
 * (`inOrderOfWalking`). What an earlier line has marked is not marked again.
 * A line that is struck by eye has a touch at each end.
 * Checks repeat them on the far edge and read the wall's end.
 */
export function listMarks(
  { lines, centres }: Pick<Pattern, "lines" | "centres">,
  surface: Surface,
  tapeDivision: number,
): { marks: Mark[]; checks: Mark[] } {
  const allowance = new Allowance("marks");
  const mark = (line: string, id: string, on: MarkOn, axis: "x" | "y", at: number, use: string): Mark => {
    allowance.take();
    const reading = roundToDivision(Math.abs(at), tapeDivision);
    return { id, line, on, axis, at, reading, error: reading - Math.abs(at), use };
  };
  const walked: Walked[] = [];
  const take = (made: Mark, at: Point) => walked.push({ mark: made, at });
  const checks: Mark[] = [];
  const seen = new Set<string>();
  const isNew = (what: string, ...places: number[]): boolean => {
    const key = [what, ...places.map((place) => Math.round(place / placeTolerance))].join();
    return !seen.has(key) && seen.add(key) !== undefined;
  };
  // A plumb or level line that is marked already gives one of a point's two readings.
  const unmarked = (point: Point) => {
    const places = placesOf(point, surface);
    return places.length === 1
      ? places
      : places.filter(({ axis }) => isNew(axis === "x" ? "plumb" : "level", point[axis]));
  };
  for (const { id, line, path, use } of lines.filter(({ byEye }) => byEye)) {
    [path.a, path.b].forEach((end, index) => {
      const { distance, on, axis } = edgeAt(end, surface);
      const place = distance <= 10 * placeTolerance ? on : "line";
      take({ ...mark(line, `${id}/mark-${index + 1}`, place, axis, end[axis], use), byEye: true }, end);
    });
  }
  const measured = lines.filter(({ byEye }) => !byEye);
  for (const { id, line, kind, path, use } of inOrderOfWork(measured)) {
    switch (kind) {
      case "plumb":
        if (!isNew("plumb", path.a.x)) break;
        take(mark(line, `${id}/mark`, "level", "x", path.a.x, use), path.a);
        checks.push(mark(line, `${id}/check`, "top", "x", path.a.x, use));
        break;
      case "level":
        if (!isNew("level", path.a.y)) break;
        take(mark(line, `${id}/mark`, "left", "y", path.a.y, use), path.a);
        checks.push(mark(line, `${id}/check`, "right", "y", path.a.y, use));
        break;
      case "slant":
        [path.a, path.b].forEach((end, index) => {
          if (!isNew("point", end.x, end.y)) return;
          for (const { on, axis } of unmarked(end)) {
            const name = `${id}/mark-${index + 1}${on === "level" ? "-along" : ""}`;
            take(mark(line, name, on, axis, end[axis], use), end);
          }
        });
        break;
      default:
        kind satisfies never;
    }
  }
  for (const { id, line, centre, use } of centres) {
    const { minX, maxX, minY, maxY } = surface.extent;
    const { skirting, cornice } = surface.wall;
    // A pin beyond the wall's ends, its floor or ceiling cannot be marked on it; a finding says so.
    const isOff =
      centre.x < minX ||
      centre.x > maxX ||
      centre.y < minY - skirting - jointMm ||
      centre.y > maxY + cornice + jointMm;
    if (isOff || !isNew("point", centre.x, centre.y)) continue;
    for (const { on, axis } of unmarked(centre)) {
      take(mark(line, `${id}/mark-${axis}`, on, axis, centre[axis], `the centre of ${use}`), centre);
    }
  }
  if (measured.some((line) => line.kind === "plumb")) {
    const end = mark(
      "",
      `${surface.wall.id}/end`,
      "right",
      "x",
      offsetAt(surface.shape.right, surface.wall.survey ? 0 : surface.extent.minY),
      "the right end of the wall",
    );
    checks.push(end);
  }
  return { marks: inOrderOfWalking(walked), checks };
}

/** A mark with its place on the wall. */
interface Walked {
  readonly mark: Mark;
  readonly at: Point;
}

/**
 * Up the left end, along the level line, along the foot, up the right end, along the top: nobody walks back for the other
 * mark of a line. A place within the wall is read up the plumb line through its mark on the level line, right after that.
 * Touches by eye come first, a line's two one after the other.
 */
function inOrderOfWalking(walked: readonly Walked[]): Mark[] {
  const turnOf = ({ mark }: Walked): number =>
    mark.byEye ? -1 : walkedInTurn.indexOf(mark.on === "line" ? "level" : mark.on);
  const alongOf = ({ mark, at }: Walked): number =>
    mark.byEye ? 0 : mark.on === "left" || mark.on === "right" ? at.y : at.x;
  return [...walked].sort((a, b) => turnOf(a) - turnOf(b) || alongOf(a) - alongOf(b)).map(({ mark }) => mark);
}

const walkedInTurn: readonly MarkOn[] = ["left", "level", "bottom", "right", "top"];

/** Level lines, then plumb ones, then slanted ones: what a plumb or level line marks, no slanted one marks again. */
function inOrderOfWork<Line extends Pick<WallLine, "kind" | "path">>(lines: readonly Line[]): Line[] {
  const of = (kind: WallLine["kind"]) => lines.filter((line) => line.kind === kind);
  return [
    ...of("level").sort((a, b) => a.path.a.y - b.path.a.y),
    ...of("plumb").sort((a, b) => a.path.a.x - b.path.a.x),
    ...of("slant"),
  ];
}

interface PlaceOfMark {
  readonly on: MarkOn;
  readonly axis: "x" | "y";
}

/** One reading fixes a point on a side of the wall; within it, one along the level line and one up the plumb line there. */
function placesOf(point: Point, surface: Surface): PlaceOfMark[] {
  const edge = edgeAt(point, surface);
  return edge.distance <= 10 * placeTolerance
    ? [edge]
    : [
        { on: "level", axis: "x" },
        { on: "line", axis: "y" },
      ];
}

/** The side of the wall that a place lies on, and the axis that fixes it there: along a steep side, the upright one. */
function edgeAt(point: Point, { sides }: Surface): PlaceOfMark & { distance: number } {
  let best = { distance: Infinity, on: "left" as MarkOn, axis: "y" as "x" | "y" };
  for (const { curve, source } of sides) {
    const distance = distanceToSegment(point, curve.a, curve.b);
    // Of two sides that meet in a corner the upright one is marked.
    const isEnd = source === "left" || source === "right";
    if (distance > best.distance + (isEnd ? placeTolerance : -placeTolerance)) continue;
    const isSteep = Math.abs(curve.b.y - curve.a.y) > Math.abs(curve.b.x - curve.a.x);
    best = { distance, on: source, axis: isSteep ? "y" : "x" };
  }
  return best;
}
