import type { Box } from "../../geometry/curve";
import type { StencilSheet } from "../../stencil/cutSheet";
import type { Strip } from "../../wall/strip";
import type { FinishContext, Laid } from "../defineFinish";
import type { SheetPlace } from "../printTurns";
import { isTooMuch, sheetOf } from "../stencilMotif";
import type { StencilFieldSpec } from "./spec";
import { startOf } from "./start";

export interface StencilFieldLayout extends Laid<StencilFieldSpec> {
  readonly sheet: StencilSheet;
  /** Where the middle of the first print lies; all others are whole or half repeats from it. */
  readonly start: { readonly x: number; readonly y: number };
  /** Places whose holes may reach the strip, column by column from the left, each from the top. */
  readonly places: readonly SheetPlace[];
  /** How many there are, where they are too many to be listed. */
  readonly count: number;
  readonly isOver: boolean;
}

/** A lattice of repeats from the start, as far as it reaches over the strip. */
export function layOutStencilField(
  spec: StencilFieldSpec,
  strip: Strip,
  context: FinishContext,
): StencilFieldLayout {
  const sheet = sheetOf(context, spec);
  const start = startOf(spec.start, strip, sheet.stencil.repeat);
  const { x, y } = sheet.stencil.repeat;
  const { minX, maxX, minY, maxY } = strip.extent;
  const count = ((maxX - minX) / x + 2) * ((maxY - minY) / y + 2);
  const isOver = isTooMuch(count, sheet, false);
  const places = isOver ? [] : placesOf(spec, start, sheet, strip.extent);
  return {
    spec,
    strip,
    context,
    sheet,
    start,
    places,
    count: Math.round(isOver ? count : places.length),
    isOver,
  };
}

/** A last bit of a print is none, mm. */
const touchMm = 1e-6;

/** Places called by their column from the left and their row in it from the top. */
function placesOf(
  { layout }: StencilFieldSpec,
  start: { readonly x: number; readonly y: number },
  { cuts, stencil: { repeat } }: StencilSheet,
  extent: Box,
): SheetPlace[] {
  // Shifts of half a repeat bring a place at most that much further.
  const [across, down] = [layout === "brick" ? repeat.x / 2 : 0, layout === "half-drop" ? repeat.y / 2 : 0];
  const columns = range(
    (extent.minX - cuts.maxX - start.x - across) / repeat.x,
    (extent.maxX - cuts.minX - start.x) / repeat.x,
  );
  const rows = range(
    (extent.minY - cuts.maxY - start.y) / repeat.y,
    (extent.maxY - cuts.minY - start.y + down) / repeat.y,
  );
  const atOf = (column: number, row: number) => ({
    x: start.x + column * repeat.x + (row % 2 === 0 ? 0 : across),
    y: start.y + row * repeat.y - (column % 2 === 0 ? 0 : down),
  });
  const isAcross = ({ x }: SheetPlace["at"]) =>
    x + cuts.maxX > extent.minX + touchMm && x + cuts.minX < extent.maxX - touchMm;
  const isUp = ({ y }: SheetPlace["at"]) =>
    y + cuts.maxY > extent.minY + touchMm && y + cuts.minY < extent.maxY - touchMm;
  const fromTheTop = rows.reverse();
  const byColumn = columns.map((column) =>
    fromTheTop
      .map((row) => ({ id: idOf(column, row), at: atOf(column, row) }))
      .filter(({ at }) => isUp(at))
      // A row has its number from all that there are, where in brick a column's shifted ones alone reach the wall.
      .map((place, index) => ({ ...place, row: index + 1 }))
      .filter(({ at }) => isAcross(at)),
  );
  return byColumn
    .filter((places) => places.length > 0)
    .flatMap((places, column) => places.map((place) => ({ ...place, turn: 0, column: column + 1 })));
}

/** The repeats from the start, rightwards and downwards, so that it stays when another wall is added. */
const idOf = (column: number, row: number): string => `c${column}r${row === 0 ? 0 : -row}`;

const range = (from: number, to: number): number[] => {
  const first = Math.floor(from);
  return Array.from({ length: Math.max(0, Math.ceil(to) - first + 1) }, (_, index) => first + index);
};
