import type { Cure, Finding } from "../../findings/finding";
import { divideSpan, type Division } from "../../fit/divideSpan";
import { isPart, isUnderHalf, widthOf } from "../../fit/judgeDivision";
import { judgeDifference, visibleTolerance } from "../../trade/visibleDifference";
import type { Fit } from "../../fit/schema";
import { cureWith } from "./cureWith";
import { lineAt } from "./frame";
import type { StripeLayout } from "./layout";

/** Ends under half a stripe, or else a remainder that shows. */
export function checkEnds(layout: StripeLayout): Finding[] {
  const { spec } = layout;
  const { divisions } = layout.divided;
  const ends = [divisions[0]!, divisions.at(-1)!] as const;
  const sides = spec.direction === "horizontal" ? (["bottom", "top"] as const) : (["left", "right"] as const);
  const under = ends.flatMap((end, index): Finding[] => {
    if (!isUnderHalf(end) || (index === 1 && divisions.length === 1)) return [];
    const values = { end: widthOf(end), whole: end.whole, side: sides[index]! };
    const at = placeOf(layout, (end.from + end.to) / 2);
    return [
      {
        code: "end-under-half",
        severity: "check",
        values,
        at,
        later: () => cureEnds(layout),
      },
    ];
  });
  return under.length > 0 ? under : checkRemainder(layout);
}

/** The other centring when that clears the ends, else the best division into whole stripes. */
function cureEnds(layout: StripeLayout): Cure | undefined {
  const { fit } = layout.spec;
  const endsAreFine = (candidate: Fit) => {
    const { divisions } = divideSpan({ ...layout.input, fit: candidate });
    const ends = [divisions[0], divisions.at(-1)];
    return ends.every((end) => end !== undefined && !isUnderHalf(end));
  };
  if (fit.by === "width" || fit.by === "anchor") {
    const best: Fit = { by: "width", width: fit.width, centre: "best", wish: fit.wish };
    if (endsAreFine(best)) return cureWith(layout, "centre-other", best);
  }
  const whole = layout.candidates().find((candidate) => candidate.fit.by === "count");
  return whole && cureWith(layout, "whole-count", whole.fit);
}

/** Neighbouring widths, or the gap that a spread module grew by, that differ by more than is seen. */
function checkRemainder(layout: StripeLayout): Finding[] {
  const { spec, context } = layout;
  const { divisions } = layout.divided;
  if (spec.widths || divisions.length < 2) return [];
  const ends: Division[] = [divisions[0]!, divisions.at(-1)!];
  const parts = ends.filter(isPart);
  const module =
    spec.fit.by === "spread" ? spec.fit.module : divisions.find((division) => !isPart(division))?.whole;
  if (module === undefined) return [];
  const tolerance = visibleTolerance(module, context.viewingDistance);
  const differences =
    spec.fit.by === "spread"
      ? divisions.map((division) => Math.abs(widthOf(division) - module))
      : parts.map((part) => part.whole - widthOf(part));
  const difference = Math.max(0, ...differences);
  const verdict = judgeDifference(difference, tolerance);
  if (verdict === "won't show") return [];
  // Equal part ends of half a module or more are a school of their own: good to know, nothing to decide.
  const equalEnds = parts.length === 2 && Math.abs(widthOf(parts[0]!) - widthOf(parts[1]!)) < 0.5;
  const severity = verdict === "may show" || equalEnds ? "note" : "check";
  const at = parts[0] ? placeOf(layout, (parts[0].from + parts[0].to) / 2) : null;
  const values = { difference, tolerance, distance: context.viewingDistance };
  const finding: Finding = { code: "remainder-shows", severity, values, at };
  return severity === "check" ? [{ ...finding, later: () => cureEnds(layout) }] : [finding];
}

/** The middle of the stripe line at a distance from the span's start. */
function placeOf({ frame, strip }: StripeLayout, distance: number) {
  const line = lineAt(frame, distance, strip.extent);
  return line && { x: (line.a.x + line.b.x) / 2, y: (line.a.y + line.b.y) / 2 };
}
