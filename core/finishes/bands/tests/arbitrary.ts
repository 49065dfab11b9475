import fc from "fast-check";
import { anyColour } from "../../tests/arbitraries";

const maybe = fc.option(anyColour, { nil: undefined });

export const arbitrary = fc
  .record({
    datum: fc.constantFrom("level", "floor", "ceiling"),
    from: fc.integer({ min: -400, max: 900 }),
    size: fc.integer({ min: 20, max: 500 }),
    colour: anyColour,
    above: maybe,
    below: maybe,
  })
  .map(({ from, size, colour, ...rest }) => ({
    kind: "bands",
    bands: [{ from, to: from + size, colour }],
    ...rest,
  }));
