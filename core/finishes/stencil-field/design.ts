import { segment } from "../../geometry/curve";
import type { Design, SetOutLine } from "../../pattern/pattern";
import { printsAt, type SheetPlace } from "../printTurns";
import { motifOf } from "../stencilMotif";
import type { StencilFieldLayout } from "./layout";
import { inTurnOfTicks, isRead, readFirst } from "./ticks";

/** Prints, and a plumb line through the middles of every few columns and a level one through those of every few rows; between them the sheet's registers carry. */
export function designStencilField(layout: StencilFieldLayout): Design[] {
  const { spec, sheet } = layout;
  const motif = motifOf(sheet, spec.colours);
  return [
    {
      lines: linesOf(layout),
      dividers: [],
      pieceAt: () => null,
      motifs: [motif],
      placements: printsAt(inTurn(layout), sheet, spec.method, motif, { by: "column", strip: layout.strip }),
    },
  ];
}

const inTurn = (layout: StencilFieldLayout): readonly SheetPlace[] =>
  layout.spec.register === "ticks" ? inTurnOfTicks(layout) : layout.places;

function linesOf(whole: StencilFieldLayout): SetOutLine[] {
  const {
    strip,
    places,
    sheet,
    spec: { layout },
  } = whole;
  const first = readFirst(whole)?.at ?? whole.start;
  const repeatsOf = (axis: "x" | "y", at: number) => (at - first[axis]) / sheet.stencil.repeat[axis];
  const { minX, maxX, minY, maxY } = strip.extent;
  const byPlace = (axis: "x" | "y") =>
    [...new Map(places.map((place) => [Math.round(place.at[axis] * 1e4), place])).values()]
      .filter(({ at }) => isRead(repeatsOf(axis, at[axis]), axis, whole))
      .filter(({ at }) => (axis === "x" ? at.x > minX && at.x < maxX : at.y > minY && at.y < maxY))
      .sort((a, b) => (axis === "x" ? a.at.x - b.at.x : b.at.y - a.at.y));
  const plumbs = byPlace("x").map(({ at, column, row }, index): SetOutLine => ({
    id: `column-${index + 1}`,
    index,
    kind: "plumb",
    path: segment({ x: at.x, y: minY }, { x: at.x, y: maxY }),
    use: `the middle of column ${column}${layout === "brick" ? `, ${row % 2 === 1 ? "odd" : "even"} rows` : ""}`,
  }));
  const levels = byPlace("y").map(({ at, row, column }, index): SetOutLine => ({
    id: `row-${index + 1}`,
    index: plumbs.length + index,
    kind: "level",
    path: segment({ x: minX, y: at.y }, { x: maxX, y: at.y }),
    use: `the middle of row ${row}${layout === "half-drop" ? `, ${column % 2 === 1 ? "odd" : "even"} columns` : ""}`,
  }));
  return [...plumbs, ...levels];
}
