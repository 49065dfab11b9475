import type { Finding } from "../../findings/finding";
import type { StencilFieldLayout } from "./layout";

/** More prints than anyone makes, and a start from which none reaches the wall. */
export function checkStencilField({ places, count, isOver }: StencilFieldLayout): Finding[] {
  if (isOver) return [{ code: "too-many-divisions", severity: "stop", values: { count }, at: null }];
  if (places.length === 0)
    return [{ code: "off-wall", severity: "check", values: { thing: "the stencil" }, at: null }];
  return [];
}
