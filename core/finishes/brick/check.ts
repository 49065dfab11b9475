import type { Finding } from "../../findings/finding";
import { leastBedMm, mostBricks } from "./courses";
import { endsOf, startsOf } from "./bond";
import { guidesEnough } from "./guides";
import { checkJambs, leastShare } from "./jambs";
import type { BrickLayout } from "./layout";

/** Beds that are none, more bricks than anyone prints, and ends too narrow. */
export function checkBrick(layout: BrickLayout): Finding[] {
  const { courses, count } = layout;
  if (courses.bed < 0)
    return [{ code: "too-narrow", severity: "stop", values: { width: leastBedMm }, at: null }];
  if (count > mostBricks)
    return [{ code: "too-many-divisions", severity: "stop", values: { count, of: "bricks" }, at: null }];
  return [...checkEnds(layout), ...checkJambs(layout), ...checkGuides(layout)];
}

/** Guide lines that a hand can do without, and fewer than keep it within what shows. */
function checkGuides(layout: BrickLayout): Finding[] {
  const { spec, courses } = layout;
  const enough = guidesEnough(layout);
  if (spec.way === "taped" || spec.guides === enough || courses.count < 2) return [];
  const isFew = spec.guides > enough;
  return [
    {
      own: true,
      code: "guide-lines",
      severity: isFew ? "check" : "note",
      values: { every: spec.guides, enough, lines: Math.ceil((courses.count - 1) / enough) },
      at: null,
      cure: { kind: "guide-lines", count: enough, finish: spec.id, set: { guides: enough } },
    },
  ];
}

function checkEnds({ spec, strip, courses, endPieceMm }: BrickLayout): Finding[] {
  if (endPieceMm >= spec.face.width * leastShare) return [];
  const best = { ...spec, start: "best" } as const;
  const better = endsOf(best, courses.count, strip, startsOf(best, courses.count, strip));
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
