import { toldOf } from "../journal/defineKind";
import type { Happened, Progress } from "../journal/happened";
import { looked } from "../journal/kinds/looked";
import type { Plan, PlanWall } from "../plan/planTypes";
import type { Act } from "../work/act";
import { keysOf, readKey } from "../work/keys";
import type { Job } from "./schema";

const coating: ReadonlySet<Act> = new Set<Act>(["coat", "base", "prime"]);

/** What a look through which the ground showed asks of a paint. */
interface More {
  readonly coats: number;
  /** Where it was seen, and the instant of the last look there. */
  readonly walls: ReadonlyMap<string, number>;
}

/**
 * The coats that looks ask for, colour by colour: where the ground shows after the first coat one more than planned; after a later
 * one the next, which there has to be then.
 */
export function moreCoats(job: Job, happened: Happened, { steps }: Plan): ReadonlyMap<string, More> {
  const paintOf = new Map<string, string>();
  for (const { does, wall: on } of steps)
    for (const { with: paint, ...one } of does)
      if (paint !== undefined && coating.has(one.act))
        for (const key of keysOf([{ ...one, wall: one.wall ?? on }])) paintOf.set(key, paint);
  const more = new Map<string, { coats: number; walls: Map<string, number> }>();
  for (const { work, verdict, told } of toldOf(happened, looked)) {
    if (verdict !== "ground-shows") continue;
    for (const one of work) {
      const paint = job.paints.find(({ id }) => id === paintOf.get(keysOf([one])[0]!));
      if (!paint || one.coat === undefined || one.wall === undefined) continue;
      const asked = one.coat === 1 ? paint.coats + 1 : one.coat + 1;
      const before = more.get(paint.id) ?? { coats: paint.coats, walls: new Map<string, number>() };
      before.walls.set(one.wall, told.at.instant);
      more.set(paint.id, { ...before, coats: Math.max(before.coats, asked) });
    }
  }
  return new Map(
    [...more].filter(([id, { coats }]) => coats > job.paints.find((one) => one.id === id)!.coats),
  );
}

export const withMoreCoats = (job: Job, more: ReadonlyMap<string, More>): Job =>
  more.size === 0
    ? job
    : {
        ...job,
        paints: job.paints.map((paint) => {
          const asked = more.get(paint.id);
          return asked ? { ...paint, coats: asked.coats, plannedCoats: paint.coats } : paint;
        }),
      };

/**
 * What happened, as a further coat finds it: on walls where nobody saw the ground and all coats are on it is left out, and where it
 * goes on tape that came off is to be laid, sealed and taken off anew.
 */
export function asMoreCoatsFindIt(
  happened: Happened,
  more: ReadonlyMap<string, More>,
  { steps }: Plan,
  walls: readonly PlanWall[],
): Happened {
  if (more.size === 0) return happened;
  const work = new Map(happened.work);
  for (const { does, wall: on, colour } of steps) {
    const asked = colour === undefined ? undefined : more.get(colour);
    if (!asked) continue;
    for (const one of does.filter(({ act, with: paint }) => coating.has(act) && paint === colour)) {
      const wall = one.wall ?? on;
      if (wall === undefined || asked.walls.has(wall)) continue;
      leaveOut(work, { ...one, wall }, asked.coats);
    }
  }
  for (const wall of walls) {
    const freed = wall.tape.filter(({ cuts, andCuts, corner }) =>
      [cuts, andCuts].some((paint) => paint != null && more.get(paint)?.walls.has(corner ?? wall.id)),
    );
    const looks = [...more.values()].flatMap(({ walls: seen }) => [...seen.values()]);
    layAnew(work, new Set(freed.map(({ id }) => id)), Math.max(...looks));
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

const ofTape: ReadonlySet<Act> = new Set<Act>(["tape", "seal", "peel"]);

/** Tape that was off before the look is on no more: what was told of it later counts. */
function layAnew(work: Map<string, Progress>, pieces: ReadonlySet<string>, lookedAt: number): void {
  const own = [...work].filter(([key]) => {
    const { act, of, id } = readKey(key);
    return of === "tape" && ofTape.has(act) && pieces.has(id);
  });
  const off = new Set(
    own.flatMap(([key, { finished }]) => {
      const { act, id } = readKey(key);
      return act === "peel" && finished && finished.at.instant <= lookedAt ? [id] : [];
    }),
  );
  for (const [key, { finished, finishedAgain }] of own) {
    if (!off.has(readKey(key).id) || !finished || finished.at.instant > lookedAt) continue;
    if (finishedAgain && finishedAgain.at.instant > lookedAt) work.set(key, { finished: finishedAgain });
    else work.delete(key);
  }
}
