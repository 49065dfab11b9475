import type { PlanFinding, PlanWall } from "@/core/job/planTypes";

/** A finding as a station shows it: on the card and as a flag on the wall under one key and one number. */
export interface ShownFinding {
  readonly finding: PlanFinding;
  readonly key: string;
  readonly number: number;
}

/** What is noticed about a wall itself, whatever is laid on it. */
const measureCodes: ReadonlySet<string> = new Set([
  "opening-outside",
  "openings-overlap",
  "fixture-outside",
  "trim-too-tall",
  "nothing-to-paint",
  "outline-crosses",
  "likely-slip",
  "out-of-level",
  "out-of-plumb",
  "out-of-square",
  "diagonal-disagrees",
  "not-flat",
  "level-line-crosses",
  "level-line-reach",
]);

/** The findings of a wall that belong to a station: Measure has those of the wall itself, Pattern those of its finishes. */
export function findingsAt(
  plan: PlanWall | null | undefined,
  station: "measure" | "pattern",
): ShownFinding[] {
  return (plan?.findings ?? [])
    .map((finding, index) => ({ finding, key: `${plan!.id} finding ${index}` }))
    .filter(({ finding }) => measureCodes.has(finding.code) === (station === "measure"))
    .map((shown, index) => ({ ...shown, number: index + 1 }));
}
