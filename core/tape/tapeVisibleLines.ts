import { isInsideContour } from "../geometry/contour";
import { boxOfContour, curveLength, segment, type Segment } from "../geometry/curve";
import { groupBy } from "../geometry/groupBy";
import { once } from "../geometry/once";
import { cross, distance, midpoint, subtract, type Point } from "../geometry/point";
import { splitCurves } from "../geometry/splitCurves";
import { listLineEdges, pointAt, shareOf, type LineEdge } from "../pattern/lineEdges";
import type { Pattern, TapedLine } from "../pattern/pattern";
import { placeTolerance } from "../wall/outline";
import { isOnSurface, type Surface } from "../wall/surface";
import type { TapePiece } from "./tapePiece";

/** Between a junction's middle and the first paint beside it a tape runs on by up to so many times its width. */
const junctionWidths = 4;

/** A line between two junctions, and all edges along it. */
interface Stretch {
  readonly curve: Segment;
  readonly line: TapedLine;
  readonly spans: readonly Span[];
}

/**
 * The tape of lines that stay visible: one piece serves both edges of a line. It lies on what is under it, centred on
 * the line, and is cut at the wall's edges and where lines meet. Answers the pieces, and the edges that they serve, by
 * index; edges whose paint goes on before what is under the tape are left to ordinary tape, and so are those along which,
 * or at the end of a line, when they are painted up to, no such piece lies.
 */
export function tapeVisibleLines(
  pattern: Pattern,
  surface: Surface,
  groupOf: readonly number[],
): { pieces: TapePiece[]; served: ReadonlySet<number> } {
  if (pattern.tapedLines.length === 0) return { pieces: [], served: new Set() };
  const lineEdges = listLineEdges(pattern);
  const isPaintedUp = ({ under, painted }: LineEdge) =>
    pattern.regions[under]!.colour !== pattern.regions[painted]!.colour &&
    groupOf[under]! < groupOf[painted]!;
  const stretches = stretchesOf(pattern, surface, lineEdges);
  const whole = wholeSides(stretches);
  const isServed = (edge: LineEdge) => isPaintedUp(edge) && whole.has(edge.index);
  const isBare = bareAt(pattern, groupOf);
  const pieces = stretches.flatMap((stretch) => piecesAlong(stretch, isServed, pattern, groupOf, isBare));
  const isAtEnd = ({ line, under, painted }: LineEdge) =>
    pieces.some(
      (piece) =>
        piece.line === line &&
        piece.under === under &&
        piece.upTo.some(
          ({ paint, group }) => paint === pattern.regions[painted]!.colour && group === groupOf[painted],
        ),
    );
  const served = lineEdges.filter((edge) =>
    edge.isSide ? isServed(edge) : isPaintedUp(edge) && isAtEnd(edge),
  );
  return { pieces, served: new Set(served.map(({ index }) => index)) };
}

function stretchesOf(
  { tapedLines }: Pattern,
  surface: Surface,
  lineEdges: readonly LineEdge[],
): readonly Stretch[] {
  const byLine = groupBy(lineEdges, ({ line }) => line);
  const { pieces: parts } = splitCurves<TapedLine | null>(
    [
      ...tapedLines.map((line) => ({ curve: line.path, source: line })),
      ...surface.curves.map(({ curve }) => ({ curve, source: null })),
    ],
    placeTolerance,
  );
  return parts.flatMap(({ curve, sources }): Stretch[] => {
    const lines = sources.filter((source) => source !== null);
    if (lines.length === 0 || curve.kind !== "segment") return [];
    if (!isOnSurface(surface, midpoint(curve.a, curve.b))) return [];
    const spans = spansAlong(
      curve,
      // A zigzag goes to and fro under one name: an edge is beside the part of it that it lies along.
      lines.flatMap(({ id, width }) =>
        (byLine.get(id) ?? []).filter(({ path }) => isBeside(curve, path, width)),
      ),
    );
    return [{ curve, line: lines[0]!, spans }];
  });
}

/** The long sides of lines along which tape of their line lies from end to end: where its middle runs off the wall there is none. */
function wholeSides(stretches: readonly Stretch[]): ReadonlySet<number> {
  const bareMm = new Map<number, number>();
  for (const { curve, spans } of stretches)
    for (const { index, path, low, high } of spans)
      bareMm.set(index, (bareMm.get(index) ?? curveLength(path)) - (high - low) * curveLength(curve));
  const whole = new Set<number>();
  for (const { line, spans } of stretches)
    for (const { index, path } of spans)
      if (bareMm.get(index)! <= Math.min(junctionWidths * line.width, curveLength(path) / 4))
        whole.add(index);
  return whole;
}

