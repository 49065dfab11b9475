import { inject } from "vitest";

/**
 * How many random runs a property is given. A commit tries a share of the full count, each commit others; `npm run trials
 * -- properties TIMES` tries so many times the full count. A counterexample that is found is pinned as one of its
 * examples, or as a document of trials/pinned, so that no later run is without it.
 */
export const runsOf = (full: number): { readonly numRuns: number } => ({
  numRuns: Math.max(Math.min(full, leastRuns), Math.round(full * inject("propertyShare"))),
});

const leastRuns = 10;
