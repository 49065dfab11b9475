import type { Paint } from "../paint/schema";
import type { Act, Did } from "./act";
import { keysOf, onceMoreStep } from "./keys";
import { keysOfStep } from "./ownKeys";
import { waitFor, type Step } from "./step";
import { said } from "./words";

/** What is known of a piece of work of a job that is under way. */
export interface KnownWork {
  /** It was done, and is to be done once more. */
  isAgain(key: string): boolean;
  isDone(key: string): boolean;
}

/** How long a paint takes until something may come onto it. */
type PaintOf = (id: string) => Pick<Paint, "recoatMin" | "tapeOverMin"> | undefined;

/** Acts that leave a film, which has to be dry for the next. */
const coating: ReadonlySet<Act> = new Set<Act>(["prime", "base", "coat"]);

/**
 * Steps of which some is to be done once more: what is done stands as it is, and its next time is a step of its own after it, for
 * which all that waits for the step waits, too. Its hands and its paint go by how much of the step that is. `next` are those alone.
 */
export function partOnceMore(
  steps: readonly Step[],
  known: KnownWork,
  paintOf: PaintOf,
): { readonly steps: readonly Step[]; readonly next: readonly Step[] } {
  const more = new Map(steps.map((step) => [step.id, timesAfter(step, known)] as const));
  const next = [...more.values()].flat();
  if (next.length === 0) return { steps, next };
  const waitingForAll = (step: Step): Step =>
    // What is done waits for nothing any more.
    keysOfStep(step).every(known.isDone)
      ? step
      : {
          ...step,
          after: step.after.flatMap((wait) => [
            wait,
            // A next time waits for those before it alone.
            ...(more.get(wait.step) ?? [])
              .filter(({ id }) => !step.id.startsWith(`${wait.step}/`) || step.id.startsWith(`${id}/`))
              .map(({ id }) => ({ ...wait, step: id })),
          ]),
        };
  const all = steps.flatMap((step) => [
    waitingForAll(step),
    ...more.get(step.id)!.map((one) => onDry(waitingForAll(one), steps, known, paintOf)),
  ]);
  return { steps: inTurn(all), next };
}

/**
 * Each step after those that it waits for, else as they come. In another order than the one that was worked in, what is done in part
 * may wait for its own next time: there it does not.
 */
function inTurn(steps: readonly Step[]): Step[] {
  const byId = new Map(steps.map((step) => [step.id, step]));
  const turn = new Map<string, Step>();
  const open = new Set<string>();
  const place = (step: Step): void => {
    if (turn.has(step.id)) return;
    open.add(step.id);
    for (const wait of step.after) {
      const before = byId.get(wait.step);
      if (before && !open.has(before.id)) place(before);
    }
    turn.set(step.id, { ...step, after: step.after.filter(({ step: id }) => !byId.has(id) || turn.has(id)) });
    open.delete(step.id);
  };
  for (const step of steps) place(step);
  return [...turn.values()];
}

/** The next time that some of a step is done, and the times after that. */
function timesAfter(step: Step, known: KnownWork): Step[] {
  const next = nextTimeOf(step, known);
  return next ? [next, ...timesAfter(next, known)] : [];
}

/** What lies on paint by its own weight, or is held on it: that has to take it. */
const layingOn: ReadonlySet<Act> = new Set<Act>(["print", "tape", "mask"]);

/** Done once more, a coat goes onto those that are on already when they are dry for it, and sheets and tape onto what takes them. */
function onDry(next: Step, steps: readonly Step[], { isDone }: KnownWork, paintOf: PaintOf): Step {
  const ids = new Set(next.does.flatMap((one) => (coating.has(one.act) ? one.ids : [])));
  const isLaidOn = next.does.some(({ act }) => layingOn.has(act));
  if (ids.size === 0 && !isLaidOn) return next;
  const before = steps
    .filter((step) => step.wall === next.wall && keysOfStep(step).every(isDone))
    .flatMap(({ id, does }) =>
      does.flatMap((one) => {
        const paint = one.with === undefined ? undefined : paintOf(one.with);
        if (!paint || !(coating.has(one.act) || one.act === "print")) return [];
        if (isLaidOn) return [waitFor(id, "tape-over", paint.tapeOverMin)!];
        return one.ids.some((own) => ids.has(own)) ? [waitFor(id, "recoat", paint.recoatMin)!] : [];
      }),
    );
  return { ...next, after: [...next.after, ...before] };
}

function nextTimeOf(step: Step, { isAgain }: KnownWork): Step | null {
  if (!keysOfStep(step).some(isAgain)) return null;
  const does = step.does.flatMap((one): Did[] => {
    const ids = one.ids.filter((id) =>
      isAgain(keysOf([{ ...one, wall: one.wall ?? step.wall, ids: [id] }])[0]!),
    );
    return ids.length > 0 ? [partOf(one, ids)] : [];
  });
  if (does.length === 0) return null;
  const countOf = (all: readonly Did[]) => all.reduce((sum, { ids }) => sum + ids.length, 0);
  const [count, all] = [countOf(does), countOf(step.does)];
  const { stretches: _, ...whole } = step;
  return {
    ...whole,
    id: onceMoreStep(step.id),
    does,
    minutes: Math.max(1, Math.ceil((step.minutes * count) / all)),
    after: [...step.after, waitFor(step.id)!],
    say: said("once-more", { of: step.say, count, all }),
  };
}

function partOf(one: Did, ids: readonly string[]): Did {
  const share = ids.length / one.ids.length;
  return {
    ...one,
    ids,
    pass: (one.pass ?? 1) + 1,
    ...(one.ml !== undefined && { ml: one.ml * share }),
    ...(one.pastM2 !== undefined && { pastM2: one.pastM2 * share }),
    ...(one.rolledM2 !== undefined && { rolledM2: one.rolledM2 * share }),
  };
}
