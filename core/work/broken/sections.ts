import type { Box } from "../../geometry/curve";
import { KeepingAll } from "../../geometry/keeping";
import type { Covered } from "../../pattern/covered";
import { OnArea } from "../../wall/onSurface";

/**
 * A part of a wall that is worked in one go, in the turn in which it comes; places are the wall's. Its id tells its column from
 * the left and its row from the top.
 */
export interface Section {
  readonly id: string;
  readonly box: Box;
  readonly areaM2: number;
}

/** More parts than anyone works one by one. */
export const mostSections = 1000;
/** Of a smaller rest there is nothing to work, m2. */
const leastM2 = 1e-4;

/** Kept by what they are of: both schools of rounds, and every plan until the wall changes, ask for the same. */
const kept = new KeepingAll<Section[]>();

/** Strips of a width side by side: upright ones from the left, level ones from the top. Their areas add up to the whole. */
export const stripsOf = (covered: Covered, width: number, direction: "upright" | "level"): Section[] =>
  kept.answer(covered, [direction, width], () => makeStrips(covered, width, direction));

function makeStrips(covered: Covered, width: number, direction: "upright" | "level"): Section[] {
  const { minX, maxX, minY, maxY } = covered.box;
  const on = new OnArea(covered);
  const span = direction === "upright" ? maxX - minX : maxY - minY;
  const count = Math.min(mostSections, Math.max(1, Math.ceil(span / width - 1e-6)));
  const step = Math.max(width, span / count);
  return Array.from({ length: count }, (_, index): Section => {
    const [from, to] = [index * step, Math.min(span, (index + 1) * step)];
    const box =
      direction === "upright"
        ? { minX: minX + from, maxX: minX + to, minY, maxY }
        : { minX, maxX, minY: maxY - to, maxY: maxY - from };
    const id = direction === "upright" ? sectionAt(index, 0) : sectionAt(0, index);
    return { id, box, areaM2: on.areaOf(box) / 1e6 };
  }).filter(({ areaM2 }) => areaM2 > leastM2);
}

/**
 * Parts of at most so many m2, about as wide as high, in an order in which each is joined to the one before: down one column
 * and up the next, from the left. Their areas add up to the whole.
 */
export const patchesOf = (covered: Covered, mostM2: number): Section[] =>
  kept.answer(covered, ["patches", mostM2], () => makePatches(covered, mostM2));

function makePatches(covered: Covered, mostM2: number): Section[] {
  const { minX, maxX, minY, maxY } = covered.box;
  const [wide, high] = [maxX - minX, maxY - minY];
  const on = new OnArea(covered);
  const side = Math.sqrt(mostM2 * 1e6);
  let [columns, rows] = [Math.max(1, Math.round(wide / side)), Math.max(1, Math.round(high / side))];
  while ((wide / columns) * (high / rows) > mostM2 * 1e6 + 1e-6) {
    if (wide / columns > high / rows) columns++;
    else rows++;
  }
  if (columns * rows > mostSections) return [];
  const boxes = Array.from({ length: columns }, (_, column) =>
    Array.from({ length: rows }, (_, place) => {
      const row = column % 2 === 0 ? rows - 1 - place : place;
      const box = {
        minX: minX + (wide * column) / columns,
        maxX: minX + (wide * (column + 1)) / columns,
        minY: minY + (high * row) / rows,
        maxY: minY + (high * (row + 1)) / rows,
      };
      return { id: sectionAt(column, rows - 1 - row), box };
    }),
  ).flat();
  return boxes
    .map(({ id, box }) => ({ id, box, areaM2: on.areaOf(box) / 1e6 }))
    .filter(({ areaM2 }) => areaM2 > leastM2);
}

/** Columns and rows counted from 0. */
const sectionAt = (column: number, row: number): string => `c${column + 1}r${row + 1}`;
