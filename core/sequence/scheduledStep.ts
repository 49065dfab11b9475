import type { Step } from "../work/step";

/**
 * Why a step starts when it does and not sooner: what it waits for, whose hands are busy, that the day or its morning is over, or that what
 * has to follow it closely could not follow sooner.
 */
export type HeldBy = "start" | "wait" | "hands" | "night" | "break" | "follower";

export interface ScheduledStep {
  readonly step: Step;
  /** Minutes from midnight before the first day. */
  readonly start: number;
  readonly end: number;
  /** When each of its stretches is done; null where it has one or none. */
  readonly times: readonly (readonly [from: number, to: number])[] | null;
  /** From 0; of several people the first. */
  readonly hand: number;
  /** All of them. */
  readonly hands: readonly number[];
  readonly heldBy: HeldBy;
  /** The step that it waited for, or that kept the hands busy. */
  readonly heldFrom: string | null;
  /** When each of its waits is over, in their order. */
  readonly released: readonly number[];
}
