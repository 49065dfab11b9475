import type { Box } from "../../geometry/curve";
import type { Wall } from "../../wall/schema";

/** A raking lamp: at which end of the wall it stands, how far off the wall and how high over its lower edge, mm. */
export interface Lamp {
  readonly end: "left" | "right";
  readonly off: number;
  readonly high: number;
}

/** A tenth of the wall away from it the light still grazes its far end at under 6 degrees, atan(1/10). */
const offShare = 0.1;
const leastOffMm = 150;

/**
 * At the end that is further from the wall's windows, since their light rakes from the other side already; at half the height of
 * what is looked at.
 */
export function lampFor({ openings }: Pick<Wall, "openings">, { minX, maxX, minY, maxY }: Box): Lamp {
  const windows = openings.filter(({ kind }) => kind === "window").map(({ x, width }) => x + width / 2);
  const middle = windows.reduce((sum, x) => sum + x, 0) / Math.max(1, windows.length);
  const isRight = windows.length > 0 && middle < (minX + maxX) / 2;
  return {
    end: isRight ? "right" : "left",
    off: Math.max(leastOffMm, Math.round((offShare * (maxX - minX)) / 50) * 50),
    high: Math.round((maxY - minY) / 2 / 50) * 50,
  };
}
