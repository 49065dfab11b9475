import type { Speech } from "../../findings/speech";
import type { Paint } from "../../paint/schema";
import { waitFactor, type Climate } from "../../trade/climate";
import { mishaps, type MishapKind } from "./mishaps";

/** A step of a remedy as it is told, with what has to dry after it in this air, minutes. */
export interface Mending {
  readonly say: string;
  readonly minutes: number;
  readonly dryMin: number;
}

export interface MendPlan {
  readonly steps: readonly Mending[];
  /** Of hands, and from the first to the last step with all that dries between. */
  readonly minutes: number;
  readonly wholeMin: number;
}

/** What mends a mishap of one paint on another, in the air of the job. The label's waits count, never shortened by warmth. */
export function mendPlan(
  kind: MishapKind,
  { paint, under }: { readonly paint: Paint; readonly under: Paint },
  air: Climate,
  speech: Speech,
): MendPlan {
  const factor = waitFactor(air);
  const { mend } = mishaps[kind];
  const steps = mend.map(({ say, minutes, then }, index): Mending => ({
    say: say(speech.paint(paint.id), speech.paint(under.id), speech),
    minutes,
    // What dries after the last step holds nothing up.
    dryMin:
      then && index < mend.length - 1
        ? Math.ceil((then.of === "paint" ? paint : under)[then.wait] * factor)
        : 0,
  }));
  return mendingOf(steps);
}

/** Steps of a remedy with what they come to. */
export function mendingOf(steps: readonly Mending[]): MendPlan {
  const minutes = steps.reduce((sum, step) => sum + step.minutes, 0);
  return { steps, minutes, wholeMin: minutes + steps.reduce((sum, { dryMin }) => sum + dryMin, 0) };
}
