import { segment } from "../../geometry/curve";
import type { Point } from "../../geometry/point";
import {
  lineBetween,
  type Design,
  type Divider,
  type Piece,
  type SetOutLine,
  type TapedLine,
} from "../../pattern/pattern";
import type { Strip } from "../../wall/strip";
import { withFills } from "../fillsByHand";
import { colourGrid, type CellColour } from "../gridColouring";
import { saidOfTape } from "../markedAt";
import type { ChevronLayout } from "./layout";

/**
 * Cells between zigzags, parted at the columns where there are uprights. They are set out from plumb lines at the
 * columns and level lines at the heights where zigzags turn: every turn is where two of these cross.
 */
export function designChevron(layout: ChevronLayout): Design[] {
  const { spec, strip } = layout;
  const heightOf = (zigzag: number, x: number) =>
    layout.bottom + zigzag * layout.row + climb(spec, layout, x);
  const colourOf = coloursOfChevron(spec, layout);
  const pieceAt = ({ x, y }: Point): Piece | null => {
    const { column, zigzag } = cellAt(spec, layout, { x, y });
    const { halfLine, halfLineUp } = layout;
    const [under, over] = [y - heightOf(zigzag, x), heightOf(zigzag + 1, x) - y];
    if (under < halfLineUp || over < halfLineUp) return null;
    if (spec.uprights) {
      const along = x - layout.left - column * layout.column;
      const [atLeft, atRight] = [
        column > 0 && along < halfLine,
        column < layout.columns - 1 && layout.column - along < halfLine,
      ];
      if (atLeft || atRight) return null;
    }
    return pieceOf(layout, column, zigzag, colourOf(column, zigzag));
  };
  return [
    {
      lines: linesOf(spec, layout, strip),
      dividers: dividersOf(spec, layout),
      pieceAt: withFills(pieceAt, spec.fills, strip),
      tapedLines: tapedLinesOf(spec, layout),
    },
  ];
}

/** A cell's colour, zigzags counted as they are named: the part cells below the first are row -1 and so on. */
function coloursOfChevron(
  { colours: own, colouring, uprights }: ChevronLayout["spec"],
  { columns, first, zigzags }: ChevronLayout,
): CellColour {
  const { rule, seed } = colouring ?? { rule: "alternate", seed: 1 };
  const colours = colouring?.colours ?? own;
  const shift = rule === "shuffled" ? first : 0;
  const colourOf = colourGrid(colours, { rule, seed }, uprights ? columns : 1, zigzags);
  // Without uprights a row is one piece.
  return (column, zigzag) => colourOf(uprights ? column : 0, zigzag - shift);
}

function cellAt(spec: ChevronLayout["spec"], layout: ChevronLayout, { x, y }: Point) {
  const across = Math.floor((x - layout.left) / layout.column);
  return {
    column: Math.min(layout.columns - 1, Math.max(0, across)),
    zigzag: Math.floor((y - layout.bottom - climb(spec, layout, x)) / layout.row),
  };
}

/** Called by its column and row, counted from 1 at the lower left; its key stays when a steeper rise adds rows below. */
function pieceOf({ spec, first }: ChevronLayout, column: number, zigzag: number, colour: string): Piece {
  const row = zigzag - first + 1;
  if (!spec.uprights) {
    return { key: `row-${zigzag + 1}`, name: `row ${row}`, noun: "row", numbers: [row], colour };
  }
  const key = `cell-${column + 1}-${zigzag + 1}`;
  return {
    key,
    name: `column ${column + 1}, row ${row}`,
    noun: "cell",
    numbers: [column + 1, row],
    colour,
  };
}

/** How far a zigzag has climbed at x: up over one column, down over the next. */
function climb({ rise }: ChevronLayout["spec"], { left, column }: ChevronLayout, x: number): number {
  const along = (x - left) / column;
  const turn = Math.floor(along);
  const share = along - turn;
  return rise * (Math.abs(turn) % 2 === 0 ? share : 1 - share);
}

/** The edges of the cells; with a line's width two zigzags and two uprights beside each line, cut where they meet. */
function dividersOf(spec: ChevronLayout["spec"], layout: ChevronLayout): Divider[] {
  const { left, column, columns, first, zigzags, halfLine, halfLineUp } = layout;
  const sides = spec.lineWidth > 0 ? [-1, 1] : [0];
  const dividers: Divider[] = [];
  const edgeOf = (index: number) => left + index * column;
  for (let k = first; k < first + zigzags; k++) {
    for (let i = 0; i < columns; i++) {
      const [from, to] = [edgeOf(i), edgeOf(i + 1)];
      const [a, b] = [heightAtEdge(spec, layout, k, i), heightAtEdge(spec, layout, k, i + 1)];
      const inset = spec.uprights ? halfLine : 0;
      const [low, high] = [i > 0 ? inset : 0, i < columns - 1 ? inset : 0];
      const slope = (b - a) / column;
      for (const side of sides) {
        const start = { x: from + low, y: a + slope * low + side * halfLineUp };
        const end = { x: to - high, y: b - slope * high + side * halfLineUp };
        dividers.push({ curve: segment(start, end), source: `zigzag-${k + 1}` });
      }
    }
  }
  if (spec.uprights) dividers.push(...uprightsOf(spec, layout));
  return dividers;
}

