import type { Happened, Progress } from "../journal/happened";
import type { PlanStep } from "../plan/planDayTypes";
import type { Plan, PlanWall } from "../plan/planTypes";
import type { Anew } from "../rounds/listPasses";
import { keysOf, readKey } from "../work/keys";
import { keysOfStep } from "../work/ownKeys";

/** Whether anything that was done is to be done once more. */
export const hasAgain = ({ work }: Pick<Happened, "work">): boolean =>
  [...work.values()].some(({ before }) => before !== undefined);

/**
 * What happened, where work that is to be done again stays done as it was, and its next time is a piece of work of its own: told of as
 * it was before, it is that. `again` stands with what was done and has a next time.
 */
export function withNextTimes(happened: Happened): Happened {
  if (!hasAgain(happened)) return happened;
  const work = new Map(happened.work);
  for (const [key, { again, before, ...since }] of happened.work) {
    if (!again) continue;
    if (!before) {
      work.set(key, since);
      continue;
    }
    work.set(key, { finished: before, again });
    if (since.began ?? since.finished ?? since.skipped)
      work.set(nextTimeOf(key), { ...since, ...work.get(nextTimeOf(key)) });
  }
  return { ...happened, work };
}

/** The key of the same work, the next time. */
export function nextTimeOf(key: string): string {
  const { wall, act, of, id, pass, coat } = readKey(key);
  return keysOf([{ wall, act, of, ids: [id], pass: pass + 1, ...(coat > 0 && { coat }) }])[0]!;
}

/**
 * The coats that go on anew, since their tape is off already: those that are to be done again, and those on a region that has
 * another paint now than it was painted in. Beside them what happened as those rounds find it.
 */
export function coatsAnew(
  happened: Happened,
  plan: Plan,
): { readonly anew: readonly Anew[]; readonly standing: Happened } {
  const work = new Map(happened.work);
  const gathered = new Map<string, Gathered>();
  const colourOf = coloursOf(plan.walls);
  const offAtOf = tapeOffAt(plan, happened);
  const underTape = liesUnderTape(plan, happened);
  for (const [key, { again, ...done }] of happened.work) {
    const { wall, act, of, id, pass, coat } = readKey(key);
    if (act !== "coat" || of !== "region" || !done.finished) continue;
    const paint = colourOf(wall, id);
    const isInstead = isInAnother(done, paint);
    if (paint === undefined || !(isInstead || again)) continue;
    const offAt = offAtOf(paint, wall);
    const isOff = offAt !== null && !(again && offAt > again.at.instant);
    // While its tape is on, and nothing is painted up to it, it goes on in its own round.
    if (!isOff && !underTape.has(id)) {
      work.set(key, { ...done, again: again ?? done.finished });
      continue;
    }
    work.set(key, done);
    const group = [wall, paint, pass, isInstead].join(" ");
    const own = gathered.get(group) ?? {
      ...{ wall, paint, pass: pass + 1, isInstead },
      ...{ regions: new Set(), coats: new Set() },
    };
    gathered.set(group, own);
    own.regions.add(id);
    own.coats.add(coat);
  }
  const anew = [...gathered.values()].map(({ wall, coats, regions, ...one }): Anew => ({
    ...one,
    walls: [wall],
    regions: [...regions].sort(),
    coats: [...coats].sort((a, b) => a - b),
  }));
  return { anew, standing: { ...happened, work } };
}

/** Work with masks around it that is to be done once more, when they are off, is masked anew. */
export function withMasksAnew(happened: Happened, { steps }: Plan): Happened {
  const work = new Map(happened.work);
  const keyOf = (step: PlanStep, one: PlanStep["does"][number], id: string) =>
    keysOf([{ ...one, wall: one.wall ?? step.wall, ids: [id] }])[0]!;
  const unmasked = new Map(
    steps.flatMap((step) =>
      step.does
        .filter(({ act }) => act === "unmask")
        .flatMap((one) => one.ids.map((id) => [id, keyOf(step, one, id)] as const)),
    ),
  );
  const byId = new Map(steps.map((step) => [step.id, step]));
  for (const step of steps) {
    const again = keysOfStep(step).flatMap((key) => happened.work.get(key)?.again ?? [])[0];
    if (!again) continue;
    for (const wait of step.waitsFor) {
      const before = byId.get(wait.step);
      for (const one of before?.does.filter(({ act }) => act === "mask") ?? [])
        for (const id of one.ids) {
          const [on, off] = [keyOf(before!, one, id), unmasked.get(id)];
          if (off === undefined || !work.get(off)?.finished) continue;
          for (const key of [on, off]) work.set(key, { ...work.get(key), again });
        }
    }
  }
  return { ...happened, work };
}

interface Gathered extends Omit<Anew, "walls" | "regions" | "coats"> {
  readonly wall: string;
  readonly regions: Set<string>;
  readonly coats: Set<number>;
}

/** The regions on which tape was laid, up to which something beside them is painted. */
const liesUnderTape = ({ walls }: Plan, { work }: Pick<Happened, "work">): ReadonlySet<string> =>
  new Set(
    walls.flatMap(({ id: wall, tape }) =>
      tape.flatMap(({ id, overRegion }) => {
        const [laid] = keysOf([{ act: "tape", wall, of: "tape", ids: [id] }]);
        return overRegion !== undefined && work.get(laid!)?.finished ? [overRegion] : [];
      }),
    ),
  );

/** The paint of a region of a wall; undefined for one that is not there. */
export function coloursOf(walls: readonly PlanWall[]): (wall: string, region: string) => string | undefined {
  const colours = new Map(
    walls.flatMap(({ id: wall, regions }) =>
      regions.map(({ id, colour }) => [`${wall} ${id}`, colour] as const),
    ),
  );
  return (wall, region) => colours.get(`${wall} ${region}`);
}

/** Whether work was done with something else than is meant now; where that is not known it was not. */
export const isInAnother = ({ finished, with: used }: Progress, meant: string | null = null): boolean =>
  finished !== undefined && used !== undefined && meant !== null && used !== meant;

/** The instant at which tape up to which a paint goes on a wall came off last; null while all of it that was laid is on. */
export function tapeOffAt(
  { walls }: Plan,
  { work }: Pick<Happened, "work">,
): (paint: string, wall: string) => number | null {
  const offAt = new Map<string, number>();
  for (const [key, { finished }] of work) {
    const { act, of, id } = readKey(key);
    if (finished && act === "peel" && of === "tape") offAt.set(id, finished.at.instant);
  }
  const latest = new Map<string, number>();
  for (const { id: wall, tape } of walls)
    for (const { id, cuts, andCuts, corner = wall } of tape)
      for (const paint of [cuts, andCuts]) {
        const off = offAt.get(id);
        const of = `${corner} ${paint}`;
        if (paint !== undefined && off !== undefined)
          latest.set(of, Math.max(off, latest.get(of) ?? -Infinity));
      }
  return (paint, wall) => latest.get(`${wall} ${paint}`) ?? null;
}
