import type { Plan } from "@/core/plan/planTypes";

/** Something that is told at the wall: when, minutes from the first midnight of the plan, by whom, and what. */
export interface Telling {
  readonly at: number;
  readonly by: string;
  readonly kind: string;
  readonly payload: object;
}

/** Somebody who works through a plan and tells of it. The program ships a simulated one; a real one taps and speaks. */
export interface WallHelper {
  readonly name: string;
  /** What is told next, by the plan as it stands at a time; null when there is nothing left to do. */
  next(plan: Plan, now: number): readonly Telling[] | null;
}
