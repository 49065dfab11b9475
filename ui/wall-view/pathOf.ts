import type { PlanPoint } from "@/core/plan/planTypes";

/** An SVG path through points given with y up, in a wall whose top (in its own mm) is drawn at 0. */
export function pathOf(points: readonly PlanPoint[], top: number): string {
  return `M${points.map(([x, y]) => `${x} ${top - y}`).join("L")}Z`;
}
