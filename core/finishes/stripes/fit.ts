import { wishOf, type Candidate } from "../../fit/candidates";
import { isPart, judgeDivision } from "../../fit/judgeDivision";
import { steppedError } from "../../fit/proof";
import type { FitReport } from "../defineCraft";
import type { Frame } from "./frame";
import type { StripeLayout } from "./layout";

/** The chosen division, its proof, and the ranked ways to divide the wall instead. */
export function fitStripes(layout: StripeLayout): FitReport | null {
  const { spec, frame, divided, context } = layout;
  if (divided.divisions.length === 0) return null;
  const input = layout.candidateInput();
  const chosen: Candidate = { fit: spec.fit, divided, ...judgeDivision(input, divided, wishOf(input), []) };
  const whole = divided.divisions.filter((division) => !isPart(division)).length;
  const equal = !spec.widths && spec.fit.by !== "spread" && chosen.width !== null;
  return {
    noun: "stripe",
    axis: { normal: frame.normal, start: frame.start },
    colours: spec.colours,
    chosen,
    candidates: layout.candidates().map((candidate) => onSpecAxis(candidate, frame)),
    steppedAtEnd: equal ? steppedError(chosen.width!, whole, context.tapeDivision) : null,
  };
}

/** Anchors are solved on the frame's axis and given on the spec's. */
function onSpecAxis(candidate: Candidate, { anchorScale }: Frame): Candidate {
  const { fit } = candidate;
  return fit.by === "anchor" ? { ...candidate, fit: { ...fit, at: fit.at / anchorScale } } : candidate;
}
