import type { Finding } from "../../findings/finding";
import type { StencilFieldLayout } from "./layout";
import { ticksDrift } from "./ticks";

/** More prints than anyone makes, and a start from which none reaches the wall. */
export function checkStencilField(layout: StencilFieldLayout): Finding[] {
  const { places, count, isOver, spec } = layout;
  if (isOver) return [{ code: "too-many-divisions", severity: "stop", values: { count }, at: null }];
  if (places.length === 0)
    return [{ code: "off-wall", severity: "check", values: { thing: "the stencil" }, at: null }];
  return spec.register === "ticks" ? [goesByTicks(layout)] : [];
}

const goesByTicks = (layout: StencilFieldLayout): Finding => ({
  own: true,
  code: "goes-by-ticks",
  severity: "note",
  values: { ...ticksDrift(layout) },
  at: null,
});
