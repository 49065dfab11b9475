import { noRoom } from "@/ui/wall-view/useView";

/** As wide as a board beside the wall may be drawn, and what lies between it and the wall, px. */
export const besidePx = 84;
export const besideGapPx = 14;

/** Boards hang at the right of a wall; it stays where it is when one comes. */
export const roomForBoards = () => ({ ...noRoom, right: besidePx + besideGapPx });
