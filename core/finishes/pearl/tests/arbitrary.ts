import fc from "fast-check";
import { anyColour } from "../../tests/arbitraries";

export const arbitrary = fc.record(
  {
    kind: fc.constant("pearl"),
    paint: anyColour,
    misses: fc.array(fc.tuple(fc.integer({ min: 0, max: 3000 }), fc.integer({ min: 0, max: 2400 })), {
      maxLength: 3,
    }),
    over: fc.oneof(fc.constant("all"), anyColour),
    kindOfCoat: fc.constantFrom("purpose-made", "stirred-in"),
  },
  { requiredKeys: ["kind", "paint"] },
);
