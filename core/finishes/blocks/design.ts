import { isInsideContour } from "../../geometry/contour";
import { curveLength, type Contour } from "../../geometry/curve";
import type { Design, SetOutLine, StringCentre } from "../../pattern/pattern";
import type { Strip } from "../../wall/strip";
import { contourOfBlock } from "./contourOfBlock";
import type { Block, BlocksSpec } from "./spec";

/** A design for each block, in the order in which they lie over each other. */
export function designBlocks({ blocks }: BlocksSpec, strip: Strip): Design[] {
  return blocks.map((block, index): Design => {
    const contour = contourOfBlock(block, strip);
    const [key, name] = [`block-${index + 1}`, `block ${index + 1}`];
    const piece = { key, name, colour: block.colour };
    return {
      lines: linesAround(contour, key, name),
      centres: centreOf(block, key, name),
      dividers: contour.map((curve, side) => ({ curve, source: `${key}-side-${side + 1}` })),
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

function centreOf(block: Block, key: string, name: string): StringCentre[] {
  if (block.shape !== "circle" && block.shape !== "half-circle") return [];
  const [x, y] = block.centre;
  return [{ id: `${key}-centre`, centre: { x, y }, radii: [block.radius], use: `the edge of ${name}` }];
}
