"use client";

import { useMemo } from "react";
import type { PlanStep } from "@/core/plan/planDayTypes";
import type { Piece } from "@/core/plan/workOfStep";
import { keysOf } from "@/core/work/keys";
import { useHappened } from "@/ui/job/JobProvider";

/** Which pieces of a step are told as done. */
export function usePiecesDone({ wall: own }: Pick<PlanStep, "wall">): (piece: Piece) => boolean {
  const { work } = useHappened();
  return useMemo(
    () =>
      ({ did, id }: Piece) =>
        keysOf([{ ...did, wall: did.wall ?? own, ids: [id] }]).every(
          (key) => work.get(key)?.finished !== undefined,
        ),
    [work, own],
  );
}
