import type { LayerFrame } from "@/ui/wall-view/WallStage";
import { useOrderShown } from "./orderShown";
import { OrderWay } from "./OrderWay";
import { useVisits } from "./useVisits";

/** The way of what is printed, stamped or worked place by place, where it is asked for. */
export function OrderPath({ wallId, frame }: { readonly wallId: string; readonly frame: LayerFrame }) {
  const shown = useOrderShown((state) => state.shown);
  const order = useVisits(wallId).find(({ key }) => key === shown);
  return order ? <OrderWay order={order} place={([x, y]) => [frame.x(x), frame.y(y)]} ink="#5b3a9e" /> : null;
}
