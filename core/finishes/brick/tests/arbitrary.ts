import fc from "fast-check";
import { anyColour } from "../../tests/arbitraries";

export const arbitrary = fc
  .record({
    way: fc.constantFrom("stamped", "taped"),
    width: fc.integer({ min: 150, max: 400 }),
    height: fc.integer({ min: 50, max: 150 }),
    joint: fc.integer({ min: 6, max: 16 }),
    bond: fc.constantFrom("half", "third", "stack", "header"),
    courses: fc.constantFrom("near", "keep"),
    guides: fc.integer({ min: 1, max: 6 }),
    start: fc.constantFrom("left", "right", "centre", "joint", "best"),
    colour: anyColour,
    accents: fc.array(fc.record({ colour: anyColour, share: fc.constantFrom(0.05, 0.1, 0.2) }), {
      maxLength: 2,
    }),
    seed: fc.nat(99),
  })
  .map(({ width, height, ...rest }) => ({ kind: "brick", face: { width, height }, ...rest }));
