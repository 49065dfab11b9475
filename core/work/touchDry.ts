import type { Paint } from "../paint/schema";
import { paintsIn } from "./act";
import { waitFor, type Step, type Wait } from "./step";

/** Until all that a step puts on takes another coat. */
export const recoatable = (
  step: Pick<Step, "id" | "does">,
  paints: ReadonlyMap<string, Paint>,
): Wait | null =>
  waitFor(step.id, "recoat", Math.max(0, ...paintsIn(step).map((paint) => paints.get(paint)!.recoatMin)));

/** Until all that a step puts on can be touched. */
export const touchDry = (
  step: Pick<Step, "id" | "does" | "driesMin">,
  paints: ReadonlyMap<string, Paint>,
): Wait | null =>
  waitFor(
    step.id,
    "touch-dry",
    Math.max(step.driesMin ?? 0, ...paintsIn(step).map((paint) => paints.get(paint)!.touchDryMin)),
  );