/** Upright edges from zigzag to zigzag; a line's own sides stop at the cells, so that the lines stay one piece. */
function uprightsOf(spec: ChevronLayout["spec"], layout: ChevronLayout): Divider[] {
  const { left, column, columns, first, zigzags, halfLine, halfLineUp } = layout;
  const slope = spec.rise / column;
  const sides = spec.lineWidth > 0 ? [-1, 1] : [0];
  return Array.from({ length: columns - 1 }, (_, place) => place + 1).flatMap((i) =>
    sides.flatMap((side) => {
      const x = left + i * column + side * halfLine;
      // Beside a turn that is high the zigzag has fallen a little at the line's side, beside a low one it has risen.
      const drop = (i % 2 === 1 ? -1 : 1) * slope * halfLine * Math.abs(side);
      return Array.from({ length: zigzags - 1 }, (_, row): Divider => {
        const k = first + row;
        const y = heightAtEdge(spec, layout, k, i) + drop;
        const [low, high] = [y + halfLineUp, y + layout.row - halfLineUp];
        return { curve: segment({ x, y: low }, { x, y: high }), source: `upright-${i}` };
      }).filter(({ curve }) => curve.b.y > curve.a.y);
    }),
  );
}

/** Where a line is left: the middles of the tapes, a zigzag from turn to turn and an upright in one. */
function tapedLinesOf(spec: ChevronLayout["spec"], layout: ChevronLayout): TapedLine[] {
  const { left, column, columns, first, zigzags } = layout;
  const width = spec.lineWidth;
  if (width === 0) return [];
  const turn = (zigzag: number, edge: number): Point => ({
    x: left + edge * column,
    y: heightAtEdge(spec, layout, zigzag, edge),
  });
  const slanted = Array.from({ length: zigzags }, (_, place) => first + place).flatMap((k) =>
    Array.from({ length: columns }, (_, i): TapedLine => {
      return { id: `zigzag-${k + 1}`, path: segment(turn(k, i), turn(k, i + 1)), width };
    }),
  );
  const uprights = Array.from({ length: spec.uprights ? columns - 1 : 0 }, (_, i): TapedLine => {
    const path = segment(turn(first, i + 1), turn(first + zigzags - 1, i + 1));
    return { id: `upright-${i + 1}`, path, width };
  });
  return [...slanted, ...uprights];
}

const heightAtEdge = (
  { rise }: ChevronLayout["spec"],
  { bottom, row }: ChevronLayout,
  zigzag: number,
  edge: number,
): number => bottom + zigzag * row + (edge % 2 === 1 ? rise : 0);

/** The columns after which zigzags are low (0), or high (1). */
function turnsAt(columns: number, edge: number): string {
  const after = Array.from({ length: columns - 1 }, (_, index) => index + 1).filter((at) => at % 2 === edge);
  const few = 4;
  return after.length <= few ? after.join(", ") : `${after.slice(0, few - 1).join(", ")} and so on`;
}

/** Plumb lines at the columns and level lines at the turns, as far as they are on the strip. */
function linesOf(spec: ChevronLayout["spec"], layout: ChevronLayout, { extent }: Strip): SetOutLine[] {
  const { left, column, columns, first, zigzags, context } = layout;
  const { minX, maxX, minY, maxY } = extent;
  const plumbs = Array.from({ length: columns - 1 }, (_, index): SetOutLine => {
    const x = left + (index + 1) * column;
    const path = segment({ x, y: minY }, { x, y: maxY });
    return {
      id: `column-${index + 1}`,
      index,
      kind: "plumb",
      path,
      ...lineBetween(`column ${index + 1}`, `column ${index + 2}`),
    };
  });
  const taped = spec.lineWidth > 0 ? `, ${saidOfTape(context, "slant")}` : "";
  const down = context.edges.markAt === "edge" ? layout.halfLineUp : 0;
  const turns = Array.from({ length: zigzags }, (_, place) => first + place).flatMap((k) =>
    [0, 1].map((edge) => ({
      y: heightAtEdge(spec, layout, k, edge) - down,
      // Each lies over the row of its number.
      use: `the ${edge ? "high" : "low"} points of zigzag ${k - first}, on the lines after columns ${turnsAt(columns, edge)}${taped}`,
    })),
  );
  const levels = [...new Map(turns.map((turn) => [turn.y.toFixed(4), turn])).values()]
    .filter(({ y }) => y > minY + 0.01 && y < maxY - 0.01)
    .sort((a, b) => a.y - b.y)
    .map(({ y, use }, place): SetOutLine => {
      const path = segment({ x: minX, y }, { x: maxX, y });
      return { id: `level-${place + 1}`, index: columns - 1 + place, kind: "level", path, use };
    });
  return [...plumbs, ...levels];
}
