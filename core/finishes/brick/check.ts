import type { Finding } from "../../findings/finding";
import { leastBedMm, mostBricks } from "./courses";
import { endPieceOf, startOf } from "./bond";
import type { BrickLayout } from "./layout";

/** An end under a quarter of a face looks like a mistake. */
const leastEnd = 0.25;

/** Beds that are none, more bricks than anyone prints, and ends too narrow. */
export function checkBrick({ spec, strip, courses, endPieceMm, count }: BrickLayout): Finding[] {
  if (courses.bed < 0)
    return [{ code: "too-narrow", severity: "stop", values: { width: leastBedMm }, at: null }];
  if (count > mostBricks)
    return [{ code: "too-many-divisions", severity: "stop", values: { count }, at: null }];
  if (endPieceMm >= spec.face.width * leastEnd) return [];
  const best = { ...spec, start: "best" } as const;
  const better = endPieceOf(best, startOf(best, courses.count, strip.extent), courses.count, strip.extent);
  return [
    {
      code: "end-piece",
      severity: "check",
      values: { width: endPieceMm, face: spec.face.width },
      at: null,
      ...(better > endPieceMm + 1 && {
        cure: { kind: "best-start", count: better, finish: spec.id, set: { start: "best" } } as const,
      }),
    },
  ];
}
