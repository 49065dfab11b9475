import type { Box } from "../geometry/curve";
import { rakeOf, type Rake } from "../wall/rake";
import type { Strip } from "../wall/strip";
import { divideCells, type Cells } from "./divideCells";
import type { CellFit, ToRake } from "./schema";

/** Columns and rows of a grid of cells. */
export interface Grid {
  readonly across: Cells;
  readonly up: Cells;
}

interface Asked {
  readonly columns: CellFit;
  readonly rows: CellFit;
  readonly fit?: ToRake;
}

/** A grid over a strip: whole or kept cells, or such as meet its rake, where that is asked for and there is one. */
export function gridOver({ columns, rows, fit }: Asked, strip: Strip): Grid {
  const { minX, maxX, minY, maxY } = strip.extent;
  const across = divideCells(minX, maxX - minX, columns);
  const up = divideCells(minY, maxY - minY, rows);
  const rake = fit?.to === "rake" ? rakeOf(strip) : null;
  if (!rake) return { across, up };
  // A count or a kept width of columns stays as it is; one that is only near may give way.
  const few = columns.by === "near" ? [0, -1, 1, -2, 2] : [0];
  const counts = few.map((more) => across.count + more).filter((count) => count > 0);
  const ways = counts.map((count) =>
    count === across.count ? across : divideCells(minX, maxX - minX, { by: "count", count }),
  );
  const wish = {
    column: columns.by === "near" ? columns.width : across.size,
    row: rows.by === "count" ? up.size : rows.width,
  };
  return ways
    .flatMap((own) => rowsThatMeet(rake, own, strip.extent).map((row) => ({ across: own, up: row })))
    .map((grid) => ({ grid, off: offOf(grid, wish, rake, strip.extent) }))
    .reduce((best, way) => (way.off < best.off - 1e-9 ? way : best)).grid;
}

/** So many columns at most go by until a half or a whole meets the rake again, and so many halves it rises then. */
const most = { columns: 24, halves: 12 };

/**
 * Rows whose halves or wholes meet a rake: it rises m halves of a row over n columns of width w, so a row is 2 s w n / m high.
 * They begin where the rake meets the first column.
 */
function rowsThatMeet({ a, slope }: Rake, columns: Cells, { minY, maxY }: Box): Cells[] {
  const rise = Math.abs(slope) * columns.size;
  const first = columns.start + Math.ceil((a.x - columns.start) / columns.size - 1e-9) * columns.size;
  const meets = a.y + slope * (first - a.x);
  const sizes = new Set<number>();
  for (let n = 1; n <= most.columns; n++)
    for (let m = 1; m <= most.halves; m++) sizes.add((2 * rise * n) / m);
  return [...sizes].map((size) => {
    const start = meets - Math.ceil((meets - minY) / size - 1e-9) * size;
    return { start, size, count: Math.max(1, Math.ceil((maxY - start) / size - 1e-9)) };
  });
}

/** Seldom meeting is worth so much of the wish for each column between; a thin strip of a row at the floor so much, any cut one less. */
const worth = { column: 0.03, sliver: 0.4, cut: 0.1 };

/** By how much of the smaller one is larger. */
const timesOff = (a: number, b: number): number => Math.max(a, b) / Math.min(a, b) - 1;

/** How far a grid is from what was wished for. */
function offOf(
  { across, up }: Grid,
  wish: { readonly column: number; readonly row: number },
  { slope }: Rake,
  { minY }: Box,
): number {
  const halves = (2 * (up.start + up.size - minY)) / up.size;
  const rest = Math.abs(halves - Math.round(halves)) < 0.02 ? 0 : halves - Math.floor(halves);
  const perColumn = (2 * Math.abs(slope) * across.size) / up.size;
  const isMet = (n: number) => Math.abs(perColumn * n - Math.round(perColumn * n)) < 1e-6;
  const between = Array.from({ length: most.columns }, (_, index) => index + 1).find(isMet) ?? most.columns;
  return (
    timesOff(up.size, wish.row) +
    timesOff(across.size, wish.column) +
    worth.column * (between - 1) +
    (rest === 0 ? 0 : rest < 0.25 ? worth.sliver : worth.cut)
  );
}
