import { idsDone } from "../../plan/workOfStep";
import { groupBy } from "../../geometry/groupBy";
import type { PlanStep } from "../../plan/planDayTypes";
import type { Plan, PlanPoint } from "../../plan/planTypes";
import type { Job } from "../schema";

/** What lies beyond the wall that it is on. */
export function faultsOfPlaces({ walls }: Plan): string[] {
  return walls.flatMap((wall) => {
    const { id, outline, regions, tape, bricks = [] } = wall;
    if (outline.length === 0) return [];
    const [xs, ys] = [outline.map(([x]) => x), outline.map(([, y]) => y)];
    const [left, right, bottom, top] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
    const slack = 0.02;
    const isOff = ([x, y]: PlanPoint) =>
      !(x >= left - slack && x <= right + slack && y >= bottom - slack && y <= top + slack);
    const boxes = bricks.flatMap(({ list }) => list);
    const off = [
      ...regions.filter(({ outline: ring }) => ring.some(isOff)),
      // In the middle of a gap it runs from edge to edge beside where these end.
      ...tape.filter(({ path, centred }) => !centred && path.some(isOff)),
      ...boxes.filter(({ box: [x, y, width, height] }) => isOff([x, y]) || isOff([x + width, y + height])),
    ];
    return off.length === 0 ? [] : [`${id}: ${off[0]!.id} and ${off.length - 1} more lie off the wall`];
  });
}

export function faultsOfAreas({ walls }: Plan): string[] {
  return walls.flatMap(({ id, surface_m2, regions, findings }) => {
    if (regions.length === 0)
      return findings.some(({ severity }) => severity === "stop")
        ? []
        : [`${id} has no regions and says nothing`];
    const sum = regions.reduce((total, { area_m2 }) => total + area_m2, 0);
    const isWhole = Math.abs(sum - surface_m2) <= 1e-6 * surface_m2;
    const isBad = regions.some(({ area_m2 }) => !(area_m2 > 0));
    return [
      ...(isWhole ? [] : [`${id}: areas are ${sum} of ${surface_m2}`]),
      ...(isBad ? [`${id}: an area is not positive`] : []),
    ];
  });
}

/**
 * Tape lies only on paint that has had its time; nothing is painted under it until what it is for is done; and a wall is
 * looked over only when it is bare of tape.
 */
export function faultsOfTape(job: Job, whole: Plan): string[] {
  if (!whole.work) return [];
  const { factor } = whole.work;
  const paintOf = new Map(job.paints.map((paint) => [paint.id, paint]));
  const isBaseNew = new Map(
    job.walls.map(({ id, base, baseState }) => [id, baseState === "paint" ? base : null]),
  );
  const stepsOf = groupBy(whole.steps, ({ kind, wall }) => `${kind} ${wall}`);
  const steps = (kind: string, wall: string) => stepsOf.get(`${kind} ${wall}`) ?? [];
  const coats = new Map<string, PlanStep[]>();
  for (const step of whole.steps)
    for (const region of idsDone(step, "coat")) coats.set(region, [...(coats.get(region) ?? []), step]);
  const faults = new Set<string>();
  for (const { id, tape } of whole.walls) {
    const lookedOver = steps("touch-up", id)[0]?.start ?? Infinity;
    for (const { over, overRegion, round, cuts, andCuts, corner } of tape) {
      const taping = steps("tape", id).filter((step) => step.round === round);
      const laid = taping[0]?.start;
      if (laid === undefined) {
        faults.add(`${id}: round ${round} is taped in no step`);
        continue;
      }
      const cutting = steps("paint", corner ?? id).filter(
        (step) => step.round === round && (step.colour === cuts || step.colour === andCuts),
      );
      const done = Math.max(laid, ...taping.map(({ end }) => end), ...cutting.map(({ end }) => end));
      if (done > lookedOver) faults.add(`${id}: is looked over with tape of round ${round} on it`);
      if (over === null || overRegion === undefined) continue;
      const wait = paintOf.get(over)!.tapeOverMin * factor - 1e-6;
      const under = coats.get(overRegion) ?? [];
      const fresh = under.length === 0 && isBaseNew.get(id) === over ? steps("base", id) : under;
      for (const { start, end } of fresh) {
        if (start < laid && laid < end + wait)
          faults.add(`${id}: ${overRegion} is taped ${Math.round(laid - end)} min after ${over}`);
        if (start >= laid && start < done)
          faults.add(`${id}: ${overRegion} is painted while tape of round ${round} lies on it`);
      }
      if (under.length > 0 && under.every(({ start }) => start >= laid))
        faults.add(`${id}: ${overRegion} is taped before it is painted`);
    }
  }
  return [...faults];
}
