import type { PlanWall } from "@/core/plan/planTypes";

/** So many pieces and prints are drawn as shapes of the document; more go onto the canvas. */
const mostShapes = 300;

export const isForCanvas = ({ regions, prints = [] }: PlanWall): boolean =>
  regions.length + prints.reduce((sum, { list }) => sum + list.length, 0) > mostShapes;
