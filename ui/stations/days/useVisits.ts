import { useMemo } from "react";
import { useJob, useShownWall } from "@/ui/job/JobProvider";
import { visitsOf, type Visit } from "./visits";

const none: readonly Visit[] = [];

/** What is done place by place on a wall, worked out anew only when its plan is another. */
export function useVisits(wallId: string | null): readonly Visit[] {
  const plan = useShownWall(wallId)?.plan;
  const { paints } = useJob();
  return useMemo(
    () => (plan ? visitsOf(plan, (id) => paints.find((paint) => paint.id === id)?.name ?? id) : none),
    [plan, paints],
  );
}