const isBeside = ({ a, b }: Segment, path: Segment, width: number): boolean => {
  const off = cross(subtract(b, a), subtract(midpoint(path.a, path.b), a)) / distance(a, b);
  return Math.abs(off) < width;
};

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

/** Whether what is at a place is painted no later than what tape lies on; also where nothing is. */
function bareAt({ regions }: Pattern, groupOf: readonly number[]) {
  const boxes = once(() => regions.map(({ face }) => boxOfContour(face.outer)));
  return ({ x, y }: Point, under: number): boolean => {
    const at = boxes().findIndex(
      ({ minX, maxX, minY, maxY }, index) =>
        x >= minX &&
        x <= maxX &&
        y >= minY &&
        y <= maxY &&
        isInsideContour({ x, y }, regions[index]!.face.outer) &&
        !regions[index]!.face.holes.some((hole) => isInsideContour({ x, y }, hole)),
    );
    return at < 0 || groupOf[at]! <= groupOf[under]!;
  };
}

/** The spans along a stretch, parted where the line goes over something else. */
function inRuns(spans: readonly Span[]): Span[][] {
  const runs: Span[][] = [];
  for (const span of [...spans].sort((a, b) => a.low + a.high - b.low - b.high)) {
    const last = runs.at(-1);
    if (last && last[0]!.under === span.under) last.push(span);
    else runs.push([span]);
  }
  return runs;
}

/** The tape along one stretch between junctions: one piece for every region under it, whatever is painted up to it. */
function piecesAlong(
  { curve: stretch, line: { id, width }, spans }: Stretch,
  isServed: (edge: LineEdge) => boolean,
  { regions }: Pattern,
  groupOf: readonly number[],
  isBare: (at: Point, under: number) => boolean,
): TapePiece[] {
  const runs = inRuns(spans)
    .map((run) => run.filter(isServed))
    .filter((run) => run.length > 0);
  const reach = (junctionWidths * width) / curveLength(stretch);
  return runs.map((run): TapePiece => {
    const low = Math.min(...run.map((span) => span.low));
    const high = Math.max(...run.map((span) => span.high));
    const { under } = run[0]!;
    // To a junction it runs on; not over something else that the line crosses before that.
    const others = spans.filter((span) => span.under !== under);
    const isFirst = others.every((other) => other.low >= low);
    const isLast = others.every((other) => other.high <= high);
    // Nor over paint that covers the line there, which can be no junction where it is further than a width.
    const farShare = width / curveLength(stretch);
    const runsOn = (share: number, end: number) =>
      Math.abs(end - share) <= farShare || isBare(pointAt(stretch, (share + end) / 2), under);
    const from = pointAt(stretch, low <= reach && isFirst && runsOn(low, 0) ? 0 : low);
    const to = pointAt(stretch, high >= 1 - reach && isLast && runsOn(high, 1) ? 1 : high);
    const isFlat = Math.abs(to.x - from.x) >= Math.abs(to.y - from.y);
    // The colour above a flat line, or left of a steep one, is told first.
    const along = subtract(to, from);
    const turn = Math.sign(isFlat ? along.x : along.y);
    const across = ({ path: { a, b } }: Span) => turn * cross(along, subtract(midpoint(a, b), from));
    const inTurn = [...run].sort((p, q) => across(q) - across(p));
    const upTo = [
      ...new Map(
        inTurn.map(({ painted }) => {
          const side = { paint: regions[painted]!.colour, group: groupOf[painted]! };
          return [`${side.paint} ${side.group}`, side] as const;
        }),
      ).values(),
    ];
    const colours = [...new Set(upTo.map(({ paint }) => paint))];
    return {
      path: [segment(from, to)],
      length: distance(from, to),
      lies: isFlat ? "above" : "left",
      over: regions[under]!.colour,
      under,
      cuts: colours[0]!,
      andCuts: colours[1] ?? null,
      centred: true,
      stays: true,
      isSlit: false,
      width,
      against: null,
      corner: null,
      line: id,
      beside: [...new Set(inTurn.map(({ painted }) => regions[painted]!.id))],
      upTo,
      onArris: false,
    };
  });
}
