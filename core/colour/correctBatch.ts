import { differenceOf, labOf, likenessOf } from "./difference";
import { bestAddition, type Addition, type Begun, type Component } from "./nearestMix";

/** What becomes of a batch that dried otherwise than it was meant. */
export interface Correction {
  /** How far off it dried, CIEDE2000. */
  readonly off: number;
  readonly verdict: "leave" | "correct" | "anew";
  /** What brings it nearest, where anything does. */
  readonly addition: Addition | null;
}

/** From so near on a batch is let alone beside another. */
const tellsApart = (off: number): boolean => likenessOf(off) !== "cannot be told apart";

/**
 * A batch is corrected from what it dried to, and not from what was predicted: its paints together are one colour of that amount, to
 * which one more is added. Worth it where it comes at least close then; else it is made anew, and the old one goes where it is not seen.
 */
export function correctBatch(
  dry: string,
  begun: Begun,
  target: string,
  components: readonly Component[],
): Correction {
  const off = differenceOf(labOf(dry), labOf(target));
  if (!tellsApart(off)) return { off, verdict: "leave", addition: null };
  const asDried = begun.parts.map((part) => ({ ...part, hex: dry }));
  const addition = bestAddition({ ...begun, parts: asDried }, target, components);
  const isClose = addition !== null && likenessOf(addition.off) !== "another colour";
  return { off, verdict: isClose ? "correct" : "anew", addition };
}
