import { north, tidy, type Editing } from "../editing";
import { fillPrints } from "../fillPrints";
import type { StencilBorderLayout } from "./layout";

/** A level border goes up and down by its line. */
export function editStencilBorder({ spec: { along }, strip, places, sheet }: StencilBorderLayout): Editing {
  if (!("level" in along)) return { handles: [], tools: [fillPrints(places, sheet)] };
  const { minX, maxX } = strip.extent;
  return {
    handles: [
      {
        id: "way",
        name: "the border",
        at: { x: (minX + maxX) / 2, y: along.level },
        along: north,
        path: [],
        moveTo: ({ y }) => ({ path: ["along"], set: { level: tidy(y) } }),
      },
    ],
    tools: [fillPrints(places, sheet)],
  };
}
