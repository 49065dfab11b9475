import type { Box } from "../../geometry/curve";
import type { BrickSpec } from "./spec";

/** How a height is laid in courses, mm; the lowest may be cut. */
export interface Courses {
  readonly count: number;
  readonly bed: number;
  /** Lower edge and height of each, from the top down. */
  readonly heights: readonly { readonly low: number; readonly height: number }[];
}

/** The narrowest bed that tape and sponge leave clean, mm. */
export const leastBedMm = 4;
export const mostBricks = 20_000;

/**
 * n courses h over a height H leave beds of (H - n h) / (n - 1). `near` takes the n whose bed is nearest to the joint and at
 * least 4 mm; `keep` the joint from a whole top course down; a count what it leaves, which may be nothing or less.
 */
export function layCourses({ face, joint, courses }: BrickSpec, { minY, maxY }: Box): Courses {
  const height = maxY - minY;
  const told = typeof courses === "string" ? { by: courses } : courses;
  const bedOf = (count: number) => (count < 2 ? joint : (height - count * face.height) / (count - 1));
  if (told.by === "keep") {
    const count = Math.max(1, Math.ceil(height / (face.height + joint) - 1e-9));
    return { count, bed: joint, heights: heightsOf(count, joint, face.height, maxY, minY) };
  }
  const count = told.by === "count" ? told.count : nearestCount(height, face.height, joint, bedOf);
  return { count, bed: bedOf(count), heights: heightsOf(count, bedOf(count), face.height, maxY, minY) };
}

function nearestCount(height: number, face: number, joint: number, bedOf: (count: number) => number): number {
  const fewer = Math.max(1, Math.floor((height + joint) / (face + joint) + 1e-9));
  const ways = [fewer, fewer + 1].filter((count) => count < 2 || bedOf(count) >= leastBedMm - 1e-9);
  const off = (count: number) => Math.abs(bedOf(count) - joint);
  return ways.reduce((best, count) => (off(count) < off(best) - 1e-9 ? count : best), ways[0] ?? fewer);
}

const heightsOf = (
  count: number,
  bed: number,
  face: number,
  top: number,
  floor: number,
): Courses["heights"] =>
  Array.from({ length: Math.min(count, mostBricks) }, (_, index) => {
    const upper = top - index * (face + bed);
    const low = Math.max(floor, upper - face);
    return { low, height: upper - low };
  });
