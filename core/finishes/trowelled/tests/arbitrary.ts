import fc from "fast-check";
import { anyColour } from "../../tests/arbitraries";

export const arbitrary = fc.record(
  {
    kind: fc.constant("trowelled"),
    tones: fc.array(fc.record({ paint: anyColour, share: fc.integer({ min: 1, max: 5 }) }), {
      minLength: 1,
      maxLength: 3,
    }),
    bare: fc.constantFrom(0, 0.1, 0.3),
    edge: anyColour,
    section_m2: fc.constantFrom(0.4, 0.5, 1, 2),
    over: fc.oneof(fc.constant("all"), anyColour),
    seen: fc.array(
      fc.record(
        {
          more: fc.oneof(fc.constant("bare"), fc.record({ paint: anyColour })),
          hand: fc.constantFrom("heavier", "lighter"),
          strokes: fc.constant("one-way"),
        },
        { requiredKeys: [] },
      ),
      { maxLength: 6 },
    ),
    seed: fc.nat(99),
  },
  { requiredKeys: ["kind", "tones"] },
);
