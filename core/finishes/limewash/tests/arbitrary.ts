import fc from "fast-check";
import { anyColour } from "../../tests/arbitraries";

export const arbitrary = fc.record(
  {
    kind: fc.constant("limewash"),
    paint: anyColour,
    primer: anyColour,
    over: fc.oneof(fc.constant("all"), anyColour),
    seed: fc.nat(99),
  },
  { requiredKeys: ["kind", "paint"] },
);
