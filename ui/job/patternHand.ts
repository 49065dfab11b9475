import { useMemo } from "react";
import { create } from "zustand";
import { isOnWall } from "@/core/job/wallsOfFinish";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Job, JobFinish } from "@/core/job/schema";
import { useJob } from "./JobProvider";
import type { Point } from "@/core/geometry/point";

/** What the painter has in hand at the Pattern station: a finish, and a tool with the points set so far. */
interface PatternHand {
  /** A finish's id; null for the uppermost of the wall. */
  readonly finish: string | null;
  readonly tool: string | null;
  readonly paint: string | null;
  /** In the coordinates of the finish's strip. */
  readonly points: readonly Point[];
  /** An overlay of the finish in hand that is looked at alone; null for all of them. */
  readonly overlay: string | null;
  lookAt(overlay: string | null): void;
  take(finish: string | null): void;
  takeTool(tool: string | null): void;
  takePaint(paint: string): void;
  setPoints(points: readonly Point[]): void;
}

/** Shared by the card and the wall; nothing of it is saved. */
export const usePatternHand = create<PatternHand>((set) => ({
  finish: null,
  tool: null,
  paint: null,
  points: [],
  overlay: null,
  lookAt: (overlay) => set({ overlay }),
  take: (finish) => set({ finish, tool: null, points: [], overlay: null }),
  takeTool: (tool) => set({ tool, points: [] }),
  takePaint: (paint) => set({ paint }),
  setPoints: (points) => set({ points }),
}));

/** The finish in hand on a wall: the one that was taken, else the uppermost. */
export function finishInHand(job: Job, wallId: string, taken: string | null): JobFinish | undefined {
  const stack = job.finishes.filter((finish) => isOnWall(job, finish, wallId));
  return stack.find(({ id }) => id === taken) ?? stack.at(-1);
}

/** The same, as it was kept last: what a drag shows is made of that. */
export function useFinishInHand(wallId: string): JobFinish | undefined {
  const job = useJob();
  const taken = usePatternHand(({ finish }) => finish);
  return finishInHand(job, wallId, taken);
}

/** A wall's plan with the prints of one overlay alone, where the painter looks at that. */
export function useLookedAt(plan: PlanWall | null, wallId: string): PlanWall | null {
  const overlay = usePatternHand((hand) => hand.overlay);
  const finish = useFinishInHand(wallId)?.id;
  return useMemo(() => {
    if (!plan?.prints || overlay === null) return plan;
    const prints = plan.prints.map((own) =>
      own.finish === finish ? { ...own, list: own.list.filter((print) => print.overlay === overlay) } : own,
    );
    return { ...plan, prints };
  }, [plan, overlay, finish]);
}
