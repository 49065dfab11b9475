import type { Cells } from "../fit/divideCells";
import { maximumCount, type CellFit } from "../fit/schema";
import { segment, type Box } from "../geometry/curve";
import { divisionRange } from "../measure/schema";
import { east, north, tidy, type Handle } from "./editing";

/**
 * The lines between columns or rows. Whole cells stay whole: a line that is moved makes the count that brings it
 * nearest to the hand, and an arrow key makes one cell more or fewer. Where their width is kept, that is what changes.
 */
export function gridHandles(
  key: "columns" | "rows",
  fit: CellFit,
  { start, size, count }: Cells,
  { minX, maxX, minY, maxY }: Box,
): Handle[] {
  const isUpright = key === "columns";
  const span = size * count;
  const middle = start + span / 2;
  const setWidth = (width: number) =>
    width < divisionRange.min ? null : { set: { [key]: { by: "width", width: tidy(width) } } };
  const set = (wanted: number, least: number) => ({
    set: { [key]: { by: "count", count: Math.min(maximumCount, Math.max(least, wanted)) } },
  });
  return Array.from({ length: count - 1 }, (_, place): Handle => {
    const at = start + size * (place + 1);
    const path = isUpright
      ? segment({ x: at, y: minY }, { x: at, y: maxY })
      : segment({ x: minX, y: at }, { x: maxX, y: at });
    return {
      id: `${key}-${place + 1}`,
      name: `the line after ${isUpright ? "column" : "row"} ${place + 1}`,
      at: isUpright ? { x: at, y: (minY + maxY) / 2 } : { x: (minX + maxX) / 2, y: at },
      along: isUpright ? east : north,
      path: [path],
      moveTo: ({ x, y }) => {
        if (fit.by === "width") {
          const out = at - middle;
          return Math.abs(out) < 1 ? null : setWidth((size * ((isUpright ? x : y) - middle)) / out);
        }
        const distance = Math.max(1, (isUpright ? x : y) - start);
        return set(Math.round((span * (place + 1)) / distance), place + 2);
      },
      nudge: (steps) => (fit.by === "width" ? setWidth(size + steps) : set(count - steps, 1)),
    };
  });
}
