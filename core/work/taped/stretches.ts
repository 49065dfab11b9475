import { OverLimit, planLimits } from "../../trade/allowance";
import type { Stretch } from "../step";

/** One region to be painted, and how long that takes with its cutting in and peeling. */
export interface Portion {
  readonly region: string;
  readonly minutes: number;
}

/** Room for the last bits of sums that are cut back to a limit. */
const tolerance = 1e-9;

/**
 * Portions in their order, gathered into stretches of at most a limit in minutes. A portion that is longer by itself is
 * divided into equal parts, each a stretch of its own.
 */
export function divideIntoStretches(portions: readonly Portion[], limit: number): Stretch[] {
  const stretches: Stretch[] = [];
  let regions: string[] = [];
  let minutes = 0;
  const close = () => {
    if (regions.length > 0) stretches.push({ regions, minutes });
    regions = [];
    minutes = 0;
  };
  for (const portion of portions) {
    if (portion.minutes > limit + tolerance) {
      close();
      const parts = Math.ceil(portion.minutes / limit - tolerance);
      if (parts > planLimits.stretches) throw new OverLimit("stretches");
      for (let part = 0; part < parts; part++) {
        stretches.push({ regions: [portion.region], minutes: portion.minutes / parts });
      }
      continue;
    }
    if (minutes + portion.minutes > limit + tolerance) close();
    regions.push(portion.region);
    minutes += portion.minutes;
  }
  close();
  return stretches;
}
