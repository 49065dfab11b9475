"use client";

import { nowOfPlan } from "@/core/plan/nowOfPlan";
import { usePlan } from "@/ui/job/JobProvider";
import { StandingLayer } from "@/ui/wall-view/StandingLayer";
import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { OrderPath } from "./OrderPath";
import { useDayClock } from "./dayClock";

/** The wall as it stands at the moment that is looked at, and the way that is taken over it. */
export function DaysLayer({ wallId, frame }: { wallId: string; frame: LayerFrame }) {
  const plan = usePlan();
  const { at } = useDayClock();
  return (
    <>
      <StandingLayer wallId={wallId} frame={frame} time={at ?? nowOfPlan(plan) ?? plan.work?.end ?? 0} />
      <OrderPath wallId={wallId} frame={frame} />
    </>
  );
}
