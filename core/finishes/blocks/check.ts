import type { Finding } from "../../findings/finding";
import { arrange } from "../../geometry/arrange";
import { boxOfContour, type Contour, type Segment } from "../../geometry/curve";
import { obstaclesOf, relateLines } from "../../wall/clearance";
import { placeTolerance } from "../../wall/outline";
import type { Strip } from "../../wall/strip";
import { checkRelations } from "../checkRelations";
import { contourOfBlock } from "./contourOfBlock";
import type { BlocksSpec } from "./spec";

/** Blocks whose sides cross themselves, that are off the wall, or whose sides just miss something. */
export function checkBlocks({ blocks }: BlocksSpec, strip: Strip): Finding[] {
  const obstacles = obstaclesOf(strip);
  return blocks.flatMap((block, index): Finding[] => {
    const contour = contourOfBlock(block, strip);
    const thing = `block ${index + 1}`;
    if (block.shape === "polygon" && crossesItself(contour)) {
      return [{ code: "shape-crosses", severity: "stop", values: { thing }, at: contour[0]!.a }];
    }
    const box = boxOfContour(contour);
    const { extent } = strip;
    if (
      box.maxX <= extent.minX ||
      box.minX >= extent.maxX ||
      box.maxY <= extent.minY ||
      box.minY >= extent.maxY
    ) {
      return [{ code: "off-wall", severity: "check", values: { thing }, at: null }];
    }
    const sides = contour.filter((curve): curve is Segment => curve.kind === "segment");
    return checkRelations(relateLines(sides, obstacles));
  });
}

function crossesItself(contour: Contour): boolean {
  const { faces, edges, loose } = arrange(
    contour.map((curve, source) => ({ curve, source })),
    placeTolerance,
  );
  return faces.length !== 1 || loose.length > 0 || edges.length !== contour.length;
}
