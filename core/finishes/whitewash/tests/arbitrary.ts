import fc from "fast-check";
import { anyColour } from "../../tests/arbitraries";

export const arbitrary = fc.record(
  {
    kind: fc.constant("whitewash"),
    paint: anyColour,
    way: fc.constantFrom("brushed", "scraped", "waxed"),
    board: fc.integer({ min: 80, max: 250 }),
    direction: fc.constantFrom("horizontal", "vertical"),
    over: fc.oneof(fc.constant("all"), anyColour),
    seed: fc.nat(99),
  },
  { requiredKeys: ["kind", "paint"] },
);
