import type { CandidateInput } from "../fit/candidateInput";
import { divideSpan } from "../fit/divideSpan";
import { judgeDivision, type Judgement } from "../fit/judgeDivision";
import { verdictOf, type Offer, type TapeNeed } from "../fit/offer";
import { divideCells } from "../fit/divideCells";
import type { CellFit, ToRake } from "../fit/schema";
import { segment, type Segment } from "../geometry/curve";
import type { Reason } from "../findings/reasons";
import { obstaclesOf, relateLines } from "../wall/clearance";
import type { Strip } from "../wall/strip";
import type { FinishContext } from "./defineFinish";

/** Counts this far to both sides of the present ones are looked at. */
const reach = 2;
const mostOffered = 6;

/**
 * Other counts of columns and rows, the best first: each way is judged as stripes of that width would be, by what its
 * lines just miss and how its module reads, and the worse of the two ways counts. `tapingOf` tells what there is to tape.
 */
export function offerGrids(
  fits: { readonly columns: CellFit; readonly rows: CellFit; readonly fit?: ToRake },
  strip: Strip,
  context: FinishContext,
  tapingOf: (columns: number, rows: number) => TapeNeed,
): Offer[] {
  const { minX, maxX, minY, maxY } = strip.extent;
  const across = judgeCounts(fits.columns, minX, maxX - minX, strip, context, "columns");
  const up = judgeCounts(fits.rows, minY, maxY - minY, strip, context, "rows");
  return across
    .flatMap((columns) =>
      up.map((rows): Offer => {
        const score = Math.min(columns.score, rows.score);
        return {
          title: {
            code: "grid",
            columns: columns.count,
            rows: rows.count,
            width: (maxX - minX) / columns.count,
            height: (maxY - minY) / rows.count,
          },
          score,
          verdict: verdictOf(score),
          reasons: distinct([...columns.reasons, ...rows.reasons].filter(isOfGrids)),
          taping: tapingOf(columns.count, rows.count),
          set: {
            columns: { by: "count", count: columns.count },
            rows: { by: "count", count: rows.count },
            ...(fits.fit && { fit: { to: "ends" } }),
          },
          isChosen: columns.isPresent && rows.isPresent,
        };
      }),
    )
    .sort((a, b) => b.score - a.score || a.taping!.tapeMm - b.taping!.tapeMm)
    .filter(({ isChosen }, place) => isChosen || place < mostOffered);
}

/** A grid's ends are always alike and whole, and its title tells the sizes. */
const isOfGrids = ({ code }: Reason): boolean =>
  code !== "ends-alike" && code !== "reads-easily" && code !== "width-off";

/** Columns and rows may have the same to say. */
const distinct = (reasons: readonly Reason[]): Reason[] => [
  ...new Map(reasons.map((reason) => [JSON.stringify(reason), reason])).values(),
];

interface JudgedCount extends Pick<Judgement, "score" | "reasons"> {
  readonly count: number;
  readonly isPresent: boolean;
}

function judgeCounts(
  fit: CellFit,
  start: number,
  span: number,
  strip: Strip,
  { tapeDivision, viewingDistance }: FinishContext,
  way: "columns" | "rows",
): JudgedCount[] {
  const obstacles = obstaclesOf(strip);
  const whole = fit.by === "width" ? ({ by: "near", width: fit.width } as const) : fit;
  const present = divideCells(start, span, whole).count;
  const wish = fit.by === "count" ? span / fit.count : fit.width;
  const { minX, maxX, minY, maxY } = strip.extent;
  const lineAt = (distance: number): Segment =>
    way === "columns"
      ? segment({ x: start + distance, y: minY }, { x: start + distance, y: maxY })
      : segment({ x: minX, y: start + distance }, { x: maxX, y: start + distance });
  const counts = Array.from({ length: 2 * reach + 1 }, (_, place) => present - reach + place).filter(
    (count) => count >= 1,
  );
  const inputOf = (count: number): CandidateInput => ({
    span,
    start,
    fit: { by: "count", count },
    colours: ["cell"],
    tapeDivision,
    viewingDistance,
    features: [],
    wantedEnds: "any",
    relate: (boundaries) => relateLines(boundaries.map(lineAt), obstacles),
  });
  const judge = (count: number, misses: Judgement["misses"]) =>
    judgeDivision(inputOf(count), divideSpan(inputOf(count)), wish, misses);
  const { misses } = judge(present, []);
  return counts.map((count) => {
    const { score, reasons } = judge(count, misses);
    return { count, score, reasons, isPresent: fit.by !== "width" && count === present };
  });
}
