import { keysOf, type Keyed } from "./keys";

interface Working {
  readonly wall?: string | undefined;
  readonly does: readonly Keyed[];
}

/** Steps are never changed: what is asked of one again and again is worked out once. */
const keysOfOne = new WeakMap<Working, readonly string[]>();

/** The keys of a step's work; what does not name its wall is on the step's. */
export function keysOfStep(step: Working): readonly string[] {
  const { does, wall } = step;
  let keys = keysOfOne.get(step);
  if (!keys) keysOfOne.set(step, (keys = keysOf(does.map((one) => ({ ...one, wall: one.wall ?? wall })))));
  return keys;
}

type OwnKeys = (step: Working) => (key: string) => boolean;
const ownAmong = new WeakMap<readonly Working[], OwnKeys>();

/**
 * Which keys tell how a step stands: those that no other step has too (a paint that is stirred for each, a wall that is tried
 * twice); of one that has no others all.
 */
export function ownKeysAmong(steps: readonly Working[]): OwnKeys {
  let own = ownAmong.get(steps);
  if (!own) ownAmong.set(steps, (own = findOwnKeys(steps)));
  return own;
}

function findOwnKeys(steps: readonly Working[]): OwnKeys {
  const counts = new Map<string, number>();
  for (const step of steps)
    for (const key of new Set(keysOfStep(step))) counts.set(key, (counts.get(key) ?? 0) + 1);
  const isAlone = (key: string) => counts.get(key) === 1;
  const isAny = () => true;
  const hasOwn = new Map(steps.map((step) => [step, keysOfStep(step).some(isAlone)]));
  return (step) => ((hasOwn.get(step) ?? keysOfStep(step).some(isAlone)) ? isAlone : isAny);
}
