import type { Box } from "../../geometry/curve";
import { distance, type Point } from "../../geometry/point";
import { createSequence } from "../../trade/randomSequence";

/** From stroke to stroke about so far, mm: what a block brush spreads of one dip into the front. */
export const strokePitchMm = 350;
/** Starts nearer to each other than a hand's breadth show as one. */
export const handMm = 100;
/** How far a start may stray from its place, as a share of the pitch. */
const straying = 0.5;

/** A stroke of the brush: where it starts, and which way it goes, degrees. */
export interface Stroke {
  readonly at: Point;
  readonly turn: number;
}

/**
 * Where the strokes of one coat start: a place in each cell of a grid, strayed by a seeded amount, in any direction. The grid of
 * every further coat stands half a pitch to the right and up, so that its strokes start between those before.
 */
export function strokesOf({ minX, maxX, minY, maxY }: Box, coat: number, seed: number): Stroke[] {
  const random = createSequence(seed * 31 + coat);
  const shift = coat % 2 === 0 ? strokePitchMm / 2 : 0;
  const strokes: Stroke[] = [];
  for (let y = minY - strokePitchMm + shift; y < maxY + strokePitchMm; y += strokePitchMm)
    for (let x = minX - strokePitchMm + shift; x < maxX + strokePitchMm; x += strokePitchMm) {
      const [across, up, turn] = [random(), random(), random()];
      const at = {
        x: x + (across - 0.5) * straying * strokePitchMm,
        y: y + (up - 0.5) * straying * strokePitchMm,
      };
      strokes.push({ at, turn: Math.round(turn * 360) });
    }
  return strokes;
}

/** The share of a coat's strokes that start within a hand's breadth of one of the coat before. */
export function sharedStarts(coat: readonly Stroke[], before: readonly Stroke[]): number {
  const cells = new Map<string, Point[]>();
  const cellOf = ({ x, y }: Point) => [Math.floor(x / handMm), Math.floor(y / handMm)] as const;
  for (const { at } of before) {
    const key = cellOf(at).join();
    cells.set(key, [...(cells.get(key) ?? []), at]);
  }
  const near = coat.filter(({ at }) => {
    const [column, row] = cellOf(at);
    return [-1, 0, 1].some((across) =>
      [-1, 0, 1].some((up) =>
        cells.get(`${column + across},${row + up}`)?.some((other) => distance(other, at) < handMm),
      ),
    );
  });
  return coat.length === 0 ? 0 : near.length / coat.length;
}
