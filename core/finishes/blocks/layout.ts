import { boxOfContour, type Box, type Contour } from "../../geometry/curve";
import type { Strip } from "../../wall/strip";
import type { FinishContext, Laid } from "../defineFinish";
import { contourOfBlock } from "./contourOfBlock";
import type { BlocksSpec } from "./spec";

export interface BlocksLayout extends Laid<BlocksSpec> {
  /** The outline of each block and its box, in their order. */
  readonly contours: readonly Contour[];
  readonly boxes: readonly Box[];
}

export function layOutBlocks(spec: BlocksSpec, strip: Strip, context: FinishContext): BlocksLayout {
  const contours = spec.blocks.map((block) => contourOfBlock(block, strip));
  return { spec, strip, context, contours, boxes: contours.map(boxOfContour) };
}
