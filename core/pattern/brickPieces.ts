import type { Brick } from "./pattern";

/** How many pieces of one size are stamped; `part`: it is cut out of a face. */
export interface PieceSize {
  readonly width: number;
  readonly height: number;
  readonly count: number;
  readonly part?: true;
}

/** The sizes of what is stamped to a tenth of a millimetre with their counts, the most frequent first. */
export function brickPieces(list: readonly Brick[]): PieceSize[] {
  const counts = new Map<string, PieceSize>();
  for (const { parts, piece } of list)
    for (const box of parts) {
      const [width, height] = [box.maxX - box.minX, box.maxY - box.minY].map(
        (mm) => Math.round(mm * 10) / 10,
      );
      const key = `${width} ${height}`;
      const known = counts.get(key);
      counts.set(key, {
        width: width!,
        height: height!,
        count: (known?.count ?? 0) + 1,
        ...(piece === "part" && { part: true }),
      });
    }
  return [...counts.values()].sort((a, b) => b.count - a.count || b.width - a.width);
}
