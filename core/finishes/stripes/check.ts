import type { Finding } from "../../findings/finding";
import type { Surface } from "../../wall/surface";
import type { FinishContext } from "../defineFinish";
import { checkClearance } from "./checkClearance";
import { checkEnds } from "./checkEnds";
import { offersFor } from "./offers";
import type { StripesSpec } from "./spec";

/** What a painter should decide about these stripes before marking them, with cures where a change would do. */
export function checkStripes(spec: StripesSpec, surface: Surface, context: FinishContext): Finding[] {
  const offers = offersFor(spec, surface, context);
  const { layout } = offers;
  const { divided, input } = layout;
  if (divided.tooMany !== undefined) {
    return [{ code: "too-many-divisions", severity: "stop", values: { count: divided.tooMany }, at: null }];
  }
  const findings: Finding[] = [];
  if (divided.endsImpossible && spec.fit.by === "near" && spec.fit.ends !== "any") {
    findings.push({
      code: "ends-impossible",
      severity: "check",
      values: { wanted: spec.fit.ends },
      at: null,
    });
  }
  if (
    input.fit.by === "anchor" &&
    (input.fit.at < layout.frame.start || input.fit.at > layout.frame.start + input.span)
  ) {
    const at = (spec.fit as { at: number }).at;
    findings.push({ code: "anchor-outside", severity: "check", values: { at }, at: null });
  }
  return [...findings, ...checkEnds(spec, offers, surface, context), ...checkClearance(spec, offers)];
}
