import { gridOver } from "../../fit/fitToRake";
import type { Strip } from "../../wall/strip";
import type { FinishContext, Laid } from "../defineFinish";
import type { ChevronSpec } from "./spec";

/** Columns and rows of a chevron over a strip; mm. */
export interface ChevronLayout extends Laid<ChevronSpec & { readonly rise: number }> {
  /** The rise as it was asked for: it may follow the height of a row. */
  readonly riseBy: ChevronSpec["rise"];
  readonly left: number;
  readonly bottom: number;
  readonly columns: number;
  readonly column: number;
  readonly rows: number;
  readonly row: number;
  /** The lowest zigzag that cuts the strip, and how many there are. */
  readonly first: number;
  readonly zigzags: number;
  /** Half a line's width, square to an upright, and measured upright from a zigzag. */
  readonly halfLine: number;
  readonly halfLineUp: number;
}

/** How far a zigzag climbs where rows are so high; mm. */
export function riseOf(rise: ChevronSpec["rise"], row: number): number {
  if (rise === "row") return row;
  return rise === "half-row" ? row / 2 : rise;
}

/**
 * A zigzag rises by `rise` over a column, so a line of width w reaches w / 2 x sqrt(1 + (rise / column)^2) above and
 * below it. Zigzags start below the strip where the rise brings them into it, and end above it.
 */
export function layOutChevron(spec: ChevronSpec, strip: Strip, context: FinishContext): ChevronLayout {
  const { across, up } = gridOver(spec, strip);
  const [column, row] = [across.size, up.size];
  const rise = riseOf(spec.rise, row);
  const first = -Math.max(1, Math.ceil(rise / row - 1e-9));
  const slope = rise / column;
  return {
    spec: { ...spec, rise },
    riseBy: spec.rise,
    strip,
    context,
    left: across.start,
    bottom: up.start,
    columns: across.count,
    column,
    rows: up.count,
    row,
    first,
    zigzags: up.count - first + 1,
    halfLine: spec.lineWidth / 2,
    halfLineUp: (spec.lineWidth / 2) * Math.sqrt(1 + slope * slope),
  };
}
