/** A share of one for a place of a grid and a seed, scattered by integer mixing: the same on every engine. */
export function scatter(x: number, y: number, seed: number): number {
  let h = Math.imul(x | 0, 0x27d4eb2d) ^ Math.imul(y | 0, 0x165667b1) ^ Math.imul(seed | 0, 0x9e3779b1);
  h = Math.imul(h ^ (h >>> 15), 0x85ebca6b);
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35);
  return ((h ^ (h >>> 16)) >>> 0) / 4294967296;
}

/** Scattered values at the corners of a grid, eased between them with 3t^2 - 2t^3; 0 to 1. */
export function valueNoise(x: number, y: number, seed: number): number {
  const [column, row] = [Math.floor(x), Math.floor(y)];
  const [u, v] = [x - column, y - row];
  const [s, t] = [u * u * (3 - 2 * u), v * v * (3 - 2 * v)];
  const a = scatter(column, row, seed);
  const b = scatter(column + 1, row, seed);
  const c = scatter(column, row + 1, seed);
  const d = scatter(column + 1, row + 1, seed);
  return a + (b - a) * s + (c - a + (a - b - c + d) * s) * t;
}

/** Three octaves of it, each twice as fine and half as strong; 0 to 1, about a half. */
export const cloud = (x: number, y: number, seed: number): number =>
  (4 * valueNoise(x, y, seed) + 2 * valueNoise(2 * x, 2 * y, seed + 1) + valueNoise(4 * x, 4 * y, seed + 2)) /
  7;
