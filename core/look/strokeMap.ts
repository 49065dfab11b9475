import type { Box } from "../geometry/curve";
import type { Point } from "../geometry/point";
import { sinCos } from "../geometry/trig";
import { strokesOf } from "../work/broken/strokes";
import { scatter, valueNoise } from "./noise";

/** Values over a wall in cells, read between their middles. */
export class Grid {
  readonly values: Float32Array;
  readonly columns: number;
  readonly rows: number;

  constructor(
    readonly box: Box,
    readonly cellMm: number,
  ) {
    this.columns = Math.ceil((box.maxX - box.minX) / cellMm) + 1;
    this.rows = Math.ceil((box.maxY - box.minY) / cellMm) + 1;
    this.values = new Float32Array(this.columns * this.rows);
  }

  /** The value of the cell at a place. */
  nearest(x: number, y: number): number {
    const column = Math.min(this.columns - 1, Math.max(0, Math.floor((x - this.box.minX) / this.cellMm)));
    const row = Math.min(this.rows - 1, Math.max(0, Math.floor((y - this.box.minY) / this.cellMm)));
    return this.values[row * this.columns + column]!;
  }

  /** The value at a place, straight between the four cells around it. */
  between(x: number, y: number): number {
    const across = Math.min(this.columns - 1.001, Math.max(0, (x - this.box.minX) / this.cellMm - 0.5));
    const up = Math.min(this.rows - 1.001, Math.max(0, (y - this.box.minY) / this.cellMm - 0.5));
    const [column, row] = [Math.floor(across), Math.floor(up)];
    const [s, t] = [across - column, up - row];
    const at = row * this.columns + column;
    const { values, columns } = this;
    const low = values[at]! * (1 - s) + values[at + 1]! * s;
    const high = values[at + columns]! * (1 - s) + values[at + columns + 1]! * s;
    return low * (1 - t) + high * t;
  }

  /** Every cell within a turned box about a place: how far along it and across it, -1 to 1. */
  eachWithin(
    at: { readonly x: number; readonly y: number },
    turn: number,
    half: { readonly along: number; readonly across: number },
    visit: (index: number, along: number, across: number) => void,
  ): void {
    const { sin, cos } = sinCos((turn / 180) * Math.PI);
    const { box, cellMm, columns, rows } = this;
    const reach = Math.sqrt(half.along * half.along + half.across * half.across);
    const first = Math.max(0, Math.floor((at.x - reach - box.minX) / cellMm));
    const last = Math.min(columns - 1, Math.ceil((at.x + reach - box.minX) / cellMm));
    const low = Math.max(0, Math.floor((at.y - reach - box.minY) / cellMm));
    const high = Math.min(rows - 1, Math.ceil((at.y + reach - box.minY) / cellMm));
    for (let row = low; row <= high; row++) {
      const dy = box.minY + (row + 0.5) * cellMm - at.y;
      for (let column = first; column <= last; column++) {
        const dx = box.minX + (column + 0.5) * cellMm - at.x;
        const along = (dx * cos + dy * sin) / half.along;
        const across = (dy * cos - dx * sin) / half.across;
        if (along > -1 && along < 1 && across > -1 && across < 1)
          visit(row * columns + column, along, across);
      }
    }
  }
}

/** A pass of a block brush 150 mm wide, half its length and half its width, mm. */
const pass = { along: 280, across: 75 } as const;
/** One dip is spread about its place in so many passes that cross each other, each set off so far at the most, mm. */
const passes = 6;
const setOff = 150;
/** So much of what lay there a pass takes the place of, where it is full: lime is worked into lime that is wet. */
const covers = 0.5;
/** Bundles of bristles leave their own streaks, so many over the width. */
const bristles = 9;
/** Streaks are no finer than this, mm. */
const streakMm = 5;

/**
 * How thick coats of lime lie: each dip that the plan starts apart is spread about its place in crossing passes, the first of
 * them full and the last nearly dry, streaked along and thin at both ends. The mean is 1.
 */
export function limeThickness(box: Box, coats: number, seed: number, cellMm: number): Grid {
  const grid = new Grid(box, Math.max(streakMm, cellMm));
  grid.values.fill(1);
  for (let coat = 1; coat <= coats; coat++)
    for (const [index, { at, turn }] of strokesOf(box, coat, seed).entries())
      for (let nth = 0; nth < passes; nth++)
        spread(grid, at, { turn, nth, key: (index * coats + coat) * passes + nth, seed });
  let sum = 0;
  for (const value of grid.values) sum += value;
  const mean = sum / grid.values.length;
  if (mean > 0) for (const index of grid.values.keys()) grid.values[index] = grid.values[index]! / mean;
  return grid;
}

interface Pass {
  readonly turn: number;
  readonly nth: number;
  readonly key: number;
  readonly seed: number;
}

