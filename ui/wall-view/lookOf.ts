import type { LookOf } from "@/core/look/scene";
import type { Paint } from "@/core/paint/schema";
import type { PlanWall } from "@/core/plan/planTypes";
import type { Wall } from "@/core/wall/schema";

/** One for a planned wall and its paints, whoever asks for it. */
const kept = new WeakMap<PlanWall, { readonly paints: readonly Paint[]; readonly look: LookOf }>();

export function lookOf(wall: Wall, plan: PlanWall, paints: readonly Paint[]): LookOf {
  const before = kept.get(plan);
  if (before?.paints === paints) return before.look;
  const look = { wall, plan, paints: paints.map(({ id, hex }) => ({ id, hex })) };
  kept.set(plan, { paints, look });
  return look;
}
