import type { PlanPoint } from "../plan/planPoint";

/** What goes wrong where a plan is carried out to the letter. */
export const faultCodes = [
  "touches-wet",
  "on-too-early",
  "off-too-early",
  "off-too-late",
  "bare-line",
  "wrong-colour",
  "mark-lost",
  "join-dry",
  "stopped-in-field",
  "wrong-ground",
  "unguarded",
  "no-tool",
  "no-material",
  "no-reach",
  "two-places",
  "locked-in",
  "load-wasted",
] as const;
export type FaultCode = (typeof faultCodes)[number];

export interface Fault {
  readonly code: FaultCode;
  /** The step in which it happens; null for what only shows at the end. */
  readonly step: string | null;
  readonly wall: string | null;
  readonly at: PlanPoint | null;
  /** Minutes from midnight before the first day. */
  readonly minute: number;
  readonly say: string;
  /** The finding by which the plan tells of it already. */
  readonly told?: string;
}

export interface Rehearsal {
  readonly format: "jacaranda-rehearsal/1";
  readonly faults: readonly Fault[];
  /** The share of each wall that is in the end as it is designed. */
  readonly walls: readonly { readonly id: string; readonly asDesigned: number }[];
}
