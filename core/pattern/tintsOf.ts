import type { EffectDraft, EffectHand } from "./placement";

/** How much of what is under it each hand hides, beside what it leaves bare. */
const hides: Record<EffectHand["hand"], number> = { brush: 0.94, trowel: 1, flakes: 0.28, wash: 0.5 };

/** Broken colour as flat tints over what it lies on: each tone over those before it, so thin that all are seen by their shares. */
export function tintsOf({
  tones,
  by,
}: Pick<EffectDraft, "tones" | "by">): { paint: string; opacity: number }[] {
  // What stays bare is shown before any of them.
  let shown = 1 - tones.reduce((sum, { share }) => sum + share, 0);
  return tones.map(({ paint, share }) => {
    shown += share;
    return { paint, opacity: (share / shown) * hides[by.hand] };
  });
}
