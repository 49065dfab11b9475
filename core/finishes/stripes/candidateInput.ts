import type { CandidateInput, Feature } from "../../fit/candidates";
import type { Segment } from "../../geometry/curve";
import { obstaclesOf, relateLines } from "../../wall/clearance";
import { nameOf, type Surface } from "../../wall/surface";
import type { FinishContext } from "../defineFinish";
import { lineAt, type Frame, type StripeLayout } from "./layout";

/** Everything that the solver needs to judge other ways to divide this wall. */
export function candidateInput(
  { input, frame }: StripeLayout,
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
