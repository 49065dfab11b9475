import { useDeferredValue } from "react";
import { seenColours, type SeenWall } from "@/core/look/seenColours";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";

/** What colours walls show; while something is dragged it follows when there is time. */
export function useSeenColours(walls: readonly Wall[], plans: readonly PlanWall[]): SeenWall[] {
  return useDeferredValue(plans).flatMap((plan) => {
    const wall = walls.find(({ id }) => id === plan.id);
    return wall ? [seenColours(wall, plan)] : [];
  });
}
