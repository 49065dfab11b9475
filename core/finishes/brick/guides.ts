import { visibleTolerance } from "../../trade/visibleDifference";
import type { BrickLayout } from "./layout";

/** How far a stamp set by eye on the joint under the one before lands from where it should, mm: a pencil line's width. */
export const handMm = 0.5;

/**
 * A guide line every so many courses is enough for a hand. What k courses go astray by adds up like chance does, to
 * `handMm` x sqrt(k), and is all taken up in the bed over the next line: it may be what the eye lets pass there.
 */
export function guidesEnough({ courses, context }: Pick<BrickLayout, "courses" | "context">): number {
  const share = visibleTolerance(courses.bed, context.viewingDistance) / handMm;
  return Math.min(courses.count, Math.max(1, Math.floor(share * share + 1e-9)));
}

/** Courses whose foot has a guide line: every one where joints are taped, else every so many. */
export const isGuided = (course: number, { spec }: Pick<BrickLayout, "spec">): boolean =>
  spec.way === "taped" || course % spec.guides === 0;
