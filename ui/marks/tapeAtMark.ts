import { groupBy } from "@/core/geometry/groupBy";
import type { PlanMark, PlanTape, PlanWall } from "@/core/plan/planTypes";

const none: readonly PlanTape[] = [];

/** Answers the pieces of tape that are laid along the line of a mark, first round first. */
export function tapeAtMarks({ tape }: Pick<PlanWall, "tape">): (mark: PlanMark) => readonly PlanTape[] {
  const byLine = groupBy(tape, ({ line }) => line);
  return ({ line }) => (line === undefined ? none : (byLine.get(line) ?? none));
}
