import type { Wall } from "../../wall/schema";
import type { PaintUse } from "../contribution";

/** What of a wall is printed in each paint, m2. */
export interface PrintedAreas {
  readonly wall: Wall;
  readonly areas: ReadonlyMap<string, number>;
}

/** Printed areas as uses of paint; what tools keep is kept once a paint, however many walls they go over. */
export function printedUses(
  walls: readonly PrintedAreas[],
  { spreadRate, toolsMl }: { readonly spreadRate: number; readonly toolsMl: number },
): PaintUse[] {
  const wetted = new Set<string>();
  return walls.flatMap(({ wall, areas }) =>
    [...areas].map(([paint, areaM2]): PaintUse => {
      const isFirst = !wetted.has(paint);
      wetted.add(paint);
      const printed = { areaM2, spreadRate, toolsMl: isFirst ? toolsMl : 0 };
      return { paint, wall: wall.id, texture: wall.texture, areaM2: 0, sealMm: 0, printed };
    }),
  );
}

/** Sums of areas by paint. */
export function areasByPaint(parts: Iterable<readonly [paint: string, areaM2: number]>): Map<string, number> {
  const areas = new Map<string, number>();
  for (const [paint, areaM2] of parts) areas.set(paint, (areas.get(paint) ?? 0) + areaM2);
  return areas;
}
