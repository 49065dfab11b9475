import { rankCandidates, type Candidate, type CandidateInput } from "../../fit/candidates";
import type { Strip } from "../../wall/strip";
import type { FinishContext } from "../defineFinish";
import { candidateInput } from "./candidateInput";
import { layOutStripes, type StripeLayout } from "./layout";
import type { StripesSpec } from "./spec";

/** The stripes as laid out, and the ranked ways to lay them out instead. */
export interface Offers {
  readonly layout: StripeLayout;
  readonly input: CandidateInput;
  readonly candidates: readonly Candidate[];
}

/**
 * Ranking is the dearest step, and both the check and the report ask for it; the last answer for a strip is
 * kept for as long as the strip lives. Surfaces and specs are never changed once made.
 */
const kept = new WeakMap<Strip, { spec: StripesSpec; context: FinishContext; offers: Offers }>();

export function offersFor(spec: StripesSpec, strip: Strip, context: FinishContext): Offers {
  const before = kept.get(strip);
  if (before && before.spec === spec && before.context === context) return before.offers;
  const layout = layOutStripes(spec, strip, context);
  const input = candidateInput(layout, strip, context);
  const candidates = layout.divided.divisions.length === 0 ? [] : rankCandidates(input);
  const offers = { layout, input, candidates };
  kept.set(strip, { spec, context, offers });
  return offers;
}
