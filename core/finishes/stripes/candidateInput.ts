import type { CandidateInput, Feature } from "../../fit/candidateInput";
import type { DivideInput } from "../../fit/divideSpan";
import type { Segment } from "../../geometry/curve";
import { obstaclesOf, relateLines } from "../../wall/clearance";
import type { Strip } from "../../wall/strip";
import { nameOf } from "../../wall/surface";
import type { FinishContext } from "../defineFinish";
import { lineAt, type Frame } from "./frame";

/** Everything that the solver needs to judge other ways to divide this wall. */
export function candidateInputOf(
  input: DivideInput,
  frame: Frame,
  strip: Strip,
  { viewingDistance }: FinishContext,
): CandidateInput {
  const obstacles = obstaclesOf(strip);
  return {
    ...input,
    viewingDistance,
    wantedEnds: input.fit.by === "near" ? input.fit.ends : "any",
    features: featuresAlong(frame, strip),
    relate: (boundaries) => {
      const lines = boundaries
        .map((distance) => lineAt(frame, distance, strip.extent))
        .filter((line): line is Segment => line !== null);
      return relateLines(lines, obstacles);
    },
  };
}

/** Edges and centres of openings and plates, where stripes are square to the wall. */
function featuresAlong({ normal, start, span }: Frame, { parts }: Strip): Feature[] {
  if (normal.x !== 0 && normal.y !== 0) return [];
  return parts.flatMap(({ wall, offset }) => {
    const along = ({ x, y, width, height }: { x: number; y: number; width: number; height: number }) =>
      normal.x === 1 ? ([x + offset, width] as const) : ([y, height] as const);
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
  });
}
