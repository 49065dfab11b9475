import type { Paint } from "../paint/schema";
import type { Wait } from "./step";

/** What a further coat would wait for, waited for as tape asks: the slowest paint of the job counts, since any may lie there. */
export function tapedOver(wait: Wait | null, paints: ReadonlyMap<string, Paint>): Wait | null {
  if (!wait || wait.what !== "recoat") return wait;
  const slowest = Math.max(...[...paints.values()].map(({ tapeOverMin }) => tapeOverMin));
  return { ...wait, what: "tape-over", minutes: Math.max(wait.minutes, slowest) };
}
