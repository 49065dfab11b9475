import type { Point } from "./point";
import { lengthOf } from "./trig";

/**
 * Gives places within a tolerance of each other one number. The first point seen at a place keeps it, so
 * given ends win over computed crossings. Points are hashed to cells one tolerance wide, and the nine cells
 * around are looked at, which makes each lookup constant time.
 */
export class VertexIndex {
  readonly points: Point[] = [];
  private readonly cells = new Map<number, number[]>();

  constructor(private readonly tolerance: number) {}

  idAt(point: Point): number {
    const column = Math.floor(point.x / this.tolerance);
    const row = Math.floor(point.y / this.tolerance);
    for (let x = column - 1; x <= column + 1; x++) {
      for (let y = row - 1; y <= row + 1; y++) {
        const ids = this.cells.get(cellKey(x, y));
        if (!ids) continue;
        for (const id of ids) {
          const seen = this.points[id]!;
          if (lengthOf(seen.x - point.x, seen.y - point.y) <= this.tolerance) return id;
        }
      }
    }
    const id = this.points.push(point) - 1;
    const key = cellKey(column, row);
    const cell = this.cells.get(key);
    if (cell) cell.push(id);
    else this.cells.set(key, [id]);
    return id;
  }
}

/** Cells that happen to share a key only cost a comparison, since distances are checked. */
const cellKey = (column: number, row: number): number =>
  (Math.imul(column, 73856093) ^ Math.imul(row, 19349663)) | 0;