/** One pass: turned by a part of the half circle from the one before, so that they cross. */
function spread(grid: Grid, at: Point, { turn, nth, key, seed }: Pass): void {
  const stray = (by: number) => (scatter(key, by, seed) - 0.5) * 2 * setOff;
  const [x, y] = [at.x + stray(11), at.y + stray(12)];
  const direction = turn + (nth * 180) / passes + 30 * scatter(key, 13, seed);
  const load = 1.3 - (0.7 * nth) / passes + 0.3 * scatter(key, 14, seed);
  grid.eachWithin({ x, y }, direction, pass, (cell, along, across) => {
    const side = 1 - across * across * across * across;
    const end = 1 - along * along;
    const streak = 0.45 + 1.1 * valueNoise((across + 1) * bristles, along * 1.2, seed + key);
    const before = grid.values[cell]!;
    grid.values[cell] = before + (load * streak - before) * covers * side * end;
  });
}

/** A spreader's stroke, half its length and half its width, mm, from the shortest to the longest; and from one to the next. */
const spreader = { along: [110, 330], across: [38, 105] } as const;
const spreaderPitch = 105;
const layers = 6;
/** A loaded spreader covers at once, and thins out over so much of its stroke; so much at its sides, too, where it rides up. */
const thinsOver = 1.4;
const feathered = 0.8;
/** No pass hides what is under it. */
const most = 0.62;
/** Marks are laid out no finer than this, and what is scraped in them, mm. */
const [markMm, scrapedMm] = [4, 3];
/** Lines along a stroke in which it skips. */
const skips = 13;

/**
 * Trowel marks: the value that shows, 0 to 1, thin ends of each mark over what lies under it; how far across the marks a place is, 0
 * to 1; and how much lies there, streaked along the marks.
 */
export function trowelMarks(
  box: Box,
  seed: number,
  cellMm: number,
): { readonly mark: Grid; readonly across: Grid; readonly laid: Grid } {
  const [marked, scraped] = [Math.max(markMm, cellMm), Math.max(scrapedMm, cellMm)];
  const [mark, side, laid] = [new Grid(box, marked), new Grid(box, marked), new Grid(box, scraped)];
  mark.values.fill(0.5);
  for (let layer = 0; layer < layers; layer++)
    for (let y = box.minY - spreaderPitch; y < box.maxY + spreaderPitch; y += spreaderPitch)
      for (let x = box.minX - spreaderPitch; x < box.maxX + spreaderPitch; x += spreaderPitch) {
        const [column, row] = [Math.floor(x / spreaderPitch), Math.floor(y / spreaderPitch)];
        const random = (which: number) => scatter(column, row, seed * 7 + layer * 8 + which);
        const at = { x: x + random(0) * spreaderPitch, y: y + random(1) * spreaderPitch };
        const value = random(2);
        const size = ([least, most]: readonly [number, number], share: number) =>
          least + (most - least) * share;
        const half = { along: size(spreader.along, random(4)), across: size(spreader.across, random(5)) };
        // An arm swings about one direction for a while.
        const swing = 180 * valueNoise(at.x / 700, at.y / 700, seed + layer) + 70 * (random(3) - 0.5);
        const own = seed + column * 31 + row * 17 + layer;
        mark.eachWithin(at, swing, half, (cell, along, across) => {
          // The ends of a mark are rounded by the spreader's corners.
          const rim = 1 - along * along * along * along - across * across;
          if (rim <= 0) return;
          const skip = valueNoise((across + 1) * skips, along * 1.1, own);
          const load = 1 - (along + 1) / 2;
          const thick = Math.min(1, rim / feathered) * Math.min(1, load * thinsOver + 0.12);
          const covers = most * Math.max(0, Math.min(1, thick * 1.2 - (1 - load) * 0.8 * skip));
          mark.values[cell] = mark.values[cell]! + (value - mark.values[cell]!) * covers;
          side.values[cell] = side.values[cell]! + ((across + 1) / 2 - side.values[cell]!) * covers;
        });
        laid.eachWithin(at, swing, half, (cell, along, across) => {
          const rim = 1 - along * along * along * along - across * across;
          if (rim <= 0) return;
          // Scraped nearly dry it leaves lines along its way, finer than what it skips.
          const line = valueNoise((across + 1) * skips * 1.7, along * 0.7, own + 3);
          const fine = valueNoise((across + 1) * skips * 5, along * 2.1, own + 5);
          const dry = 0.65 * line + 0.35 * fine;
          const by = 0.55 * Math.min(1, rim * 1.6);
          laid.values[cell] = laid.values[cell]! + (1 - dry - laid.values[cell]!) * by;
        });
      }
  return { mark, across: side, laid };
}
