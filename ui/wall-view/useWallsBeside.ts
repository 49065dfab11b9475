import { useMemo } from "react";
import { stripOfFinish } from "@/core/job/wallsOfFinish";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";
import { useJob, useJobState } from "@/ui/job/JobProvider";
import { useFinishInHand } from "@/ui/job/patternHand";

/** A wall of the same run, and where its left plumb line lies from that of the wall that is shown. */
export interface WallBeside {
  readonly wall: Wall;
  readonly plan: PlanWall | null;
  readonly offset: number;
}

const none: readonly WallBeside[] = [];

/** The other walls that the finish in hand goes on over, unfolded beside this one. */
export function useWallsBeside(wallId: string): readonly WallBeside[] {
  const job = useJob();
  const spec = useFinishInHand(wallId);
  const walls = useJobState((state) => state.shownWalls);
  const strip = useMemo(() => (spec ? stripOfFinish(job, spec) : null), [job, spec]);
  return useMemo(() => {
    const here = strip?.parts.find(({ wall }) => wall.id === wallId);
    if (!strip || !here || strip.corners.length === 0 || strip.parts.length === 1) return none;
    return strip.parts
      .filter((part) => part !== here)
      .map(({ wall, offset }) => ({
        wall,
        plan: walls.find(({ id }) => id === wall.id) ?? null,
        offset: offset - here.offset,
      }));
  }, [strip, walls, wallId]);
}
