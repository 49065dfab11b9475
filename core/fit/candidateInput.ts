import type { Relation } from "../wall/clearance";
import type { DivideInput } from "./divideSpan";

/** A place along the span that a line or a stripe could be lined up with. */
export interface Feature {
  readonly at: number;
  readonly thing: string;
  readonly kind: "edge" | "centre";
}

export interface CandidateInput extends DivideInput {
  readonly viewingDistance: number;
  readonly features: readonly Feature[];
  /** The ends that were asked for. */
  readonly wantedEnds: "same" | "different" | "any";
  /** What lines at these positions (mm from the span's start) meet, miss or crowd. */
  readonly relate: (boundaries: readonly number[]) => readonly Relation[];
}
