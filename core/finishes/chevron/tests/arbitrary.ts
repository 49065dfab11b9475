import fc from "fast-check";
import { anyWholeFit, someColours } from "../../tests/arbitraries";

export const arbitrary = fc.record({
  kind: fc.constant("chevron"),
  columns: anyWholeFit,
  rows: anyWholeFit,
  rise: fc.integer({ min: 30, max: 700 }),
  lineWidth: fc.constantFrom(0, 12),
  uprights: fc.boolean(),
  colours: someColours(3),
});
