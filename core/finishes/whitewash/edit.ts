import { segment } from "../../geometry/curve";
import { fillsPaint } from "../brokenColour";
import { east, north, tidy, type Editing } from "../editing";
import type { WhitewashLayout } from "./layout";

/** Filled anywhere, it takes the paint; the far edge of the first board says how wide one is. */
export function editWhitewash({ spec, strip }: WhitewashLayout): Editing {
  const { minX, maxX, minY, maxY } = strip.extent;
  const isUpright = spec.direction === "vertical";
  const [x, y] = [minX + spec.board, maxY - spec.board];
  return {
    ...fillsPaint("paint"),
    handles: [
      {
        id: "board",
        name: "the edge of the first board",
        at: isUpright ? { x, y: (minY + maxY) / 2 } : { x: (minX + maxX) / 2, y },
        along: isUpright ? east : north,
        path: [isUpright ? segment({ x, y: minY }, { x, y: maxY }) : segment({ x: minX, y }, { x: maxX, y })],
        moveTo: (place) => ({ set: { board: tidy(isUpright ? place.x - minX : maxY - place.y) } }),
      },
    ],
  };
}
