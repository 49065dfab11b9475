import { circleContour, polygonContour, rectangleContour } from "../../geometry/contour";
import { segment, type Arc, type Contour } from "../../geometry/curve";
import type { Strip } from "../../wall/strip";
import { boxAround } from "../findThing";
import type { Block } from "./spec";

/** The outline of a block in the strip's coordinates; one around a thing takes its place and size from it. */
export function contourOfBlock(block: Block, strip: Strip): Contour {
  switch (block.shape) {
    case "rectangle": {
      const box = boxOfRectangle(block, strip);
      return rectangleContour(box.minX, box.minY, box.maxX, box.maxY);
    }
    case "polygon":
      return polygonContour(block.points.map(([x, y]) => ({ x, y })));
    case "circle":
      return circleContour({ x: block.centre[0], y: block.centre[1] }, block.radius);
    case "half-circle":
      return halfCircle(block);
    default:
      return block satisfies never;
  }
}

/** From the thing's foot less `below` to its top and `above`, `side` wider on both sides. */
export function boxOfRectangle(block: Extract<Block, { shape: "rectangle" }>, strip: Strip) {
  const { x = 0, y = 0, width = 0, height = 0, around, side, above, below } = block;
  if (around === undefined) return { minX: x, minY: y, maxX: x + width, maxY: y + height };
  const thing = boxAround(strip, around);
  return {
    minX: thing.x - side,
    minY: thing.y - below,
    maxX: thing.x + thing.width + side,
    maxY: thing.y + thing.height + above,
  };
}

const bulge = { up: [1, 0], down: [-1, 0], left: [0, 1], right: [0, -1] } as const;

function halfCircle({ centre: [x, y], radius, bulges }: Extract<Block, { shape: "half-circle" }>): Contour {
  const [dx, dy] = bulge[bulges];
  const from = { x: x + dx * radius, y: y + dy * radius };
  const to = { x: x - dx * radius, y: y - dy * radius };
  const arc: Arc = { kind: "arc", a: from, b: to, centre: { x, y }, radius, sweep: Math.PI };
  return [arc, segment(to, from)];
}
