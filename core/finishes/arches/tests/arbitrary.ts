import fc from "fast-check";
import { anyColour, anyPlace } from "../../tests/arbitraries";

export const arbitrary = fc
  .record({
    centre: anyPlace,
    outerRadius: fc.integer({ min: 300, max: 1800 }),
    from: fc.integer({ min: -180, max: 170 }),
    turn: fc.integer({ min: 5, max: 360 }),
    colour: anyColour,
  })
  .map(({ from, turn, colour, ...rest }) => ({
    kind: "arches",
    from,
    to: from + turn,
    bands: [{ width: 120, colour }, { gap: 40 }, { width: 100, colour: "kelp" }],
    ...rest,
  }));
