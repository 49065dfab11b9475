import type { Feature, Candidate, CandidateInput } from "../../fit/candidates";
import { rankCandidates, wishOf } from "../../fit/candidates";
import type { DivideInput } from "../../fit/divideSpan";
import { isPart, judgeDivision } from "../../fit/judgeDivision";
import { steppedError } from "../../fit/proof";
import type { Segment } from "../../geometry/curve";
import { obstaclesOf, relateLines } from "../../wall/clearance";
import { nameOf, type Surface } from "../../wall/surface";
import type { FinishContext, FitReport } from "../defineFinish";
import { layOutStripes, lineAt, type Frame } from "./layout";
import type { StripesSpec } from "./spec";

/** The chosen division, its proof, and the ranked ways to divide the wall instead. */
export function fitStripes(spec: StripesSpec, surface: Surface, context: FinishContext): FitReport | null {
  const { frame, input, divided } = layOutStripes(spec, surface, context);
  if (divided.divisions.length === 0) return null;
  const judged = candidateInput(input, frame, surface, context);
  const chosen: Candidate = { fit: spec.fit, divided, ...judgeDivision(judged, divided, wishOf(judged), []) };
  const candidates = rankCandidates(judged).map((candidate) => onSpecAxis(candidate, frame));
  const whole = divided.divisions.filter((division) => !isPart(division)).length;
  const equal = !spec.widths && spec.fit.by !== "spread" && chosen.width !== null;
  return {
    axis: { normal: frame.normal, start: frame.start },
    chosen,
    candidates,
    steppedAtEnd: equal ? steppedError(chosen.width!, whole, context.tapeDivision) : null,
  };
}

/** Everything that the solver needs to judge other ways to divide this wall. */
export function candidateInput(
  input: DivideInput,
  frame: Frame,
  surface: Surface,
  { viewingDistance }: FinishContext,
): CandidateInput {
  const obstacles = obstaclesOf(surface);
  return {
    ...input,
    viewingDistance,
    wantedEnds: input.fit.by === "near" ? input.fit.ends : "any",
    features: featuresAlong(frame, surface),
    relate: (boundaries) => {
      const lines = boundaries
        .map((distance) => lineAt(frame, distance, surface.extent))
        .filter((line): line is Segment => line !== null);
      return relateLines(lines, obstacles);
    },
  };
}

/** Edges and centres of openings and plates, where stripes are square to the wall. */
function featuresAlong({ normal, start, span }: Frame, { wall }: Surface): Feature[] {
  if (normal.x !== 0 && normal.y !== 0) return [];
  const along = ({ x, y, width, height }: { x: number; y: number; width: number; height: number }) =>
    normal.x === 1 ? ([x, width] as const) : ([y, height] as const);
  const feature = (at: number, thing: string, kind: Feature["kind"]): Feature => ({
    at: at - start,
    thing,
    kind,
  });
  return [
    ...wall.openings.flatMap((opening) => {
      const [from, size] = along(opening);
      return [
        feature(from - opening.casing, nameOf(opening), "edge"),
        feature(from + size / 2, nameOf(opening), "centre"),
      ];
    }),
    ...wall.fixtures
      .filter((fixture) => fixture.kind === "plate")
      .map((plate) => {
        const [from, size] = along(plate);
        return feature(from + size / 2, nameOf(plate), "edge");
      }),
  ].filter(({ at }) => at > 0 && at < span);
}

/** Anchors are solved on the frame's axis and given on the spec's. */
function onSpecAxis(candidate: Candidate, { anchorScale }: Frame): Candidate {
  const { fit } = candidate;
  return fit.by === "anchor" ? { ...candidate, fit: { ...fit, at: fit.at / anchorScale } } : candidate;
}
