import type { Cure, Finding } from "../../findings/finding";
import { wishOf } from "../../fit/candidates";
import type { Candidate } from "../../fit/candidates";
import { divideSpan, type Division } from "../../fit/divideSpan";
import { isPart, judgeDivision, type Judgement } from "../../fit/judgeDivision";
import type { Fit } from "../../fit/schema";
import { sliverMm } from "../../trade/constants";
import { thingAt, type Obstacle } from "../../wall/clearance";
import { once } from "../../geometry/once";
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
    const thing = thingAt(obstacle, at);
    return kind === "near-miss"
      ? { code: "near-miss", ...shared, values: { gap, thing } }
      : { code: "sliver", ...shared, values: { width: gap, thing } };
  });
}

/**
 * The change that moves the wall least and troubles nothing more: a shift of the lines onto the thing or clear of it, unless
 * that leaves a poor wall, else the division nearest to the present count.
 */
function cureClearance(layout: StripeLayout, obstacle: Obstacle): Cure | undefined {
  const input = layout.candidateInput();
  const now = layout.divided.divisions;
  const judge = (fit: Fit) => {
    const divided = divideSpan({ ...input, fit });
    return { divided, judged: judgeDivision({ ...input, fit }, divided, wishOf(input), []) };
  };
  const present = judge(layout.spec.fit as Fit).judged;
  const isCured = ({ troubled }: Judgement) =>
    !troubled.has(obstacle.thing) && [...troubled].every((thing) => present.troubled.has(thing));
  const shifts = proposeShifts(layout, obstacle, wishOf(input))
    .map((shift) => ({ ...shift, ...judge(shift.fit) }))
    .filter(({ judged }) => isCured(judged) && judged.verdict !== "poor")
    .map((shift) => ({ ...shift, moved: movedBy(now, shift.divided.divisions) }))
    .sort((a, b) => a.moved - b.moved);
  const [least] = shifts;
  if (least) return cureWith(layout, least.kind, least.fit);
  const offCount = ({ divided }: Candidate) => Math.abs(divided.divisions.length - now.length);
  const [other] = layout
    .candidates()
    .filter(isCured)
    .sort((a, b) => offCount(a) - offCount(b) || b.score - a.score);
  return other && cureWith(layout, "other-division", other.fit);
}

/** How far the lines of a division are from those of another at the most, each from the nearest; mm. */
const movedBy = (from: readonly Division[], to: readonly Division[]): number =>
  Math.max(0, ...to.slice(1).map((line) => Math.min(...from.map((old) => Math.abs(old.from - line.from)))));

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
