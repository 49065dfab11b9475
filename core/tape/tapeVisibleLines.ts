import { curveLength, segment, type Segment } from "../geometry/curve";
import { cross, distance, dot, midpoint, subtract, type Point } from "../geometry/point";
import { splitCurves } from "../geometry/splitCurves";
import { groupBy } from "../geometry/groupBy";
import { lengthOf } from "../geometry/trig";
import type { Pattern, PatternEdge, TapedLine } from "../pattern/pattern";
import { placeTolerance } from "../wall/outline";
import { isOnSurface, type Surface } from "../wall/surface";
import type { TapePiece } from "./planTape";

/** An edge of a visible line: what is under the tape, and what is painted up to it. */
interface LineEdge {
  readonly index: number;
  readonly line: string;
  readonly path: Segment;
  readonly under: number;
  readonly painted: number;
  /** Whether it runs along the line, half a tape away from its middle; else it is the tape's end. */
  readonly isSide: boolean;
}

/** Between a junction's middle and the first paint beside it a tape runs on by up to so many times its width. */
const junctionWidths = 4;

/**
 * The tape of lines that stay visible: one piece serves both edges of a line. It lies on what is under it, centred on
 * the line, and is cut at the wall's edges and where lines meet. Answers the pieces, and the edges that they serve, by
 * index; edges whose paint goes on before what is under the tape are left to ordinary tape.
 */
export function tapeVisibleLines(
  pattern: Pattern,
  surface: Surface,
  groupOf: readonly number[],
): { pieces: TapePiece[]; served: ReadonlySet<number> } {
  const { tapedLines, edges } = pattern;
  if (tapedLines.length === 0) return { pieces: [], served: new Set() };
  const linesOf = groupBy(tapedLines, ({ id }) => id);
  const lineEdges = edges.flatMap((edge, index) => {
    const id = edge.sources.find((source) => linesOf.has(source));
    return id === undefined ? [] : lineEdgeOf(edge, index, linesOf.get(id)!, pattern, groupOf);
  });
  const byLine = groupBy(lineEdges, ({ line }) => line);
  const { pieces: parts } = splitCurves<TapedLine | null>(
    [
      ...tapedLines.map((line) => ({ curve: line.path, source: line })),
      ...surface.curves.map(({ curve }) => ({ curve, source: null })),
    ],
    placeTolerance,
  );
  // A side whose middle lies off the wall has no tape of its line along it, and is taped as any other edge.
  const served = new Set(lineEdges.filter(({ isSide }) => !isSide).map(({ index }) => index));
  const pieces = parts.flatMap(({ curve, sources }) => {
    const lines = sources.filter((source) => source !== null);
    if (lines.length === 0 || curve.kind !== "segment") return [];
    if (!isOnSurface(surface, midpoint(curve.a, curve.b))) return [];
    const beside = lines.flatMap(({ id }) => byLine.get(id) ?? []);
    const spans = spansAlong(curve, beside);
    for (const { index } of spans) served.add(index);
    return piecesAlong(curve, lines[0]!.width, spans, pattern, groupOf);
  });
  return { pieces, served };
}

/** Which side of an edge is the visible line and which the paint beside it; none where nothing is taped there. */
function lineEdgeOf(
  { curve, left, right }: PatternEdge,
  index: number,
  lines: readonly TapedLine[],
  { regions }: Pattern,
  groupOf: readonly number[],
): LineEdge[] {
  if (curve.kind !== "segment" || left === null || right === null) return [];
  if (regions[left]!.colour === regions[right]!.colour) return [];
  const middle = midpoint(curve.a, curve.b);
  const { id, path, width } = lines.reduce((near, other) =>
    offLine(other.path, middle) < offLine(near.path, middle) ? other : near,
  );
  const isLeft = cross(subtract(curve.b, curve.a), subtract(nearestOn(path, middle), middle)) > 0;
  const [under, painted] = isLeft ? [left, right] : [right, left];
  if (groupOf[under]! >= groupOf[painted]!) return [];
  return [{ index, line: id, path: curve, under, painted, isSide: isAlong(path, curve, width) }];
}

function shareOf({ a, b }: Segment, point: Point): number {
  const along = subtract(b, a);
  return dot(subtract(point, a), along) / dot(along, along);
}

function nearestOn(line: Segment, point: Point): Point {
  const share = Math.min(1, Math.max(0, shareOf(line, point)));
  return pointAt(line, share);
}

const pointAt = ({ a, b }: Segment, share: number): Point => ({
  x: a.x + (b.x - a.x) * share,
  y: a.y + (b.y - a.y) * share,
});

function offLine(line: Segment, point: Point): number {
  const near = nearestOn(line, point);
  return lengthOf(point.x - near.x, point.y - near.y);
}

interface Span extends LineEdge {
  /** The shares of a stretch between which the edge lies beside it. */
  readonly low: number;
  readonly high: number;
}

function spansAlong(stretch: Segment, beside: readonly LineEdge[]): Span[] {
  const least = placeTolerance / curveLength(stretch);
  return beside.flatMap((edge) => {
    if (!edge.isSide) return [];
    const shares = [edge.path.a, edge.path.b].map((end) => Math.min(1, Math.max(0, shareOf(stretch, end))));
    const [low, high] = [Math.min(...shares), Math.max(...shares)];
    return high - low > least ? [{ ...edge, low, high }] : [];
  });
}

/** The tape along one stretch between junctions: one piece for every region under it and every group painted up to it. */
function piecesAlong(
  stretch: Segment,
  width: number,
  spans: readonly Span[],
  { regions }: Pattern,
  groupOf: readonly number[],
): TapePiece[] {
  const runs = groupBy(spans, ({ under, painted }) => `${under},${groupOf[painted]!}`);
  const reach = (junctionWidths * width) / curveLength(stretch);
  return [...runs.values()].map((run): TapePiece => {
    const low = Math.min(...run.map((span) => span.low));
    const high = Math.max(...run.map((span) => span.high));
    const from = pointAt(stretch, low <= reach ? 0 : low);
    const to = pointAt(stretch, high >= 1 - reach ? 1 : high);
    const { under, painted } = run[0]!;
    const colours = [...new Set(run.map((span) => regions[span.painted]!.colour))];
    return {
      path: [segment(from, to)],
      length: distance(from, to),
      lies: Math.abs(to.x - from.x) >= Math.abs(to.y - from.y) ? "above" : "left",
      over: regions[under]!.colour,
      under,
      cuts: colours[0]!,
      andCuts: colours[1] ?? null,
      centred: true,
      width,
      against: null,
      corner: null,
      paints: regions[painted]!.colour,
      group: groupOf[painted]!,
    };
  });
}

/** Whether an edge runs along a line, half a tape away from its middle. */
function isAlong(line: Segment, { a, b }: Segment, width: number): boolean {
  const along = subtract(line.b, line.a);
  const length = lengthOf(along.x, along.y);
  const off = (point: Point) => Math.abs(cross(along, subtract(point, line.a))) / length;
  return [a, b].every((end) => Math.abs(off(end) - width / 2) <= 5 * placeTolerance);
}
