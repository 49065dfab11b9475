import type { Finding } from "../../findings/finding";
import { leastDivisionMm } from "../../trade/constants";
import { checkOffCentre } from "../checkOffCentre";
import { checkClearance } from "./checkClearance";
import { cureWith } from "./cureWith";
import { checkEnds } from "./checkEnds";
import type { StripeLayout } from "./layout";

/** What a painter should decide about these stripes before marking them, with cures where a change would do. */
export function checkStripes(layout: StripeLayout): Finding[] {
  const { spec, divided, input } = layout;
  if (divided.tooMany !== undefined) {
    return [
      {
        code: "too-many-divisions",
        severity: "stop",
        values: { count: divided.tooMany, of: "stripes" },
        at: null,
      },
    ];
  }
  const narrowest = Math.min(...divided.divisions.map((division) => division.whole));
  if (narrowest < leastDivisionMm) {
    return [{ code: "too-narrow", severity: "stop", values: { width: leastDivisionMm }, at: null }];
  }
  const findings: Finding[] = [];
  if (divided.endsImpossible && spec.fit.by === "near" && spec.fit.ends !== "any") {
    findings.push({
      code: "ends-impossible",
      severity: "check",
      values: { wanted: spec.fit.ends },
      at: null,
      cure: cureWith(layout, "free-ends", { ...spec.fit, ends: "any" }),
    });
  }
  if (
    input.fit.by === "anchor" &&
    (input.fit.at < layout.frame.start || input.fit.at > layout.frame.start + input.span)
  ) {
    const { fit } = input;
    const middle = { ...fit, at: layout.frame.start + input.span / 2 };
    findings.push({
      code: "anchor-outside",
      severity: "check",
      values: { at: fit.at / layout.frame.anchorScale },
      at: null,
      cure: cureWith(layout, "anchor-on-wall", middle),
    });
  }
  const isCentred = spec.direction === "vertical" && (spec.fit.by === "width" || spec.fit.by === "near");
  const onThing = isCentred
    ? checkOffCentre(layout.strip, (_, x) =>
        spec.fit.by === "width" && spec.fit.width !== undefined
          ? cureWith(layout, "centre-on-it", { by: "anchor", width: spec.fit.width, at: x })
          : null,
      )
    : [];
  return [...findings, ...onThing, ...checkEnds(layout), ...checkClearance(layout)];
}
