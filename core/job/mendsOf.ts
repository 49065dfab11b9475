import { distanceToSegment } from "../geometry/distanceToSegment";
import { polygonContour, isInsideContour } from "../geometry/contour";
import { toldOf } from "../journal/defineKind";
import type { Happened } from "../journal/happened";
import { mended } from "../journal/kinds/mended";
import { trouble } from "../journal/kinds/trouble";
import type { PlanPoint } from "../plan/planPoint";
import type { Plan, PlanRegion, PlanWall } from "../plan/planTypes";
import type { Mend } from "../work/mend/mendSteps";
import { mishapKinds } from "../work/mend/mishaps";
import type { Job } from "./schema";

/**
 * What went wrong and is not told to be put right: at its place two paints meet, of which the one that is painted later went
 * astray on the other; where only one is, it lies on the base.
 */
export function mendsOf(job: Job, happened: Happened, { walls, steps }: Plan): Mend[] {
  const paintedAt = new Map<string, number>();
  for (const { does, end } of steps)
    for (const { act, of, ids } of does)
      if (act === "coat" && of === "region") for (const id of ids) paintedAt.set(id, end);
  const done = new Set(toldOf(happened, mended).map(({ snag }) => snag));
  return toldOf(happened, trouble).flatMap(({ trouble: told, wall: id, place, told: { entry } }): Mend[] => {
    const kind = mishapKinds.find((known) => known === told);
    const [wall, planned] = [job.walls.find((one) => one.id === id), walls.find((one) => one.id === id)];
    if (!kind || !wall || !planned || done.has(entry)) return [];
    return [{ id: entry, wall: id, kind, ...paintsAt(planned, place, wall.base, paintedAt) }];
  });
}

function paintsAt(
  { regions }: PlanWall,
  place: PlanPoint,
  base: string,
  paintedAt: ReadonlyMap<string, number>,
): Pick<Mend, "paint" | "under"> {
  const byDistance = [...regions].sort((a, b) => distanceTo(a, place) - distanceTo(b, place));
  const [first] = byDistance;
  const other = byDistance.find(({ colour }) => colour !== first?.colour);
  if (!first || !other) return { paint: first?.colour ?? base, under: base };
  const at = ({ id }: PlanRegion) => paintedAt.get(id) ?? -1;
  const [later, sooner] = at(first) >= at(other) ? [first, other] : [other, first];
  return { paint: later.colour, under: sooner.colour };
}

/** How far a place is from a piece of a wall, mm; 0 within it. */
function distanceTo({ outline, holes }: PlanRegion, [x, y]: PlanPoint): number {
  const isIn = (ring: readonly PlanPoint[]) =>
    isInsideContour({ x, y }, polygonContour(ring.map(([u, v]) => ({ x: u, y: v }))));
  if (isIn(outline) && !holes.some(isIn)) return 0;
  return Math.min(
    ...[outline, ...holes].flatMap((ring) =>
      ring.map((from, place) => distanceToSegment({ x, y }, xy(from), xy(ring[(place + 1) % ring.length]!))),
    ),
  );
}

const xy = ([x, y]: PlanPoint) => ({ x, y });
