import type { Box } from "../geometry/curve";

/** A wall in cells: what lies at each, as a number; 0 is nothing. Row 0 is the lowest. */
export class Raster {
  readonly cells: Uint16Array;
  readonly columns: number;
  readonly rows: number;

  constructor(
    readonly box: Box,
    readonly cellMm: number,
  ) {
    this.columns = Math.max(1, Math.ceil((box.maxX - box.minX) / cellMm));
    this.rows = Math.max(1, Math.ceil((box.maxY - box.minY) / cellMm));
    this.cells = new Uint16Array(this.columns * this.rows);
  }

  /** What lies at a place, mm. */
  at(x: number, y: number): number {
    const column = Math.floor((x - this.box.minX) / this.cellMm);
    const row = Math.floor((y - this.box.minY) / this.cellMm);
    if (column < 0 || row < 0 || column >= this.columns || row >= this.rows) return 0;
    return this.cells[row * this.columns + column]!;
  }

  /** Fills what lies within rings by the even-odd rule: cells whose middle is inside. */
  fill(rings: readonly (readonly (readonly [number, number])[])[], value: number): void {
    const crossings = new Map<number, number[]>();
    for (const ring of rings)
      for (const [index, from] of ring.entries()) {
        const to = ring[(index + 1) % ring.length]!;
        this.cross(from, to, crossings);
      }
    for (const [row, xs] of crossings) {
      xs.sort((a, b) => a - b);
      for (let pair = 0; pair + 1 < xs.length; pair += 2) this.fillRow(row, xs[pair]!, xs[pair + 1]!, value);
    }
  }

  private cross(
    [ax, ay]: readonly [number, number],
    [bx, by]: readonly [number, number],
    crossings: Map<number, number[]>,
  ): void {
    if (ay === by) return;
    const { minY } = this.box;
    const first = Math.max(0, Math.ceil((Math.min(ay, by) - minY) / this.cellMm - 0.5));
    const end = Math.min(this.rows, Math.ceil((Math.max(ay, by) - minY) / this.cellMm - 0.5));
    for (let row = first; row < end; row++) {
      const y = minY + (row + 0.5) * this.cellMm;
      const x = ax + ((bx - ax) * (y - ay)) / (by - ay);
      const list = crossings.get(row);
      if (list) list.push(x);
      else crossings.set(row, [x]);
    }
  }

  private fillRow(row: number, from: number, to: number, value: number): void {
    const first = Math.max(0, Math.ceil((from - this.box.minX) / this.cellMm - 0.5));
    const end = Math.min(this.columns, Math.ceil((to - this.box.minX) / this.cellMm - 0.5));
    if (end > first) this.cells.fill(value, row * this.columns + first, row * this.columns + end);
  }
}
