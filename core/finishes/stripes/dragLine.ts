import { roundToDivision } from "../../measure/roundToDivision";
import type { Fit } from "../../fit/schema";
import { maximumCount } from "../../fit/schema";
import type { StripeLayout } from "./layout";

/**
 * Re-fits the stripes to a boundary that was dragged to `to` (mm on the frame's axis). Whole divisions stay
 * whole: the count becomes the one that brings line `line` (from 0) nearest. Kept widths stay kept: the
 * line is anchored there, on a readable tape division.
 */
export function dragStripeLine(
  { spec, context, frame, divided }: StripeLayout,
  line: number,
  to: number,
): { fit: Fit } | null {
  const moved = divided.divisions[line + 1];
  if (!moved) return null;
  const { fit } = spec;
  if (fit.by === "width" || fit.by === "anchor") {
    // The stripe that starts at an anchor takes the first colour, so the anchor is put where one starts.
    const cycle = spec.widths ?? spec.colours.map(() => fit.width!);
    const before = cycle.slice(0, moved.colour).reduce((sum, width) => sum + width, 0);
    const at = roundToDivision(to, context.tapeDivision) - before;
    return {
      fit: { by: "anchor", width: fit.width, at: at / frame.anchorScale, wish: fit.wish ?? fit.width },
    };
  }
  const distance = Math.max(1, to - frame.start);
  const width = distance / (line + 1);
  const wish = fit.by === "count" ? fit.wish : fit.by === "near" ? fit.width : (fit.wish ?? fit.module);
  const count = Math.round(frame.span / width);
  return { fit: { by: "count", count: Math.min(maximumCount, Math.max(line + 2, count)), wish } };
}
