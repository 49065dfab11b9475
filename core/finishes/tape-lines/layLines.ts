import { segment, type Segment } from "../../geometry/curve";
import { shareAt } from "../../geometry/intersectCurves";
import { add, distance, scale, subtract, type Point } from "../../geometry/point";
import { lengthOf } from "../../geometry/trig";
import type { Strip } from "../../wall/strip";
import type { TapeLinesSpec } from "./spec";

/** A straight stretch of a line, in the strip's coordinates. */
export interface TapedSegment {
  readonly line: number;
  readonly piece: number;
  readonly path: Segment;
  /** Which of its ends are ends of the line. */
  readonly ends: readonly ("a" | "b")[];
}

/** An end this near to a line or an edge was meant to meet it. */
const joinMm = 1;

/** The lines as straight stretches: full lines run across the whole strip, loose ends are drawn to what they nearly meet. */
export function layLines({ lines }: TapeLinesSpec, strip: Strip): TapedSegment[] {
  const drawn = lines.flatMap((line, index): TapedSegment[] => {
    if (!Array.isArray(line)) return [acrossStrip(line.through, index, strip)];
    const points = line.map(([x, y]) => ({ x, y }));
    return points.slice(1).map((b, piece) => ({
      line: index,
      piece,
      path: segment(points[piece]!, b),
      ends: [
        ...(piece === 0 ? (["a"] as const) : []),
        ...(piece === points.length - 2 ? (["b"] as const) : []),
      ],
    }));
  });
  const edges = edgesOf(strip);
  return drawn.map((taped) => {
    const others = drawn.filter((other) => other.line !== taped.line).map(({ path }) => path);
    const joined = (end: "a" | "b"): Point =>
      taped.ends.includes(end) ? nearestOn([...others, ...edges], taped.path[end]) : taped.path[end];
    const [a, b] = [joined("a"), joined("b")];
    return distance(a, b) > 0.01 ? { ...taped, path: segment(a, b) } : taped;
  });
}

function acrossStrip(
  [p, q]: readonly [readonly [number, number], readonly [number, number]],
  line: number,
  { extent }: Strip,
): TapedSegment {
  const [from, to] = [
    { x: p[0], y: p[1] },
    { x: q[0], y: q[1] },
  ];
  const along = subtract(to, from);
  const length = lengthOf(along.x, along.y);
  // Far enough to leave the strip from anywhere on it, whichever way.
  const { minX, maxX, minY, maxY } = extent;
  const corners = [minX, maxX].flatMap((x) => [minY, maxY].map((y) => ({ x, y })));
  const far = Math.max(...corners.map((corner) => distance(from, corner)));
  const reach = scale(along, (far + 10) / length);
  return { line, piece: 0, path: segment(subtract(from, reach), add(from, reach)), ends: [] };
}

/** The straight edges of the walls and their openings, in the strip's coordinates. */
export function edgesOf({ parts }: Strip): Segment[] {
  return parts.flatMap(({ surface, offset }) =>
    (surface?.curves ?? []).flatMap(({ curve }) => {
      if (curve.kind !== "segment") return [];
      const move = ({ x, y }: Point): Point => ({ x: x + offset, y });
      return [segment(move(curve.a), move(curve.b))];
    }),
  );
}

/** The place on one of the lines that a point is drawn to; the point itself where none is near. */
function nearestOn(lines: readonly Segment[], point: Point): Point {
  let best = { gap: joinMm, at: point };
  for (const line of lines) {
    const share = shareAt(line, point, joinMm);
    if (share === null) continue;
    const at = { x: line.a.x + (line.b.x - line.a.x) * share, y: line.a.y + (line.b.y - line.a.y) * share };
    const gap = distance(at, point);
    if (gap < best.gap - 1e-12) best = { gap, at };
  }
  return best.at;
}
