import type { Strip } from "../wall/strip";
import type { FinishContext, Laid } from "./defineFinish";

/** Broken colour lies on what others lay out, and lays nothing out itself. */
export const layOutBroken = <Spec>(spec: Spec, strip: Strip, context: FinishContext): Laid<Spec> => ({
  spec,
  strip,
  context,
});
