import fc from "fast-check";
import { anyColour } from "../../tests/arbitraries";

/** The sheets are those that ship. */
export const arbitrary = fc
  .record({
    crest: anyColour,
    foam: anyColour,
    along: fc.oneof(
      fc.record({ level: fc.integer({ min: -900, max: 1500 }) }),
      fc.record({ below: fc.constant("ceiling"), by: fc.integer({ min: 0, max: 600 }) }),
    ),
    fit: fc.constantFrom("stretch", "keep"),
    order: fc.constantFrom("repeat", "overlay"),
  })
  .map(({ crest, foam, ...rest }) => ({
    kind: "stencil-border",
    stencil: "ripple",
    colours: { crest, foam },
    ...rest,
  }));
