import { toldOf } from "../journal/defineKind";
import type { Happened, Progress } from "../journal/happened";
import { looked } from "../journal/kinds/looked";
import type { Plan } from "../plan/planTypes";
import type { Anew } from "../rounds/listPasses";
import type { Act } from "../work/act";
import { keysOf } from "../work/keys";
import { tapeOffAt } from "./coatsAnew";
import type { Job } from "./schema";

const coating: ReadonlySet<Act> = new Set<Act>(["coat", "base", "prime"]);

/** What looks through which the ground showed ask of a paint. */
interface More {
  readonly coats: number;
  /** Where it was seen. */
  readonly walls: readonly string[];
  /** On any of them tape beside it is off already: what is asked for goes on there alone, each wall taped anew for it. */
  readonly isAnew: boolean;
}

/**
 * The coats that looks ask for, colour by colour: where the ground shows after the first coat one more than planned; after a later
 * one the next, which there has to be then.
 */
export function moreCoats(job: Job, happened: Happened, plan: Plan): ReadonlyMap<string, More> {
  const paintOf = new Map<string, string>();
  for (const { does, wall: on } of plan.steps)
    for (const { with: paint, ...one } of does)
      if (paint !== undefined && coating.has(one.act))
        for (const key of keysOf([{ ...one, wall: one.wall ?? on }])) paintOf.set(key, paint);
  const more = new Map<string, More>();
  const offAt = tapeOffAt(plan, happened);
  for (const { work, verdict } of toldOf(happened, looked)) {
    if (verdict !== "ground-shows") continue;
    for (const one of work) {
      const paint = job.paints.find(({ id }) => id === paintOf.get(keysOf([one])[0]!));
      if (!paint || one.coat === undefined || one.wall === undefined) continue;
      const before = more.get(paint.id) ?? { coats: paint.coats, walls: [], isAnew: false };
      more.set(paint.id, {
        coats: Math.max(before.coats, one.coat === 1 ? paint.coats + 1 : one.coat + 1),
        walls: [...before.walls, one.wall],
        isAnew: before.isAnew || (one.act === "coat" && offAt(paint.id, one.wall) !== null),
      });
    }
  }
  return new Map(
    [...more].filter(([id, { coats }]) => coats > job.paints.find((one) => one.id === id)!.coats),
  );
}

/** A job with them: of a paint whose tape is still on one coat more, else in rounds of their own. */
export function withMoreCoats(job: Job, more: ReadonlyMap<string, More>): Job {
  if (more.size === 0) return job;
  const anew = job.paints.flatMap(({ id, coats }): Anew[] => {
    const asked = more.get(id);
    if (!asked?.isAnew) return [];
    const further = Array.from({ length: asked.coats - coats }, (_, index) => coats + 1 + index);
    return [{ paint: id, walls: asked.walls, regions: null, coats: further, pass: 1, isInstead: false }];
  });
  const paints = job.paints.map((paint) => {
    const asked = more.get(paint.id);
    return asked && !asked.isAnew ? { ...paint, coats: asked.coats } : paint;
  });
  return { ...job, paints, anew: [...(job.anew ?? []), ...anew] };
}

/** What happened, as further coats find it: on walls where nobody saw the ground and all coats are on they are left out. */
export function asMoreCoatsFindIt(
  happened: Happened,
  more: ReadonlyMap<string, More>,
  { steps }: Plan,
): Happened {
  if (more.size === 0) return happened;
  const work = new Map(happened.work);
  for (const { does, wall: on, colour } of steps) {
    const asked = colour === undefined ? undefined : more.get(colour);
    if (!asked || asked.isAnew) continue;
    for (const one of does.filter(({ act, with: paint }) => coating.has(act) && paint === colour)) {
      const wall = one.wall ?? on;
      if (wall === undefined || asked.walls.includes(wall)) continue;
      leaveOut(work, { ...one, wall }, asked.coats);
    }
  }
  return { ...happened, work };
}

type Coated = Plan["steps"][number]["does"][number] & { readonly wall: string };

/** Where the last planned coat is on, those beyond it are left out. */
function leaveOut(work: Map<string, Progress>, one: Coated, coats: number): void {
  const { coat } = one;
  if (coat === undefined) return;
  for (const id of one.ids) {
    const [key] = keysOf([{ ...one, ids: [id] }]);
    const done = work.get(key!)?.finished;
    const [next] = keysOf([{ ...one, ids: [id], coat: coat + 1 }]);
    // Another coat of the plan follows: that one decides.
    if (!done || work.has(next!)) continue;
    for (let further = coat + 1; further <= coats; further++)
      work.set(keysOf([{ ...one, ids: [id], coat: further }])[0]!, { skipped: { ...done, why: "" } });
  }
}
