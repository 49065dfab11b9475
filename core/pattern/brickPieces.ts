import type { Brick } from "./pattern";

/** The sizes of faces to a tenth of a millimetre with their counts, the most frequent first. */
export function brickPieces(list: readonly Brick[]): { width: number; height: number; count: number }[] {
  const counts = new Map<string, { width: number; height: number; count: number }>();
  for (const { box } of list) {
    const [width, height] = [box.maxX - box.minX, box.maxY - box.minY].map((mm) => Math.round(mm * 10) / 10);
    const key = `${width} ${height}`;
    const known = counts.get(key);
    if (known) known.count += 1;
    else counts.set(key, { width: width!, height: height!, count: 1 });
  }
  return [...counts.values()].sort((a, b) => b.count - a.count || b.width - a.width);
}
