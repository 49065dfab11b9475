import type { Cure, Finding } from "../../findings/finding";
import type { Candidate } from "../../fit/candidates";
import { rankCandidates, wishOf } from "../../fit/candidates";
import type { Division } from "../../fit/divideSpan";
import { isPart, isUnderHalf, judgeDivision, widthOf } from "../../fit/judgeDivision";
import { divideSpan } from "../../fit/divideSpan";
import { judgeDifference, visibleTolerance } from "../../fit/visibleDifference";
import type { Fit } from "../../fit/schema";
import type { Relation } from "../../wall/clearance";
import { sliverMm } from "../../trade/constants";
import type { Surface } from "../../wall/surface";
import type { FinishContext } from "../defineFinish";
import { candidateInput } from "./fit";
import { layOutStripes, lineAt, type StripeLayout } from "./layout";
import type { StripesSpec } from "./spec";

/** What a painter should decide about these stripes before marking them, with cures where a change would do. */
export function checkStripes(spec: StripesSpec, surface: Surface, context: FinishContext): Finding[] {
  const layout = layOutStripes(spec, surface, context);
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
  return [
    ...findings,
    ...checkEnds(spec, layout, surface, context),
    ...checkClearance(spec, layout, surface, context),
  ];
}

function checkEnds(spec: StripesSpec, layout: StripeLayout, surface: Surface, context: FinishContext) {
  const { divisions } = layout.divided;
  const ends = [divisions[0]!, divisions.at(-1)!] as const;
  const sides = spec.direction === "horizontal" ? (["bottom", "top"] as const) : (["left", "right"] as const);
  const under = ends.flatMap((end, index): Finding[] => {
    if (!isUnderHalf(end) || (index === 1 && divisions.length === 1)) return [];
    const values = { end: widthOf(end), whole: end.whole, side: sides[index]! };
    const at = placeOf(layout, (end.from + end.to) / 2, surface);
    return [
      {
        code: "end-under-half",
        severity: "check",
        values,
        at,
        cure: cureEnds(spec, layout, surface, context),
      },
    ];
  });
  return under.length > 0 ? under : checkRemainder(spec, layout, surface, context);
}

/** The other centring when that clears the ends, else the best division into whole stripes. */
function cureEnds(
  spec: StripesSpec,
  layout: StripeLayout,
  surface: Surface,
  context: FinishContext,
): Cure | undefined {
  const { fit } = spec;
  const endsAreFine = (candidate: Fit) => {
    const { divisions } = divideSpan({ ...layout.input, fit: candidate });
    return !isUnderHalf(divisions[0]!) && !isUnderHalf(divisions.at(-1)!);
  };
  if (fit.by === "width" || fit.by === "anchor") {
    const best: Fit = { by: "width", width: fit.width, centre: "best", wish: fit.wish };
    if (endsAreFine(best)) return cure(spec, "centre-other", best);
  }
  const whole = rankCandidates(candidateInput(layout.input, layout.frame, surface, context)).find(
    (candidate) => candidate.fit.by === "count",
  );
  return whole && cure(spec, "whole-count", whole.fit);
}

/** Neighbouring widths, or the gap that a spread module grew by, that differ by more than is seen. */
function checkRemainder(
  spec: StripesSpec,
  layout: StripeLayout,
  surface: Surface,
  context: FinishContext,
): Finding[] {
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
  const at = parts[0] ? placeOf(layout, (parts[0].from + parts[0].to) / 2, surface) : null;
  const values = { difference, tolerance, distance: context.viewingDistance };
  const finding: Finding = { code: "remainder-shows", severity, values, at };
  return severity === "check" ? [{ ...finding, cure: cureEnds(spec, layout, surface, context) }] : [finding];
}

function checkClearance(
  spec: StripesSpec,
  layout: StripeLayout,
  surface: Surface,
  context: FinishContext,
): Finding[] {
  const input = candidateInput(layout.input, layout.frame, surface, context);
  const relations = input
    .relate(layout.divided.divisions.slice(1).map((division) => division.from))
    .filter((relation) => relation.kind !== "meets");
  if (relations.length === 0) return [];
  const candidates = rankCandidates(input);
  return relations.map((relation): Finding => {
    const shared = { severity: "check", at: relation.at } as const;
    const cureFor = cureClearance(spec, layout, input, relation, candidates);
    return relation.kind === "near-miss"
      ? {
          code: "near-miss",
          ...shared,
          values: { gap: relation.gap, thing: relation.obstacle.thing },
          cure: cureFor,
        }
      : {
          code: "sliver",
          ...shared,
          values: { width: relation.gap, thing: relation.obstacle.thing },
          cure: cureFor,
        };
  });
}

/** Shift the lines onto the thing or clear of it, whichever leaves the better wall; else divide otherwise. */
function cureClearance(
  spec: StripesSpec,
  layout: StripeLayout,
  input: ReturnType<typeof candidateInput>,
  { obstacle }: Relation,
  candidates: readonly Candidate[],
): Cure | undefined {
  const { frame, divided } = layout;
  const wish = wishOf(input);
  const cures = (fit: Fit) => {
    const other = divideSpan({ ...input, fit });
    const left = input.relate(other.divisions.slice(1).map((division) => division.from));
    return left.every((relation) => relation.kind === "meets" || relation.obstacle.thing !== obstacle.thing)
      ? judgeDivision({ ...input, fit }, other, wish, []).score
      : null;
  };
  const module = divided.divisions.find((division) => !isPart(division))?.whole;
  const isSquare = frame.normal.x === 0 || frame.normal.y === 0;
  const shifts: { kind: "hit-it" | "clear-it"; fit: Fit }[] =
    spec.widths || module === undefined || !isSquare
      ? []
      : edgesOf(
          frame.normal.x === 1
            ? [obstacle.box.minX, obstacle.box.maxX]
            : [obstacle.box.minY, obstacle.box.maxY],
        ).map(({ kind, at }) => ({ kind, fit: { by: "anchor", width: module, at, wish } }));
  const best = shifts
    .map((shift) => ({ ...shift, score: cures(shift.fit) }))
    .filter((shift): shift is typeof shift & { score: number } => shift.score !== null)
    .sort((a, b) => b.score - a.score)[0];
  const other = candidates.find((candidate) => cures(candidate.fit) !== null);
  if (best && (!other || best.score >= other.score)) return cure(spec, best.kind, best.fit);
  if (!other) return undefined;
  const { fit } = other;
  return cure(spec, "other-division", fit.by === "anchor" ? { ...fit, at: fit.at / frame.anchorScale } : fit);
}

function edgesOf([low, high]: readonly [number, number]): { kind: "hit-it" | "clear-it"; at: number }[] {
  return [
    { kind: "hit-it", at: low },
    { kind: "hit-it", at: high },
    { kind: "clear-it", at: low - sliverMm },
    { kind: "clear-it", at: high + sliverMm },
  ];
}

function cure(spec: StripesSpec, kind: Cure["kind"], fit: Fit): Cure {
  return { kind, finish: spec.id, set: { fit } };
}

/** The middle of the stripe line at a distance from the span's start. */
function placeOf({ frame }: StripeLayout, distance: number, surface: Surface) {
  const line = lineAt(frame, distance, surface.extent);
  return line && { x: (line.a.x + line.b.x) / 2, y: (line.a.y + line.b.y) / 2 };
}
