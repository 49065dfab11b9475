import { fillTool, north, tidy, type Editing } from "../../editing";
import type { DiscsLayout } from "./layout";

/** The row goes up and down; a disc that is filled gives its colour to every other one. */
export function editDiscs({ spec, strip, middles }: DiscsLayout): Editing {
  const { minX, maxX } = strip.extent;
  return {
    handles: [
      {
        id: "row",
        name: "the row of discs",
        at: { x: (minX + maxX) / 2, y: spec.at },
        along: north,
        path: [],
        moveTo: ({ y }) => ({ set: { at: tidy(y) } }),
      },
    ],
    tools: [
      fillTool(({ x }, paint) => {
        const index = middles.findIndex((middle) => Math.abs(middle.x - x) <= spec.radius);
        return index === -1 ? null : { path: ["colours"], set: { [index % 2]: paint } };
      }),
    ],
  };
}
