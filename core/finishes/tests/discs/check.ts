import type { Finding } from "../../../findings/finding";
import type { DiscsLayout } from "./layout";

/** Discs that leave more than half of one over at the ends. */
export function checkDiscs({ spec, middles, over }: DiscsLayout): Finding[] {
  if (over <= spec.radius) return [];
  const values = { over, discs: middles.length };
  return [{ own: true, code: "discs-leave-ends", severity: "check", values, at: null }];
}
