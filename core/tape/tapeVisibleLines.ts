import { curveLength, segment, type Segment } from "../geometry/curve";
import { groupBy } from "../geometry/groupBy";
import { cross, distance, midpoint, subtract } from "../geometry/point";
import { splitCurves } from "../geometry/splitCurves";
import { listLineEdges, pointAt, shareOf, type LineEdge } from "../pattern/lineEdges";
import type { Pattern, TapedLine } from "../pattern/pattern";
import { placeTolerance } from "../wall/outline";
import { isOnSurface, type Surface } from "../wall/surface";
import type { TapePiece } from "./tapePiece";

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
  const { tapedLines } = pattern;
  if (tapedLines.length === 0) return { pieces: [], served: new Set() };
  const lineEdges = listLineEdges(pattern).filter(
    ({ under, painted }) => groupOf[under]! < groupOf[painted]!,
  );
  const byLine = groupBy(lineEdges, ({ line }) => line);
  const { pieces: parts } = splitCurves<TapedLine | null>(
    [
      ...tapedLines.map((line) => ({ curve: line.path, source: line })),
      ...surface.curves.map(({ curve }) => ({ curve, source: null })),
    ],
    placeTolerance,
  );
  // Served from the first are the ends of lines. A long side is served once tape of its line lies along it; where the
  // line's middle runs off the wall there is none, and the side is left to ordinary tape.
  const served = new Set(lineEdges.filter(({ isSide }) => !isSide).map(({ index }) => index));
  const pieces = parts.flatMap(({ curve, sources }) => {
    const lines = sources.filter((source) => source !== null);
    if (lines.length === 0 || curve.kind !== "segment") return [];
    if (!isOnSurface(surface, midpoint(curve.a, curve.b))) return [];
    const beside = lines.flatMap(({ id }) => byLine.get(id) ?? []);
    const spans = spansAlong(curve, beside);
    for (const { index } of spans) served.add(index);
    return piecesAlong(curve, lines[0]!, spans, pattern, groupOf);
  });
  return { pieces, served };
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

/** The tape along one stretch between junctions: one piece for every region under it, whatever is painted up to it. */
function piecesAlong(
  stretch: Segment,
  { id, width }: TapedLine,
  spans: readonly Span[],
  { regions }: Pattern,
  groupOf: readonly number[],
): TapePiece[] {
  const runs = groupBy(spans, ({ under }) => under);
  const reach = (junctionWidths * width) / curveLength(stretch);
  return [...runs.values()].map((run): TapePiece => {
    const low = Math.min(...run.map((span) => span.low));
    const high = Math.max(...run.map((span) => span.high));
    const from = pointAt(stretch, low <= reach ? 0 : low);
    const to = pointAt(stretch, high >= 1 - reach ? 1 : high);
    const { under } = run[0]!;
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
