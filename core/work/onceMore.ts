import type { Did } from "./act";
import { keysOf, onceMoreStep } from "./keys";
import { waitFor, type Step } from "./step";
import { said } from "./words";

/** What is known of a piece of work of a job that is under way. */
export interface KnownWork {
  /** It was done, and is to be done once more. */
  isAgain(key: string): boolean;
  /** It was begun, or is over. */
  isTold(key: string): boolean;
}

/**
 * Steps of which a part is to be done once more, in two: what is done stands as it is, and that part is a step of its own after
 * it, for which all that waits for the step waits, too. Its hands and its paint go by how much of it that is.
 */
export function partOnceMore(steps: readonly Step[], known: KnownWork): readonly Step[] {
  const parted = new Map<string, readonly [done: Step, more: Step]>();
  for (const step of steps) {
    const parts = partsOf(step, known);
    if (parts) parted.set(step.id, parts);
  }
  if (parted.size === 0) return steps;
  const waitingForBoth = (step: Step): Step => ({
    ...step,
    after: step.after.flatMap((wait) => {
      const more = parted.get(wait.step)?.[1];
      // The second part waits for the first alone.
      return more && more.id !== step.id ? [wait, { ...wait, step: more.id }] : [wait];
    }),
  });
  return steps.flatMap((step) => parted.get(step.id) ?? [step]).map(waitingForBoth);
}

function partsOf(step: Step, { isAgain, isTold }: KnownWork): readonly [Step, Step] | null {
  const keyed = step.does.map((one) =>
    one.ids.map((id) => ({ id, key: keysOf([{ ...one, wall: one.wall ?? step.wall, ids: [id] }])[0]! })),
  );
  const all = keyed.flat();
  const again = all.filter(({ key }) => isAgain(key));
  if (again.length === 0 || !all.some(({ key }) => isTold(key))) return null;
  const only = (isMore: boolean): Did[] =>
    step.does.flatMap((one, place) => {
      const ids = keyed[place]!.filter(({ key }) => isAgain(key) === isMore).map(({ id }) => id);
      return ids.length > 0 ? [partOf(one, ids)] : [];
    });
  const { stretches: _, ...whole } = step;
  const more: Step = {
    ...whole,
    id: onceMoreStep(step.id),
    does: only(true),
    minutes: Math.max(1, Math.ceil((step.minutes * again.length) / all.length)),
    after: [...step.after, waitFor(step.id)!],
    say: said("once-more", { of: step.say, count: again.length, all: all.length }),
  };
  return [{ ...whole, does: only(false) }, more];
}

function partOf(one: Did, ids: readonly string[]): Did {
  const share = ids.length / one.ids.length;
  return {
    ...one,
    ids,
    ...(one.ml !== undefined && { ml: one.ml * share }),
    ...(one.pastM2 !== undefined && { pastM2: one.pastM2 * share }),
    ...(one.rolledM2 !== undefined && { rolledM2: one.rolledM2 * share }),
  };
}
