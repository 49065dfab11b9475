import { roundToDivision } from "../measure/roundToDivision";
import { distanceToSegment } from "../geometry/distanceToSegment";
import type { Point } from "../geometry/point";
import type { SetOutLine } from "../pattern/pattern";
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
}

/**
 * The fewest marks that fix the lines of a wall, each read from the wall's own datum and rounded from its
 * true position, so that none is more than half a division out: one a plumb or level line, two a slanted one.
 * Checks repeat them on the far edge and read the wall's end.
 */
export function listMarks(
  lines: readonly SetOutLine[],
  surface: Surface,
  tapeDivision: number,
): { marks: Mark[]; checks: Mark[] } {
  const mark = (id: string, on: MarkOn, axis: "x" | "y", at: number, use: string): Mark => {
    const reading = roundToDivision(Math.abs(at), tapeDivision);
    return { id, on, axis, at, reading, error: reading - Math.abs(at), use };
  };
  const marks: Mark[] = [];
  const checks: Mark[] = [];
  for (const { id, kind, path, use } of lines) {
    switch (kind) {
      case "plumb":
        marks.push(mark(`${id}/mark`, "level", "x", path.a.x, use));
        checks.push(mark(`${id}/check`, "top", "x", path.a.x, use));
        break;
      case "level":
        marks.push(mark(`${id}/mark`, "left", "y", path.a.y, use));
        checks.push(mark(`${id}/check`, "right", "y", path.a.y, use));
        break;
      case "slant":
        [path.a, path.b].forEach((end, index) => {
          const { on, axis } = edgeAt(end, surface);
          marks.push(mark(`${id}/mark-${index + 1}`, on, axis, end[axis], use));
        });
        break;
      default:
        kind satisfies never;
    }
  }
  if (lines.some((line) => line.kind === "plumb")) {
    const end = mark(
      `${surface.wall.id}/end`,
      "right",
      "x",
      offsetAt(surface.shape.right, surface.wall.survey ? 0 : surface.extent.minY),
      "the right end of the wall",
    );
    checks.push(end);
  }
  return { marks, checks };
}

/** The side of the wall that a place lies on, and the axis that fixes it there: along a steep side, the upright one. */
function edgeAt(point: Point, { sides }: Surface): { on: MarkOn; axis: "x" | "y" } {
  let best = { distance: Infinity, on: "left" as MarkOn, axis: "y" as "x" | "y" };
  for (const { curve, source } of sides) {
    const distance = distanceToSegment(point, curve.a, curve.b);
    // Of two sides that meet in a corner the upright one is marked.
    const isEnd = source === "left" || source === "right";
    if (distance > best.distance + (isEnd ? placeTolerance : -placeTolerance)) continue;
    const isSteep = Math.abs(curve.b.y - curve.a.y) > Math.abs(curve.b.x - curve.a.x);
    best = { distance, on: source, axis: isSteep ? "y" : "x" };
  }
  return { on: best.on, axis: best.axis };
}
