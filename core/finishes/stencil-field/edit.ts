import { tidy, type Editing } from "../editing";
import { fillPrints } from "../fillPrints";
import type { StencilFieldLayout } from "./layout";

/** The first print is taken hold of, and all go with it. */
export const editStencilField = ({ start, places, sheet }: StencilFieldLayout): Editing => ({
  handles: [
    {
      id: "start",
      name: "the first print",
      at: start,
      along: null,
      path: [],
      moveTo: ({ x, y }) => ({ set: { start: { x: tidy(x), y: tidy(y) } } }),
    },
  ],
  tools: [fillPrints(places, sheet)],
});
