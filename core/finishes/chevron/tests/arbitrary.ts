import fc from "fast-check";
import { anyCellFit, someColours } from "../../tests/arbitraries";

export const arbitrary = fc.record({
  kind: fc.constant("chevron"),
  columns: anyCellFit,
  rows: anyCellFit,
  fit: fc.constantFrom(undefined, undefined, { to: "rake" }),
  rise: fc.oneof(fc.integer({ min: 30, max: 700 }), fc.constantFrom("row", "half-row")),
  lineWidth: fc.constantFrom(0, 12),
  uprights: fc.boolean(),
  colours: someColours(3),
});
