import { maximumCount } from "../fit/schema";
import { segment, type Box } from "../geometry/curve";
import { east, north, type Handle } from "./editing";

/**
 * The lines between whole columns or rows. Cells stay whole: a line that is moved makes the count that brings it
 * nearest to the hand, and an arrow key makes one cell more or fewer.
 */
export function gridHandles(
  key: "columns" | "rows",
  count: number,
  { minX, maxX, minY, maxY }: Box,
): Handle[] {
  const isUpright = key === "columns";
  const [start, span] = isUpright ? [minX, maxX - minX] : [minY, maxY - minY];
  const set = (wanted: number, least: number) => ({
    set: { [key]: { by: "count", count: Math.min(maximumCount, Math.max(least, wanted)) } },
  });
  return Array.from({ length: count - 1 }, (_, place): Handle => {
    const at = start + (span * (place + 1)) / count;
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
        const distance = Math.max(1, (isUpright ? x : y) - start);
        return set(Math.round((span * (place + 1)) / distance), place + 2);
      },
      nudge: (steps) => set(count - steps, 1),
    };
  });
}
