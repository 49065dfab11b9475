import { describeOfferTitle } from "../findings/offerTitles";
import { describeReason } from "../findings/reasons";
import type { Speech } from "../findings/speech";
import type { Candidate } from "../fit/candidates";
import { worstReadingError } from "../fit/proof";
import type { Point } from "../geometry/point";
import type { Mark } from "../setout/listMarks";
import type { Advice } from "./layOutWalls";
import type { PlanCandidate, PlanFit, PlanOffer, PlanPoint } from "./planTypes";
import type { Job } from "./schema";

const toPoint = ({ x, y }: Point): PlanPoint => [x, y];

/** What the finishes offer beside what is laid out. */
export const describeOffers = ({ offers }: Advice, speech: Speech): PlanOffer[] =>
  offers.map(({ finish, offer: { title, reasons, tapeMm, set, ...rest } }) => ({
    finish,
    title: describeOfferTitle(title, speech),
    ...rest,
    why: reasons.map((reason) => describeReason(reason, speech)),
    ...(tapeMm !== undefined && { tape_m: tapeMm / 1000 }),
    change: { label: "Use this", finish, set },
  }));

/** How the finish on top divides the wall, and the other ways that it could. */
export function describeFit(
  job: Job,
  { fit }: Advice,
  marks: readonly Mark[],
  speech: Speech,
): PlanFit | null {
  if (!fit) return null;
  const { report, finish, offset } = fit;
  const { normal, start } = report.axis;
  const describe = (candidate: Candidate) => describeCandidate(candidate, report.colours, speech);
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

function describeCandidate(candidate: Candidate, colours: readonly string[], speech: Speech): PlanCandidate {
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
