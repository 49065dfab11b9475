import { rankCandidates, type Candidate } from "../../fit/candidates";
import type { CandidateInput } from "../../fit/candidateInput";
import { divideSpan, type DivideInput, type DividedSpan } from "../../fit/divideSpan";
import { placeAlong, type Strip } from "../../wall/strip";
import type { FinishContext, Laid } from "../defineFinish";
import { once } from "../../geometry/once";
import { candidateInputOf } from "./candidateInput";
import { frameOf, type Frame } from "./frame";
import type { StripesSpec } from "./spec";

export interface StripeLayout extends Laid<StripesSpec> {
  readonly frame: Frame;
  readonly input: DivideInput;
  readonly divided: DividedSpan;
  /** What other ways to divide the strip are judged by. */
  readonly candidateInput: () => CandidateInput;
  /** Those ways, ranked. The dearest of a layout: worked out when first asked for. */
  readonly candidates: () => readonly Candidate[];
}

export function layOutStripes(spec: StripesSpec, strip: Strip, context: FinishContext): StripeLayout {
  const frame = frameOf(spec.direction, strip.corners);
  const { fit } = spec;
  const input: DivideInput = {
    span: frame.span,
    start: frame.start,
    fit: fit.by === "anchor" ? { ...fit, at: anchorOf(spec, strip, fit.at) * frame.anchorScale } : fit,
    colours: spec.colours,
    widths: spec.widths,
    tapeDivision: context.tapeDivision,
  };
  const divided = divideSpan(input);
  const candidateInput = once(() => candidateInputOf(input, frame, strip, context));
  const candidates = once(() => (divided.divisions.length === 0 ? [] : rankCandidates(candidateInput())));
  return { spec, strip, context, frame, input, divided, candidateInput, candidates };
}

/** Of level stripes an anchor is a height. */
const anchorOf = ({ direction }: StripesSpec, strip: Strip, at: number): number =>
  direction === "horizontal" ? at : placeAlong(strip, at);
