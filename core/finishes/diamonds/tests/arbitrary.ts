import fc from "fast-check";
import { anyCellFit, someColours } from "../../tests/arbitraries";

export const arbitrary = fc.record({
  kind: fc.constant("diamonds"),
  columns: anyCellFit,
  rows: anyCellFit,
  fit: fc.constantFrom(undefined, undefined, { to: "rake" }),
  lineWidth: fc.constantFrom(0, 12),
  colours: someColours(2),
});
