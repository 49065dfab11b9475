import type { Cure, Finding } from "../../findings/finding";
import { wishOf } from "../../fit/candidates";
import { divideSpan } from "../../fit/divideSpan";
import { isPart, judgeDivision } from "../../fit/judgeDivision";
import type { Fit } from "../../fit/schema";
import { sliverMm } from "../../trade/constants";
import type { Obstacle } from "../../wall/clearance";
import { once } from "../once";
import { cureWith } from "./cureWith";
import type { StripeLayout } from "./layout";

/** Lines that just miss a plate, a casing or a corner, and strips too narrow beside an opening. */
export function checkClearance(layout: StripeLayout): Finding[] {
  const relations = layout
    .candidateInput()
    .relate(layout.divided.divisions.slice(1).map((division) => division.from))
    .filter((relation) => relation.kind !== "meets");
  const cures = new Map<Obstacle, () => Cure | undefined>();
  for (const { obstacle } of relations) {
    if (!cures.has(obstacle))
      cures.set(
        obstacle,
        once(() => cureClearance(layout, obstacle)),
      );
  }
  return relations.map(({ kind, gap, at, obstacle }): Finding => {
    const shared = { severity: "check", at, later: cures.get(obstacle) } as const;
    const { thing } = obstacle;
    return kind === "near-miss"
      ? { code: "near-miss", ...shared, values: { gap, thing } }
      : { code: "sliver", ...shared, values: { width: gap, thing } };
  });
}

/** Shift the lines onto the thing or clear of it, whichever leaves the better wall; else divide otherwise. */
function cureClearance(layout: StripeLayout, obstacle: Obstacle): Cure | undefined {
  const input = layout.candidateInput();
  const best = proposeShifts(layout, obstacle, wishOf(input))
    .map((shift) => {
      const divided = divideSpan({ ...input, fit: shift.fit });
      return { ...shift, judged: judgeDivision({ ...input, fit: shift.fit }, divided, wishOf(input), []) };
    })
    .filter(({ judged }) => !judged.troubled.has(obstacle.thing))
    .sort((a, b) => b.judged.score - a.judged.score)[0];
  const other = layout.candidates().find((candidate) => !candidate.troubled.has(obstacle.thing));
  if (best && (!other || best.judged.score >= other.score)) return cureWith(layout, best.kind, best.fit);
  return other && cureWith(layout, "other-division", other.fit);
}

interface Shift {
  readonly kind: "hit-it" | "clear-it";
  readonly fit: Fit;
}

/** The same stripes moved so that a line stands on an edge of the thing, or well clear of it. */
function proposeShifts(
  { spec, frame, divided }: StripeLayout,
  { box }: Obstacle,
  wish: number | undefined,
): Shift[] {
  const width = divided.divisions.find((division) => !isPart(division))?.whole;
  const isSquare = frame.normal.x === 0 || frame.normal.y === 0;
  if (spec.widths || width === undefined || !isSquare) return [];
  const [low, high] = frame.normal.x === 1 ? [box.minX, box.maxX] : [box.minY, box.maxY];
  const shift = (kind: Shift["kind"], at: number): Shift => ({
    kind,
    fit: { by: "anchor", width, at, wish },
  });
  return [
    shift("hit-it", low),
    shift("hit-it", high),
    shift("clear-it", low - sliverMm),
    shift("clear-it", high + sliverMm),
  ];
}
