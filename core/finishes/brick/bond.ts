import type { Box } from "../../geometry/curve";
import type { BrickSpec } from "./spec";

/** A run of equal bricks along a course: where one of them begins, how wide each is, and from one to the next; mm. */
export interface Row {
  readonly from: number;
  readonly width: number;
  readonly pitch: number;
}

/** So many places of a whole pitch are tried for the best start. */
const tried = 2000;

/** The row of course `course` (from 0) where the first course has a brick that begins at `from`. */
export function rowOf({ face, joint, bond }: BrickSpec, course: number, from: number): Row {
  const pitch = face.width + joint;
  const isOdd = course % 2 === 1;
  switch (bond) {
    case "half":
      return { from: from + (isOdd ? pitch / 2 : 0), width: face.width, pitch };
    case "third":
      return { from: from + ((course % 3) * pitch) / 3, width: face.width, pitch };
    case "stack":
      return { from, width: face.width, pitch };
    case "header": {
      if (!isOdd) return { from, width: face.width, pitch };
      const width = (face.width - joint) / 2;
      return { from: from + (face.width - width) / 2, width, pitch: width + joint };
    }
    default:
      return bond satisfies never;
  }
}

/** The step of the first brick that reaches in at the left end. */
export const stepAtLeft = (row: Row, minX: number): number => bricksIn(row, minX, minX + row.pitch)[0]!.step;

/** What of a row's bricks lies between two ends: its number along the row from the one at `from`, and its sides. */
export function bricksIn({ from, width, pitch }: Row, minX: number, maxX: number) {
  const first = Math.ceil((minX - width - from) / pitch + 1e-9);
  const bricks: { readonly step: number; readonly left: number; readonly right: number }[] = [];
  for (let step = first; from + step * pitch < maxX - leastMm; step++) {
    const left = Math.max(minX, from + step * pitch);
    const right = Math.min(maxX, from + step * pitch + width);
    if (right - left > leastMm) bricks.push({ step, left, right });
  }
  return bricks;
}

/** Less of a brick than this is a last bit of a computation. */
export const leastMm = 0.01;

/** The narrowest first or last brick of all courses. */
export function endPieceOf(spec: BrickSpec, from: number, courses: number, extent: Box): number {
  const kinds = Math.min(courses, spec.bond === "third" ? 3 : 2);
  let least = Infinity;
  for (let course = 0; course < kinds; course++)
    least = Math.min(least, narrowestEnd(rowOf(spec, course, from), extent));
  // Where all of a course is one joint, nothing is seen of any.
  return Math.max(0, least);
}

/** What of the first or of the last brick of a row lies between two ends, whichever is less. */
function narrowestEnd(row: Row, ends: Box): number {
  const { from, width, pitch } = row;
  const first = Math.ceil((ends.minX - width - from) / pitch + 1e-9);
  const last = Math.ceil((ends.maxX - from) / pitch - 1e-9) - 1;
  const [left, right] = [seenOf(row, first, ends), seenOf(row, last, ends)];
  return Math.min(
    left > leastMm ? left : seenOf(row, first + 1, ends),
    right > leastMm ? right : seenOf(row, last - 1, ends),
  );
}

const seenOf = ({ from, width, pitch }: Row, step: number, { minX, maxX }: Box): number =>
  Math.min(maxX, from + step * pitch + width) - Math.max(minX, from + step * pitch);

/** Where a brick of the first course begins. */
export function startOf(spec: BrickSpec, courses: number, extent: Box): number {
  const { minX, maxX } = extent;
  const middle = (minX + maxX) / 2;
  const pitch = spec.face.width + spec.joint;
  switch (spec.start) {
    case "left":
      return minX;
    case "right":
      return maxX - spec.face.width;
    case "centre":
      return middle - spec.face.width / 2;
    case "joint":
      return middle + spec.joint / 2;
    case "best": {
      const ways = Array.from({ length: tried }, (_, index) => minX - (pitch * index) / tried);
      // What is alike at both ends goes before what is as good on one side.
      const symmetric = [
        middle - spec.face.width / 2,
        middle + spec.joint / 2,
        middle - spec.face.width / 2 + pitch / 4,
      ];
      let [best, most] = [minX, -Infinity];
      for (const from of [...symmetric, ...ways]) {
        const piece = endPieceOf(spec, from, courses, extent);
        if (piece > most + 1e-6) [best, most] = [from, piece];
      }
      return best;
    }
    default:
      return spec.start satisfies never;
  }
}
