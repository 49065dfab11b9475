import type { Cure, Finding } from "../findings/finding";
import type { Segment } from "../geometry/curve";
import { obstaclesOf, oneAPlace, relateLines, thingAt } from "../wall/clearance";
import type { Strip } from "../wall/strip";

/** Lines at any angle that pass a plate or a casing closely without meeting it. */
export function checkNearMisses(
  lines: readonly Segment[],
  strip: Strip,
  cureOf: (line: number) => Cure | undefined = () => undefined,
): Finding[] {
  const things = obstaclesOf(strip).filter(({ kind }) => kind !== "corner");
  return oneAPlace(relateLines(lines, things)).flatMap(({ kind, gap, at, line, obstacle }): Finding[] =>
    kind === "near-miss"
      ? [
          {
            code: "near-miss",
            severity: "check",
            at,
            values: { gap, thing: thingAt(obstacle, at) },
            cure: cureOf(lines.indexOf(line)),
          },
        ]
      : [],
  );
}
