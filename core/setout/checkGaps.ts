import type { Finding } from "../findings/finding";
import { boxOfContour, curveLength } from "../geometry/curve";
import { listLineEdges } from "../pattern/lineEdges";
import type { Pattern } from "../pattern/pattern";
import { soldWithinMm, tapeWidthMm, tapeWidthsMm } from "../trade/constants";

/**
 * Strips of base between painted edges that are narrower than the usual tape, and how far to slit one for them. The width
 * of a strip is twice its area by its edge, less its two ends: of w x l it is 2 w l / (2 l + 2 w), solved for w.
 */
export function checkGaps(pattern: Pattern, base: string): Finding[] {
  const underLines = new Set(listLineEdges(pattern).map(({ under }) => under));
  const told = new Set<string>();
  return pattern.regions.flatMap(({ colour, face, at }, index): Finding[] => {
    if (colour !== base || underLines.has(index) || face.holes.length > 0) return [];
    const edge = face.outer.reduce((sum, curve) => sum + curveLength(curve), 0);
    const half = edge / 2;
    // w and l solve w + l = half, w l = area.
    const root = half * half - 4 * face.area;
    const width = root > 0 ? (half - Math.sqrt(root)) / 2 : Infinity;
    if (width >= tapeWidthMm - soldWithinMm || !isBetween(pattern, index, width)) return [];
    if (tapeWidthsMm.some((sold) => Math.abs(sold - width) <= soldWithinMm)) return [];
    const key = width.toFixed(1);
    if (told.has(key)) return [];
    told.add(key);
    const sold = tapeWidthsMm.find((wide) => wide >= width)!;
    return [{ code: "slit-tape", severity: "note", values: { line: width, sold }, at }];
  });
}

/** Whether painted edges run along both sides of a strip, which is many times as long as it is wide. */
function isBetween({ edges, regions }: Pattern, index: number, width: number): boolean {
  const box = boxOfContour(regions[index]!.face.outer);
  const longest = Math.max(box.maxX - box.minX, box.maxY - box.minY);
  if (longest < 4 * width) return false;
  let along = 0;
  for (const { left, right, curve } of edges) {
    if (left !== index && right !== index) continue;
    const other = left === index ? right : left;
    if (other !== null && regions[other]!.colour !== regions[index]!.colour) along += curveLength(curve);
  }
  return along > 1.5 * longest;
}
