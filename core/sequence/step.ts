import type { ConditionKind } from "../findings/preparation";
import type { Seal } from "../tape/sealEdge";

export type StepKind =
  | "clear"
  | "cover"
  | "plates-off"
  | "wash-wall"
  | "prepare"
  | "sand"
  | "prime"
  | "base"
  | "mark"
  | "tape"
  | "seal"
  | "paint"
  | "peel"
  | "wash-tools"
  | "touch-up"
  | "rub-out"
  | "plates-back"
  | "furniture-back";

export type WaitKind = "after" | "drying" | "recoat" | "tape-over" | "touch-dry" | "next-day";

/** What has to be over before a step may start, and for how long. */
export interface Wait {
  readonly step: string;
  readonly what: WaitKind;
  /** At 20 C and 50 % RH; 0 where it is only one after the other. */
  readonly minutes: number;
}

/** What can be cut in, filled and, with the last coat, peeled while its edge is wet. */
export interface Stretch {
  /** Ids of regions; one that is painted in several stretches stands in each of them. */
  readonly regions: readonly string[];
  readonly minutes: number;
}

/** One thing that one person does without a break. */
export interface Step {
  readonly id: string;
  readonly kind: StepKind;
  /** Whole minutes of one person. */
  readonly minutes: number;
  readonly after: readonly Wait[];
  readonly wall?: string;
  readonly round?: number;
  readonly coat?: number;
  /** Peeled as each stretch is painted. */
  readonly isPeeled?: boolean;
  readonly colour?: string;
  readonly condition?: ConditionKind;
  /** What tape edges are sealed with, in this step. */
  readonly seals?: readonly Seal[];
  /** Metres, square metres, pieces or marks, by its kind. */
  readonly amount?: number;
  readonly stretches?: readonly Stretch[];
  /** Which part of so many, where it is longer than a day. */
  readonly part?: { readonly number: number; readonly of: number };
}
