import type { Box } from "../../geometry/curve";
import { placeAlong, type Strip } from "../../wall/strip";
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

/** The step of the first brick that reaches in at the left end; 0 where a joint as wide as a face leaves no header. */
export const stepAtLeft = (row: Row, minX: number): number =>
  bricksIn(row, minX, minX + row.pitch)[0]?.step ?? 0;

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

/** How many kinds of courses a bond has. */
export const kindsOf = ({ bond }: BrickSpec, courses: number): number =>
  Math.min(courses, bond === "stack" ? 1 : bond === "third" ? 3 : 2);

/** The narrowest first or last brick of all courses; `fromRight` where the right end has a row of its own. */
export function endPieceOf(
  spec: BrickSpec,
  from: number,
  courses: number,
  extent: Box,
  fromRight = from,
): number {
  let least = Infinity;
  for (let course = 0; course < kindsOf(spec, courses); course++) {
    const [left, right] = [rowOf(spec, course, from), rowOf(spec, course, fromRight)];
    least = Math.min(least, leftEnd(left, extent), rightEnd(right, extent));
  }
  // Where all of a course is one joint, nothing is seen of any.
  return Math.max(0, least);
}

/** What of the first brick of a row lies between two ends. */
function leftEnd(row: Row, ends: Box): number {
  const first = Math.ceil((ends.minX - row.width - row.from) / row.pitch + 1e-9);
  const seen = seenOf(row, first, ends);
  return seen > leastMm ? seen : seenOf(row, first + 1, ends);
}

/** What of the last one does. */
function rightEnd(row: Row, ends: Box): number {
  const last = Math.ceil((ends.maxX - row.from) / row.pitch - 1e-9) - 1;
  const seen = seenOf(row, last, ends);
  return seen > leastMm ? seen : seenOf(row, last - 1, ends);
}

const seenOf = ({ from, width, pitch }: Row, step: number, { minX, maxX }: Box): number =>
  Math.min(maxX, from + step * pitch + width) - Math.max(minX, from + step * pitch);

/** Where a brick of the first course begins, x in the strip, on each wall by its id. */
export type Starts = ReadonlyMap<string, number>;

/**
 * A bond goes on around the corners of a strip from one start; but where nothing else is asked for it starts at the first
 * outside corner and goes around it: in the first course a whole brick meets that from either side, and on a further outside
 * corner the wall after it begins anew.
 */
export function startsOf(spec: BrickSpec, courses: number, strip: Strip): Starts {
  const { parts } = strip;
  const arrises = parts.flatMap(({ wall, offset }, index) => {
    const before = parts[index - 1]?.wall;
    return before && (before.rightEdge === "external" || wall.leftEdge === "external") ? [offset] : [];
  });
  const [first] = arrises;
  if (spec.start !== "best" || first === undefined) {
    const from = startOf(spec, courses, strip);
    return new Map(parts.map(({ wall }) => [wall.id, from]));
  }
  const pitch = spec.face.width + spec.joint;
  return new Map(
    parts.map(({ wall, offset }) => {
      const arris = arrises.findLast((at) => at <= offset);
      // Numbered on from the first corner, so that no number comes twice.
      const from =
        arris === undefined ? first + spec.joint : arris - Math.ceil((arris - first) / pitch - 1e-9) * pitch;
      return [wall.id, from];
    }),
  );
}

/** The narrowest piece at an end of a strip, as a bond starts there. */
export function endsOf(spec: BrickSpec, courses: number, strip: Strip, starts: Starts): number {
  const [first, last] = [strip.parts[0]!, strip.parts.at(-1)!].map(({ wall }) => starts.get(wall.id)!);
  return endPieceOf(spec, first!, courses, strip.extent, last);
}

/** Where a brick of the first course begins. */
export function startOf(spec: BrickSpec, courses: number, strip: Strip): number {
  const { minX, maxX } = strip.extent;
  if (typeof spec.start === "object") return placeAlong(strip, spec.start.at);
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
        const piece = endPieceOf(spec, from, courses, strip.extent);
        if (piece > most + 1e-6) [best, most] = [from, piece];
      }
      return best;
    }
    default:
      return spec.start satisfies never;
  }
}
