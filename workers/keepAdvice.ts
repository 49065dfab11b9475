import type { PlanWall } from "@/core/plan/planTypes";

/**
 * A wall as it lies now with what else could be done there as it was known last, until that is known anew: a list that is looked
 * at does not vanish while a line is moved.
 */
export function keepAdvice(wall: PlanWall, before: PlanWall | undefined): PlanWall {
  if (!before || wall === before) return wall;
  const keyOf = ({ code, say }: PlanWall["findings"][number]) => `${code} ${say}`;
  const known = new Map(before.findings.map((finding) => [keyOf(finding), finding.change]));
  return {
    ...wall,
    fit: before.fit,
    offers: before.offers,
    findings: wall.findings.map((finding) => {
      const change = finding.change ?? known.get(keyOf(finding));
      return change ? { ...finding, change } : finding;
    }),
  };
}
