import { useMemo } from "react";
import { useJob, useShownWall } from "@/ui/job/JobProvider";
import { ordersOf, type Order } from "./orders";

const none: readonly Order[] = [];

/** What is done place by place on a wall, worked out anew only when its plan is another. */
export function useOrders(wallId: string | null): readonly Order[] {
  const plan = useShownWall(wallId)?.plan;
  const { paints } = useJob();
  return useMemo(
    () => (plan ? ordersOf(plan, (id) => paints.find((paint) => paint.id === id)?.name ?? id) : none),
    [plan, paints],
  );
}
