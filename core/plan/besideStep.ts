import { distanceToSegment } from "../geometry/distanceToSegment";
import type { PlanPoint } from "./planPoint";
import type { PlanStep } from "./planDayTypes";
import type { Plan, PlanRegion } from "./planTypes";
import { stateAt } from "./stateAt";
import { idsDone } from "./workOfStep";

/** What lies beside the pieces that a step goes over, at a moment. */
export interface BesideStep {
  /** Pieces that are wet or drying yet. */
  readonly wet: readonly PlanRegion[];
  /** Pieces of tape and masks that lie along the step's own colour. */
  readonly tapeOn: number;
}

/** Two pieces touch when a corner of one lies within this of the other's outline, mm. */
const touchingMm = 1;

/** What is wet beside what a step coats or tapes, and how much tape lies on its wall, at a moment; null for work on no wall. */
export function besideStep(plan: Plan, step: PlanStep, time: number): BesideStep | null {
  const wall = plan.walls.find(({ id }) => id === step.wall);
  const standing = wall && stateAt(plan, time).get(wall.id);
  if (!wall || !standing) return null;
  const own = new Set(idsDone(step, "coat", "base", "prime", "print"));
  const mine = wall.regions.filter(({ id }) => own.has(id));
  const isWet = ({ id }: PlanRegion) => ["wet", "drying"].includes(standing.regions.get(id)?.state ?? "");
  const wet = wall.regions.filter(
    (region) => !own.has(region.id) && isWet(region) && mine.some((one) => touch(one, region)),
  );
  return { wet, tapeOn: wall.tape.filter(({ id }) => standing.tape.has(id)).length };
}

function touch(a: PlanRegion, b: PlanRegion): boolean {
  const rings = (of: PlanRegion) => [of.outline, ...of.holes];
  const reaches = (from: PlanRegion, to: PlanRegion) =>
    rings(from).some((points) =>
      points.some((point, place) => {
        const after = points[(place + 1) % points.length]!;
        // The middles of edges, too: corners alone miss a side that only ends on the other's.
        const middle: PlanPoint = [(point[0] + after[0]) / 2, (point[1] + after[1]) / 2];
        return [point, middle].some((one) => rings(to).some((ring) => isAlong(ring, one)));
      }),
    );
  return reaches(a, b) || reaches(b, a);
}

const isAlong = (ring: readonly PlanPoint[], point: PlanPoint): boolean =>
  ring.some(
    (from, place) =>
      distanceToSegment(xy(point), xy(from), xy(ring[(place + 1) % ring.length]!)) <= touchingMm,
  );
const xy = ([x, y]: PlanPoint) => ({ x, y });
