import type { CellFit } from "./schema";

/** Equal cells over a span, mm; the first may begin before the span, and the last end beyond it by as much. */
export interface Cells {
  readonly start: number;
  readonly size: number;
  readonly count: number;
}

/**
 * Whole cells, as many as asked or as come closest to the wish (ties to the wider cell); or cells of a kept width, symmetric
 * about the middle, with a joint or a cell's middle there: whichever leaves the wider part at the two ends.
 */
export function divideCells(start: number, span: number, fit: CellFit): Cells {
  if (fit.by !== "width") {
    const count = fit.by === "count" ? fit.count : nearestCount(span, fit.width);
    return { start, size: span / count, count };
  }
  const size = fit.width;
  const ways = [2 * cellsOver(span / 2 / size), 1 + 2 * cellsOver((span / size - 1) / 2)];
  const partOf = (count: number) => size - (count * size - span) / 2;
  const [joint, middle] = [ways[0]!, ways[1]!];
  const count = partOf(joint) >= partOf(middle) - 1e-6 ? joint : middle;
  return { start: start - (count * size - span) / 2, size, count };
}

/** Cells that cover so many, a last bit of one left out of account. */
const cellsOver = (cells: number): number => Math.max(0, Math.ceil(cells - 1e-9));

function nearestCount(span: number, wish: number): number {
  const fewer = Math.max(1, Math.floor(span / wish));
  const [wide, narrow] = [span / fewer - wish, wish - span / (fewer + 1)];
  return wide <= narrow + 1e-9 ? fewer : fewer + 1;
}
