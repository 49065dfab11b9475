import type { Cure } from "../../findings/finding";
import { divideSpan } from "../../fit/divideSpan";
import type { Fit } from "../../fit/schema";
import type { StripeLayout } from "./layout";

/** The change that gives these stripes another fit; anchors are solved on the frame's axis and given on the spec's. */
export function cureWith({ spec, input, frame }: StripeLayout, kind: Cure["kind"], fit: Fit): Cure {
  const count = divideSpan({ ...input, fit }).divisions.length;
  const written = fit.by === "anchor" ? { ...fit, at: fit.at / frame.anchorScale } : fit;
  return { kind, count, finish: spec.id, set: { fit: written } };
}
