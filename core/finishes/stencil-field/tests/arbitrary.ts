import fc from "fast-check";
import { anyColour, anyPlace } from "../../tests/arbitraries";

/** The sheets are those that ship. */
export const arbitrary = fc
  .record({
    sheet: fc.constantFrom({ stencil: "net", slots: ["mesh"] }, { stencil: "reed", slots: ["leaf", "seed"] }),
    colour: anyColour,
    register: fc.constantFrom("datum", "ticks"),
    layout: fc.constantFrom("straight", "half-drop", "brick"),
    method: fc.constantFrom("brush", "roller"),
    x: fc.oneof(
      fc.constantFrom("centre", "joint", "left", "right"),
      anyPlace.map(([x]) => x),
    ),
    y: fc.oneof(
      fc.constantFrom("top", "floor", "centre", "joint"),
      anyPlace.map(([, y]) => y),
    ),
  })
  .map(({ sheet: { stencil, slots }, colour, x, y, ...rest }) => ({
    kind: "stencil-field",
    stencil,
    colours: Object.fromEntries(slots.map((slot) => [slot, colour])),
    start: { x, y },
    ...rest,
  }));
