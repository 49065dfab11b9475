import type { Cure, Finding } from "../../findings/finding";
import { arrange } from "../../geometry/arrange";
import { type Box, type Contour, type Segment } from "../../geometry/curve";
import { add, scale } from "../../geometry/point";
import { directionOf } from "../../geometry/trig";
import { obstaclesOf, relateLines } from "../../wall/clearance";
import { placeTolerance } from "../../wall/outline";
import type { Strip } from "../../wall/strip";
import { checkPin } from "../checkPin";
import { checkRelations } from "../checkRelations";
import { once } from "../../geometry/once";
import { tidy, written } from "../editing";
import { checkAlignment } from "./checkAlignment";
import { editBlocks } from "./edit";
import type { BlocksLayout } from "./layout";
import type { Block } from "./spec";

/** Blocks whose sides cross themselves, that are off the wall, out of line, or whose sides just miss something. */
export function checkBlocks(layout: BlocksLayout): Finding[] {
  const { spec, strip, contours, boxes } = layout;
  const { blocks, id } = spec;
  const obstacles = obstaclesOf(strip);
  const handles = once(() => editBlocks(layout).handles);
  return blocks.flatMap((block, index): Finding[] => {
    const contour = contours[index]!;
    const thing = `block ${index + 1}`;
    if (block.shape === "polygon" && crossesItself(contour)) {
      const cure = untangle(id, index, block.points);
      return [{ code: "shape-crosses", severity: "stop", values: { thing }, at: contour[0]!.a, cure }];
    }
    const box = boxes[index]!;
    const { extent } = strip;
    if (
      box.maxX <= extent.minX ||
      box.minX >= extent.maxX ||
      box.maxY <= extent.minY ||
      box.minY >= extent.maxY
    ) {
      const cure = ontoWall(id, index, block, box, strip);
      return [{ code: "off-wall", severity: "check", values: { thing }, at: null, cure }];
    }
    const sides = contour.filter((curve): curve is Segment => curve.kind === "segment");
    const isFree = block.shape === "rectangle" && block.around === undefined;
    return [
      ...checkRelations(id, relateLines(sides, obstacles), handles),
      ...(isFree ? checkAlignment(id, index, boxes, strip) : []),
      ...("centre" in block
        ? checkPin({ x: block.centre[0], y: block.centre[1] }, strip, (to) => ({
            finish: id,
            path: ["blocks", index],
            set: { centre: written(to) },
          }))
        : []),
    ];
  });
}

function crossesItself(contour: Contour): boolean {
  const { faces, edges, loose } = arrange(
    contour.map((curve, source) => ({ curve, source })),
    placeTolerance,
  );
  return faces.length !== 1 || loose.length > 0 || edges.length !== contour.length;
}

/** The corners in the order in which they lie around their middle. */
function untangle(id: string, index: number, points: readonly (readonly [number, number])[]): Cure {
  const corners = points.map(([x, y]) => ({ x, y }));
  const middle = scale(corners.reduce(add), 1 / corners.length);
  const turned = corners
    .map((corner) => ({ corner, angle: directionOf(corner.y - middle.y, corner.x - middle.x) }))
    .sort((a, b) => a.angle - b.angle);
  const set = { points: turned.map(({ corner }) => written(corner)) };
  return { kind: "untangle", count: 0, finish: id, path: ["blocks", index], set };
}

/** Brings what is off the wall back by the shortest way, to lie on it whole where it fits. */
function ontoWall(id: string, index: number, block: Block, box: Box, { extent }: Strip): Cure | undefined {
  const back = (low: number, high: number, from: number, to: number) =>
    low < from ? from - low : high > to ? Math.max(to - high, from - low) : 0;
  const by = {
    x: back(box.minX, box.maxX, extent.minX, extent.maxX),
    y: back(box.minY, box.maxY, extent.minY, extent.maxY),
  };
  const shared = { kind: "onto-wall", count: 0, finish: id, path: ["blocks", index] } as const;
  switch (block.shape) {
    case "rectangle":
      if (block.around !== undefined) return undefined;
      return { ...shared, set: { x: tidy(box.minX + by.x), y: tidy(box.minY + by.y) } };
    case "polygon":
      return { ...shared, set: { points: block.points.map(([x, y]) => written(add({ x, y }, by))) } };
    case "circle":
    case "half-circle":
      return { ...shared, set: { centre: written(add({ x: block.centre[0], y: block.centre[1] }, by)) } };
    default:
      return block satisfies never;
  }
}
