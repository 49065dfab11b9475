import type { Paint } from "../../paint/schema";
import { waitFor, type Latest, type Wait } from "../step";
import type { ComingOff, TapePlan } from "./tapePlan";

/** What a last coat follows because of the tape that it shares with other colours. */
interface Following {
  readonly after: readonly Wait[];
  readonly within: readonly Latest[];
}

export const noOthers: Following = { after: [], within: [] };

/**
 * A tape that parts colours of one round comes off with the last of them: that one's last coat follows the others', and
 * while they are still wet where that can be. `painted` is what of the round is on before.
 */
export function besideOthers(
  peeled: readonly ComingOff[],
  paint: Paint,
  minutes: number,
  painted: ReadonlyMap<string, Wait>,
  plan: TapePlan,
): Following {
  const shared = peeled.filter(({ bundle }) => bundle.upTo.length > 1);
  if (shared.length === 0) return noOthers;
  const others = new Map<string, boolean>();
  for (const { bundle, strands } of shared) {
    for (const { paint: other } of bundle.upTo) {
      if (other === paint.id || !painted.has(other)) continue;
      others.set(other, (others.get(other) ?? false) || strands === null);
    }
  }
  const steps = [...others].map(([other, isWet]) => ({ step: painted.get(other)!.step, other, isWet }));
  return {
    after: steps.map(({ step }) => waitFor(step)!),
    within: steps.flatMap(({ step, other, isWet }) =>
      isWet ? [{ step, minutes: Math.max(0, Math.floor(plan.openMinutes(other) - minutes)) }] : [],
    ),
  };
}
