import type { PlanFinding, PlanWall } from "@/core/plan/planTypes";

/** A finding as a station shows it: on the card and as a flag on the wall under one key and one number. */
export interface ShownFinding {
  readonly finding: PlanFinding;
  readonly key: string;
  readonly number: number;
}

/** The findings of a wall about one thing: the wall as it stands, or what is laid on it. */
export function findingsAt(plan: PlanWall | null | undefined, about: PlanFinding["about"]): ShownFinding[] {
  return (plan?.findings ?? [])
    .map((finding, index) => ({ finding, key: `${plan!.id} finding ${index}` }))
    .filter(({ finding }) => finding.about === about)
    .map((shown, index) => ({ ...shown, number: index + 1 }));
}

/** The findings of the job as a whole about one thing, numbered in their order. */
export function jobFindingsAt(findings: readonly PlanFinding[], about: PlanFinding["about"]): ShownFinding[] {
  return findings
    .filter((finding) => finding.about === about)
    .map((finding, index) => ({ finding, key: `job finding ${about} ${index}`, number: index + 1 }));
}
