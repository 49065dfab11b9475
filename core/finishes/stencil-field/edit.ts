import { east, north, tidy, type Editing, type Handle } from "../editing";
import { fillPrints } from "../fillPrints";
import type { StencilFieldLayout } from "./layout";
import { repeatsToStart } from "./start";

/** The first print is taken hold of, and all go with it; the next beside it, towards the middle of the wall, say how far apart prints are. */
export const editStencilField = (layout: StencilFieldLayout): Editing => ({
  handles: [
    {
      id: "start",
      name: "the first print",
      at: layout.start,
      along: null,
      path: [],
      moveTo: ({ x, y }) => ({ set: { start: { x: tidy(x), y: tidy(y) } } }),
    },
    repeatHandle(layout, "x"),
    repeatHandle(layout, "y"),
  ],
  tools: [fillPrints(layout.places, layout.sheet)],
});

/** Where the first print stands so many repeats from the wall's end, it moves too as the repeat grows. */
function repeatHandle({ spec, start, sheet }: StencilFieldLayout, axis: "x" | "y"): Handle {
  const { id, repeat } = sheet.stencil;
  const before = repeatsToStart(spec.start)[axis];
  // Away from the end that it starts at; rightwards and down from a place.
  const inwards = Math.sign(before) || (axis === "x" ? 1 : -1);
  const steps = before + inwards;
  const at = { ...start, [axis]: start[axis] + inwards * repeat[axis] };
  return {
    id: `repeat-${axis}`,
    name: axis === "x" ? "the repeat across" : "the repeat down",
    at,
    along: axis === "x" ? east : north,
    path: [],
    moveTo: (place) => ({
      stencil: id,
      path: ["repeat"],
      set: { [axis]: tidy(repeat[axis] + (place[axis] - at[axis]) / steps) },
    }),
  };
}
