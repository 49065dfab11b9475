import { keysOf, type Keyed } from "./keys";

interface Working {
  readonly wall?: string | undefined;
  readonly does: readonly Keyed[];
}

/** The keys of a step's work; what does not name its wall is on the step's. */
export const keysOfStep = ({ does, wall }: Working): string[] =>
  keysOf(does.map((one) => ({ ...one, wall: one.wall ?? wall })));

/**
 * Which keys tell how a step stands: those that no other step has too (a paint that is stirred for each, a wall that is tried
 * twice); of one that has no others all.
 */
export function ownKeysAmong(steps: readonly Working[]): (step: Working) => (key: string) => boolean {
  const counts = new Map<string, number>();
  for (const step of steps)
    for (const key of new Set(keysOfStep(step))) counts.set(key, (counts.get(key) ?? 0) + 1);
  const isAlone = (key: string) => counts.get(key) === 1;
  return (step) => (keysOfStep(step).some(isAlone) ? isAlone : () => true);
}
