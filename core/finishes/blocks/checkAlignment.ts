import type { Finding } from "../../findings/finding";
import type { Box } from "../../geometry/curve";
import type { Strip } from "../../wall/strip";
import { tidy } from "../editing";

/** Nearer than this an edge stands on the same line, mm. */
const alignedMm = 1;

/** A rectangle none of whose edges or middles stands on one of anything else, with the smallest move that lets one. */
export function checkAlignment(
  id: string,
  index: number,
  box: Box,
  others: readonly Box[],
  strip: Strip,
): Finding[] {
  const things = [
    ...others,
    ...strip.parts.flatMap(({ wall, offset }) =>
      [...wall.openings, ...wall.fixtures].map(({ x, y, width, height }): Box => ({
        minX: x + offset,
        maxX: x + offset + width,
        minY: y,
        maxY: y + height,
      })),
    ),
  ];
  if (things.length === 0) return [];
  const all = [...things, strip.extent];
  const across = leastShift(
    placesOf(box.minX, box.maxX),
    all.flatMap(({ minX, maxX }) => placesOf(minX, maxX)),
  );
  const up = leastShift(
    placesOf(box.minY, box.maxY),
    all.flatMap(({ minY, maxY }) => placesOf(minY, maxY)),
  );
  if (Math.min(Math.abs(across), Math.abs(up)) <= alignedMm) return [];
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

const placesOf = (low: number, high: number): number[] => [low, (low + high) / 2, high];

function leastShift(own: readonly number[], others: readonly number[]): number {
  const shifts = own.flatMap((place) => others.map((other) => other - place));
  return shifts.reduce((best, shift) => (Math.abs(shift) < Math.abs(best) ? shift : best));
}
