import { describeOfferTitle } from "../findings/offerTitles";
import { describeReason } from "../findings/reasons";
import type { Speech } from "../findings/speech";
import type { Candidate } from "../fit/candidates";
import { worstReadingError } from "../fit/proof";
import type { Point } from "../geometry/point";
import type { FitReport } from "../finishes/defineCraft";
import type { TapeNeed } from "../fit/offer";
import type { Box } from "../geometry/curve";
import type { OrderedWall } from "./orderedWall";
import type { Advice } from "./layOutWalls";
import type { PlanCandidate, PlanFit, PlanOffer, PlanPoint, PlanTaping } from "../plan/planTypes";
import type { TellingInput } from "./tellingInput";

const toPoint = ({ x, y }: Point): PlanPoint => [x, y];

/** What the finishes offer beside what is laid out. */
export const describeOffers = (
  { offers }: Advice,
  { work: { rates } }: Pick<TellingInput, "work">,
  speech: Speech,
): PlanOffer[] =>
  offers.map(({ finish, offer: { title, reasons, taping, set, ...rest } }) => ({
    finish,
    title: describeOfferTitle(title, speech),
    ...rest,
    why: reasons.map((reason) => describeReason(reason, speech)),
    ...(taping && { tape_m: taping.tapeMm / 1000, taping: describeTaping(taping, rates) }),
    change: { label: "Use this", finish, set },
  }));

/** How long it takes to lay; a slit, a peel and what is masked around come to every way alike. */
const describeTaping = (
  { tapeMm, pieces, crossings }: TapeNeed,
  { taping_m_min: pace, crossing_min: crossing }: TellingInput["work"]["rates"],
): PlanTaping => ({
  tape_m: tapeMm / 1000,
  pieces,
  crossings,
  minutes: tapeMm / 1000 / pace + crossings * crossing,
});

/** The lines of a division between two colours, from side to side of a wall's box. */
function tapingOf({ divided: { divisions } }: Candidate, { axis, colours }: FitReport, box: Box): TapeNeed {
  const { x, y } = axis.normal;
  const [width, height] = [box.maxX - box.minX, box.maxY - box.minY];
  const lines = divisions
    .slice(1)
    .filter(({ colour }, index) => colours[colour] !== colours[divisions[index]!.colour]);
  const lengths = lines.map(({ from }) => {
    if (x === 0) return width;
    if (y === 0) return height;
    return chordOf({ x, y }, axis.start + from, box);
  });
  return { tapeMm: lengths.reduce((sum, length) => sum + length, 0), pieces: lines.length, crossings: 0 };
}

/** How long the line normal . p = at runs within a box: between the heights, or sides, at which it enters and leaves it. */
function chordOf({ x, y }: Point, at: number, { minX, maxX, minY, maxY }: Box): number {
  // Along its direction (-y, x) from the foot of the normal, the shares of both pairs of sides that overlap.
  const spans = [
    [(minX - x * at) / -y, (maxX - x * at) / -y],
    [(minY - y * at) / x, (maxY - y * at) / x],
  ].map(([a, b]) => [Math.min(a!, b!), Math.max(a!, b!)] as const);
  return Math.max(0, Math.min(...spans.map(([, to]) => to)) - Math.max(...spans.map(([from]) => from)));
}

/** How the finish on top divides the wall, and the other ways that it could. */
export function describeFit(
  job: Pick<TellingInput, "work" | "tapeDivision">,
  { fit }: Advice,
  { marks, surface }: Pick<OrderedWall, "marks" | "surface">,
  speech: Speech,
): PlanFit | null {
  if (!fit) return null;
  const box = surface!.extent;
  const { report, finish, offset } = fit;
  const { normal, start } = report.axis;
  // On this wall a line of the strip stands so far to the left.
  const here = { ...report, axis: { normal, start: start - normal.x * offset } };
  const describe = (candidate: Candidate) => ({
    ...describeCandidate(candidate, report.colours, speech),
    taping: describeTaping(tapingOf(candidate, here, box), job.work.rates),
  });
  const { centre } = report.chosen.divided;
  return {
    finish,
    noun: report.noun,
    axis: { normal: toPoint(normal), start: start - normal.x * offset },
    chosen: { ...describe(report.chosen), ...(centre && { centre }) },
    proof: {
      worst_mm: worstReadingError(
        marks.map((mark) => mark.at),
        job.tapeDivision,
      ),
      ...(report.steppedAtEnd !== null && { steppedAtEnd_mm: report.steppedAtEnd }),
    },
    candidates: report.candidates.map((candidate) => ({
      ...describe(candidate),
      change: { label: "Use this", finish, set: { fit: candidate.fit } },
    })),
  };
}

function describeCandidate(
  candidate: Candidate,
  colours: readonly string[],
  speech: Speech,
): Omit<PlanCandidate, "taping"> {
  const { count, width, ends, endWidths, verdict, score, reasons, fit, divided } = candidate;
  return {
    count,
    width,
    ...(fit.by === "spread" && { module: fit.module }),
    ends,
    endWidths: [...endWidths],
    verdict,
    score,
    why: reasons.map((reason) => describeReason(reason, speech)),
    fit,
    boundaries: divided.divisions.slice(1).map((division) => division.from),
    colours: divided.divisions.map((division) => colours[division.colour]!),
  };
}
