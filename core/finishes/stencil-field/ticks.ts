import { visibleTolerance } from "../../trade/visibleDifference";
import type { StencilFieldLayout } from "./layout";

/** What registering each print by the corner ticks of the one before may come to. */
export interface TicksDrift {
  /** A column, and a row, is to be read from the datum every so many. */
  readonly columns: number;
  readonly rows: number;
  /** How far the last one of so many may have strayed, as chance has it and at worst, mm. */
  readonly likelyMm: number;
  readonly worstMm: number;
}

type Printed = Pick<StencilFieldLayout, "sheet" | "context">;

/**
 * A tick is read to half a division d of the tape, either way: k prints stray by k d / 2 at worst, and by 2 x (d / 2) x
 * sqrt(k / 3) as chance has it (an even error of +-e has a deviation of e / sqrt 3; two of them hold 19 of 20). As many go by
 * ticks as stay, at worst, within what is not seen of a repeat.
 */
export function ticksDrift({ sheet, context }: Printed): TicksDrift {
  const { repeat } = sheet.stencil;
  const half = context.tapeDivision / 2;
  const goFor = (mm: number) =>
    Math.max(1, Math.floor(visibleTolerance(mm, context.viewingDistance) / half + 1e-9));
  const columns = goFor(repeat.x);
  return {
    columns,
    rows: goFor(repeat.y),
    likelyMm: 2 * half * Math.sqrt(columns / 3),
    worstMm: columns * half,
  };
}

/** Whether a column or row so many repeats from the start has a reading of its own: all have, but those that go by ticks. */
export function isRead(repeats: number, axis: "x" | "y", layout: StencilFieldLayout): boolean {
  if (layout.spec.register !== "ticks") return true;
  const { columns, rows } = ticksDrift(layout);
  const every = axis === "x" ? columns : rows;
  return Math.abs(repeats - Math.round(repeats)) < 1e-6 && Math.round(repeats) % every === 0;
}
