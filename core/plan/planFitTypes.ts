import type { PlanPoint } from "./planPoint";

/** What a way to lay out a finish asks of tape: lines, straight pieces, where those meet, and minutes. */
export interface PlanTaping {
  tape_m: number;
  pieces: number;
  crossings: number;
  minutes: number;
}

export interface PlanCandidate {
  count: number;
  width: number | null;
  /** The easy size whose multiples the lines keep to, what remains being shared out over the gaps. */
  module?: number;
  ends: "same" | "different";
  endWidths: [number, number];
  verdict: "good" | "fair" | "poor";
  score: number;
  why: string[];
  fit: unknown;
  /** Where the lines would stand, from the start of the span. */
  boundaries: number[];
  colours: string[];
  taping: PlanTaping;
}

export interface PlanFit {
  finish: string;
  /** What one division is called: "stripe". */
  noun: string;
  /** The axis across the divisions: a point p lies at normal . p, counted from start. */
  axis: { normal: PlanPoint; start: number };
  chosen: PlanCandidate & { centre?: "stripe" | "joint" };
  proof: { worst_mm: number; steppedAtEnd_mm?: number };
  candidates: (PlanCandidate & { change: PlanChange })[];
}

export interface PlanChange {
  label: string;
  finish?: string;
  wall?: string;
  paint?: string;
  stencil?: string;
  /** Where in the finish, wall, paint or sheet the keys are set; at its top when absent. */
  path?: readonly (string | number)[];
  set: Readonly<Record<string, unknown>>;
}
