import type { Paint } from "../paint/schema";
import type { Wait } from "./step";

/** What a further coat would wait for, waited for as tape asks; `paints` are those that lie there, of which the slowest counts. */
export function tapedOver(wait: Wait | null, paints: Iterable<Paint>): Wait | null {
  if (!wait || wait.what !== "recoat") return wait;
  const slowest = Math.max(0, ...[...paints].map(({ tapeOverMin }) => tapeOverMin));
  return { ...wait, what: "tape-over", minutes: Math.max(wait.minutes, slowest) };
}
