import { isInsideContour } from "../../geometry/contour";
import { curveLength, type Contour } from "../../geometry/curve";
import type { Design, Diagonal, SetOutLine, StringCentre } from "../../pattern/pattern";
import type { Strip } from "../../wall/strip";
import { boxOfRectangle } from "./contourOfBlock";
import type { BlocksLayout } from "./layout";
import type { Block } from "./spec";

/** A design for each block, in the order in which they lie over each other. */
export function designBlocks({ spec, strip, contours, boxes }: BlocksLayout): Design[] {
  return spec.blocks.map((block, index): Design => {
    const contour = contours[index]!;
    const [key, name] = [`block-${index + 1}`, `block ${index + 1}`];
    const piece = { key, name, noun: "block", numbers: [index + 1], colour: block.colour };
    return {
      lines: linesAround(contour, key, name),
      centres: centreOf(block, key, name),
      diagonals: block.shape === "rectangle" ? diagonalsOf(block, name, strip) : [],
      dividers: contour.map((curve, side) => ({ curve, source: `${key}-side-${side + 1}` })),
      extent: boxes[index]!,
      pieceAt: (point) => (isInsideContour(point, contour) ? piece : null),
    };
  });
}

/** The straight sides of a block, to be set out; curved ones come from their centre. */
function linesAround(contour: Contour, key: string, name: string): SetOutLine[] {
  return contour.flatMap((curve, index): SetOutLine[] => {
    if (curve.kind === "arc" || curveLength(curve) === 0) return [];
    const kind = curve.a.x === curve.b.x ? "plumb" : curve.a.y === curve.b.y ? "level" : "slant";
    return [{ id: `${key}-side-${index + 1}`, index, kind, path: curve, use: `the edge of ${name}` }];
  });
}

/** Both diagonals of a rectangle: alike when it is square. */
function diagonalsOf(block: Extract<Block, { shape: "rectangle" }>, name: string, strip: Strip): Diagonal[] {
  const { minX, maxX, ...heights } = boxOfRectangle(block, strip);
  // What the trim hides has no corner to read from.
  const minY = Math.max(heights.minY, strip.extent.minY);
  const maxY = Math.min(heights.maxY, strip.extent.maxY);
  return [
    { from: { x: minX, y: minY }, to: { x: maxX, y: maxY }, use: `${name}, rising` },
    { from: { x: minX, y: maxY }, to: { x: maxX, y: minY }, use: `${name}, falling` },
  ];
}

function centreOf(block: Block, key: string, name: string): StringCentre[] {
  if (block.shape !== "circle" && block.shape !== "half-circle") return [];
  const [x, y] = block.centre;
  return [{ id: `${key}-centre`, centre: { x, y }, radii: [block.radius], use: `the edge of ${name}` }];
}
