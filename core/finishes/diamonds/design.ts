import { polygonContour } from "../../geometry/contour";
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
import { saidOfTape } from "../markedAt";
import { colourGrid } from "../gridColouring";
import { designOverLines } from "./overLines";
import type { DiamondLayout } from "./layout";

/** Rhombi around the middles of the grid's cells, and between them those around its corners. */
export function designDiamonds(layout: DiamondLayout): Design[] {
  const { spec, strip, left, bottom, columns, rows, width, height, share } = layout;
  const { colouring } = spec;
  const colours = colouring?.colours ?? [spec.colours[0]!];
  const colourOf = colourGrid(colours, colouring ?? { rule: "alternate", seed: 1 }, columns, rows);
  const pieceAt = ({ x, y }: Point): Piece | null => {
    const [u, v] = [(x - left) / width, (y - bottom) / height];
    const [i, j] = [clamp(Math.floor(u), columns), clamp(Math.floor(v), rows)];
    if (isInRhombus(u - i - 0.5, v - j - 0.5, share)) {
      return {
        key: `diamond-${i + 1}-${j + 1}`,
        name: `diamond ${i + 1}, row ${j + 1}`,
        noun: "diamond",
        numbers: [i + 1, j + 1],
        colour: colourOf(i, j),
      };
    }
    const between = spec.colours[1];
    const [p, q] = [Math.round(u), Math.round(v)];
    if (between === undefined || !isInRhombus(u - p, v - q, share)) return null;
    return { key: `between-${p}-${q}`, name: "between the diamonds", colour: between };
  };
  const dividers: Divider[] = [];
  const tapedLines: TapedLine[] = [];
  const sidesOf = (u: number, v: number, size: number) => {
    const [x, y] = [left + u * width, bottom + v * height];
    const [a, b] = [(width / 2) * size, (height / 2) * size];
    const tips = [
      { x: x + a, y },
      { x, y: y + b },
      { x: x - a, y },
      { x, y: y - b },
    ];
    return polygonContour(tips);
  };
  // The sides of a rhombus in turn: upper right, upper left, lower left, lower right.
  const sideId = (i: number, j: number, side: number) => `side-${i + 1}-${j + 1}-${side + 1}`;
  // Without a line the cells between share the diamonds' own edges.
  const hasLine = leavesLines(spec);
  for (let i = 0; i < columns; i++) {
    for (let j = 0; j < rows; j++) {
      const [u, v] = [i + 0.5, j + 0.5];
      sidesOf(u, v, share).forEach((curve, side) => dividers.push({ curve, source: sideId(i, j, side) }));
      if (!hasLine) continue;
      sidesOf(u, v, 1).forEach((path, side) =>
        tapedLines.push({ id: sideId(i, j, side), path, width: spec.lineWidth }),
      );
    }
  }
  if (hasLine) {
    for (let p = 0; p <= columns; p++) {
      for (let q = 0; q <= rows; q++) {
        // The diamonds around a crossing of the grid, by the cell's own sides; each shows it its opposite one.
        const around = [sideId(p, q, 2), sideId(p - 1, q, 3), sideId(p - 1, q - 1, 0), sideId(p, q - 1, 1)];
        sidesOf(p, q, share).forEach((curve, side) => dividers.push({ curve, source: around[side]! }));
      }
    }
  }
  const diamonds = {
    lines: linesOf(layout, strip),
    dividers,
    pieceAt: withFills(pieceAt, spec.fills, strip),
    tapedLines,
  };
  return spec.overLines ? [diamonds, designOverLines(spec.overLines, layout)] : [diamonds];
}

/** Lines that a tape leaves, since something is painted on both its sides. */
const leavesLines = ({ lineWidth, colours }: DiamondLayout["spec"]): boolean =>
  lineWidth > 0 && colours.length > 1;

const clamp = (index: number, count: number): number => Math.min(count - 1, Math.max(0, index));

const isInRhombus = (u: number, v: number, share: number): boolean => Math.abs(u) + Math.abs(v) < share / 2;

/**
 * Plumb lines through tips and middles of the columns, level ones through those of the rows: their crossings are the tips, or
 * where the lower edges of the tapes cross, under them.
 */
function linesOf(
  { spec, context, left, bottom, columns, rows, width, height, share }: DiamondLayout,
  { extent }: Strip,
): SetOutLine[] {
  const { minX, maxX, minY, maxY } = extent;
  const called = (index: number, what: string) =>
    index % 2 === 1
      ? { use: `the middle of ${what} ${(index + 1) / 2}` }
      : lineBetween(`${what} ${index / 2}`, `${what} ${index / 2 + 1}`);
  const plumbs = Array.from({ length: 2 * columns - 1 }, (_, place): SetOutLine => {
    const x = left + ((place + 1) * width) / 2;
    const path = segment({ x, y: minY }, { x, y: maxY });
    return {
      id: `column-line-${place + 1}`,
      index: place,
      kind: "plumb",
      path,
      ...called(place + 1, "column"),
    };
  });
  const isTaped = leavesLines(spec);
  const down = isTaped && context.edges.markAt === "edge" ? ((1 - share) * height) / 2 : 0;
  const taped = isTaped ? `, ${saidOfTape(context, "slant")}` : "";
  const levels = Array.from({ length: 2 * rows - 1 }, (_, place): SetOutLine => {
    const y = bottom + ((place + 1) * height) / 2 - down;
    const path = segment({ x: minX, y }, { x: maxX, y });
    const index = plumbs.length + place;
    const row = called(place + 1, "row");
    const said = { ...row, use: `${row.use}${taped}` };
    return { id: `row-line-${place + 1}`, index, kind: "level", path, ...said };
  });
  return [...plumbs, ...levels];
}
