/** finish: each round is finished before the next. coat-by-coat: one coat everywhere, re-tape, second coats. */
export type School = "finish" | "coat-by-coat";

/** One taping, painting and peeling: a round of the plan. */
export interface Pass {
  readonly round: number;
  /** Which group of regions is painted. */
  readonly group: number;
  /** Which coat; absent when all coats go on in this round. */
  readonly coat?: number;
}

/** The rounds of a job in order. `coatsOfGroup[k]` is the most coats that a paint of group k + 1 takes. */
export function listPasses(coatsOfGroup: readonly number[], school: School): Pass[] {
  if (school === "finish") return coatsOfGroup.map((_, index) => ({ round: index + 1, group: index + 1 }));
  const passes: Pass[] = [];
  for (let coat = 1; coat <= Math.max(0, ...coatsOfGroup); coat++) {
    coatsOfGroup.forEach((coats, index) => {
      if (coats >= coat) passes.push({ round: passes.length + 1, group: index + 1, coat });
    });
  }
  return passes;
}
