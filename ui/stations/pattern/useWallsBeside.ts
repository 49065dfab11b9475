import { useMemo } from "react";
import type { PlanWall } from "@/core/job/planTypes";
import type { Wall } from "@/core/wall/schema";
import { usePlan } from "@/ui/job/JobProvider";
import { useHandedFinish } from "./useEditing";

/** A wall of the same run, and where its left plumb line lies from that of the wall that is shown. */
export interface WallBeside {
  readonly wall: Wall;
  readonly plan: PlanWall | null;
  readonly offset: number;
}

/** The other walls that the finish in hand goes on over, unfolded beside this one. */
export function useWallsBeside(wallId: string): readonly WallBeside[] {
  const handed = useHandedFinish(wallId);
  const plan = usePlan();
  return useMemo(
    () =>
      (handed?.strip.parts ?? [])
        .filter(({ wall }) => wall.id !== wallId)
        .map(({ wall, offset }) => ({
          wall,
          plan: plan.walls.find(({ id }) => id === wall.id) ?? null,
          offset: offset - handed!.offset,
        })),
    [handed, plan, wallId],
  );
}
