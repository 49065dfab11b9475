import { segment } from "../../geometry/curve";
import { intersectCurves } from "../../geometry/intersectCurves";
import { placeTolerance } from "../../wall/outline";
import type { Surface } from "../../wall/surface";
import type { Strip } from "../../wall/strip";
import type { PaperSpec } from "./spec";

/** More sheets side by side than anyone hangs. */
export const mostSheets = 1000;
/** Narrower than this nothing of a sheet is left beside an end, mm. */
export const leastPart = 0.05;

/** What is left to trim into an inner corner, mm; a corner that is out of plumb takes that from its farthest place. */
export const spareMm = 10;

/** What a sheet has over at the ends of a strip, mm: it is trimmed in an inner corner, and butted to any other end. */
export const spareAt = ({ parts }: Strip): { readonly left: number; readonly right: number } => ({
  left: parts[0]?.wall.leftEdge === "internal" ? spareMm : 0,
  right: parts.at(-1)?.wall.rightEdge === "internal" ? spareMm : 0,
});

/** Where one seam stands in the strip; all others are whole widths of the roll from it. */
export function seamOf({ start, roll }: Pick<PaperSpec, "start" | "roll">, strip: Strip): number {
  const { extent } = strip;
  const middle = (extent.minX + extent.maxX) / 2;
  if (typeof start === "object") return start.seam;
  switch (start) {
    case "left":
      return extent.minX - spareAt(strip).left;
    case "right":
      return extent.maxX + spareAt(strip).right;
    case "centre":
      return middle + roll.width / 2;
    case "seam":
      return middle;
    default:
      return start satisfies never;
  }
}

/** The sheets from end to end of a strip, each between two uprights, the end ones as the ends cut them. */
export function sheetsAcross(seam: number, width: number, { extent }: Strip): { from: number; to: number }[] {
  const { minX, maxX } = extent;
  const sheets: { from: number; to: number }[] = [];
  for (let step = Math.floor((minX - seam) / width); seam + step * width < maxX - leastPart; step++) {
    const [from, to] = [Math.max(minX, seam + step * width), Math.min(maxX, seam + (step + 1) * width)];
    if (to - from > leastPart) sheets.push({ from, to });
  }
  return sheets;
}

/**
 * The most from a surface's lowest to its highest place on one upright between two of them, mm; null where there is none of
 * it. It is greatest at one of them or where its edge turns, so there it is read. An opening that leaves wall above and below
 * is bridged: its sheet is hung whole and cut out.
 */
export function heightBetween({ curves, extent }: Surface, from: number, to: number): number | null {
  const turns = curves.flatMap(({ curve: { a, b } }) => [a.x, b.x]).filter((x) => x > from && x < to);
  const nearby = placeTolerance * 2;
  const uprights = [from, to, ...turns].flatMap((x) => [x - nearby, x + nearby]);
  const heights = uprights
    .filter((x) => x > from && x < to)
    .flatMap((x) => {
      const upright = segment({ x, y: extent.minY - 1 }, { x, y: extent.maxY + 1 });
      const ys = curves.flatMap(({ curve }) =>
        intersectCurves(upright, curve, placeTolerance).map(({ point }) => point.y),
      );
      return ys.length < 2 ? [] : [Math.max(...ys) - Math.min(...ys)];
    });
  return heights.length === 0 ? null : Math.max(...heights);
}
