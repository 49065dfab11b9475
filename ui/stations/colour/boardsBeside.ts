import type { Plan, PlanDecision, PlanWall } from "@/core/plan/planTypes";
import { noRoom, type Margins } from "@/ui/wall-view/useView";

/** As wide as a board beside the wall may be drawn, and what lies between it and the wall, px. */
export const besidePx = 84;
export const besideGapPx = 14;

export type Pinned = NonNullable<PlanDecision["boards"]>[number] & Pick<PlanDecision, "of" | "standing">;

/** The boards that hang on a wall or nowhere on any, with what they are of. */
export const pinnedAt = ({ decisions = [] }: Pick<Plan, "decisions">, wall: string): Pinned[] =>
  decisions.flatMap(({ of, standing, boards = [] }) =>
    boards.flatMap((board) =>
      board.wall === undefined || board.wall === wall ? [{ ...board, of, standing }] : [],
    ),
  );

/** What boards take of the stage at the right of a wall; those on it take none. */
export const roomForBoards = ({ id }: PlanWall, plan: Plan): Margins =>
  pinnedAt(plan, id).some(({ wall }) => wall === undefined)
    ? { ...noRoom, right: besidePx + besideGapPx }
    : noRoom;
