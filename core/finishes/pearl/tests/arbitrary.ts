import fc from "fast-check";
import { anyColour } from "../../tests/arbitraries";

export const arbitrary = fc.record(
  {
    kind: fc.constant("pearl"),
    paint: anyColour,
    over: fc.oneof(fc.constant("all"), anyColour),
    kindOfCoat: fc.constantFrom("purpose-made", "stirred-in"),
  },
  { requiredKeys: ["kind", "paint"] },
);
