import type { Finding } from "../../findings/finding";
import type { Box } from "../../geometry/curve";
import type { Strip } from "../../wall/strip";
import { tidy } from "../editing";

/** Nearer than this an edge stands on the same line, mm. */
const alignedMm = 1;

/** A rectangle none of whose edges or middles stands on one of anything else, with the smallest move that lets one. */
export function checkAlignment(id: string, index: number, boxes: readonly Box[], strip: Strip): Finding[] {
  const box = boxes[index]!;
  const things = [
    ...boxes,
    ...strip.parts.flatMap(({ wall, offset }) =>
      [...wall.openings, ...wall.fixtures].map(({ x, y, width, height }): Box => ({
        minX: x + offset,
        maxX: x + offset + width,
        minY: y,
        maxY: y + height,
      })),
    ),
  ];
  if (things.length === 1) return [];
  const all = [...things, strip.extent];
  const across = leastShift(box, all, "minX", "maxX");
  if (Math.abs(across) <= alignedMm) return [];
  const up = leastShift(box, all, "minY", "maxY");
  if (Math.abs(up) <= alignedMm) return [];
  const set = Math.abs(across) <= Math.abs(up) ? { x: tidy(box.minX + across) } : { y: tidy(box.minY + up) };
  return [
    {
      code: "lines-up-with-nothing",
      severity: "note",
      values: { thing: `block ${index + 1}` },
      at: { x: (box.minX + box.maxX) / 2, y: (box.minY + box.maxY) / 2 },
      cure: { kind: "line-up", count: 0, finish: id, path: ["blocks", index], set },
    },
  ];
}

/** The smallest move along one axis that lets an edge or the middle of a box stand on one of another's. */
function leastShift(box: Box, others: readonly Box[], low: "minX" | "minY", high: "maxX" | "maxY"): number {
  const own = [box[low], (box[low] + box[high]) / 2, box[high]];
  let best = Infinity;
  for (const other of others) {
    if (other === box) continue;
    const middle = (other[low] + other[high]) / 2;
    for (const place of own) {
      for (const target of [other[low], middle, other[high]]) {
        if (Math.abs(target - place) < Math.abs(best)) best = target - place;
      }
    }
    if (Math.abs(best) <= alignedMm) return best;
  }
  return best;
}
