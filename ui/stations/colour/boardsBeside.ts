import type { Plan, PlanWall } from "@/core/plan/planTypes";
import { noRoom, type Margins } from "@/ui/wall-view/useView";

/** As wide as a board beside the wall may be drawn, and what lies between it and the wall, px. */
export const besidePx = 84;
export const besideGapPx = 14;

/** What boards that hang on no wall take of the stage at the right of each. */
export const roomForBoards = (_: PlanWall, { decisions = [] }: Plan): Margins =>
  decisions.some(({ boards }) => boards?.some(({ wall }) => wall === undefined))
    ? { ...noRoom, right: besidePx + besideGapPx }
    : noRoom;
