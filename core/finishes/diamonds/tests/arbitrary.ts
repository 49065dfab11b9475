import fc from "fast-check";
import { anyWholeFit, someColours } from "../../tests/arbitraries";

export const arbitrary = fc.record({
  kind: fc.constant("diamonds"),
  columns: anyWholeFit,
  rows: anyWholeFit,
  lineWidth: fc.constantFrom(0, 12),
  colours: someColours(2),
});
