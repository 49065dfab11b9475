import fc from "fast-check";
import { anyPlace, someColours } from "../../tests/arbitraries";

const line = fc.oneof(
  fc.array(anyPlace, { minLength: 2, maxLength: 3 }),
  fc.record({ through: fc.tuple(anyPlace, anyPlace) }),
);

export const arbitrary = fc.record({
  kind: fc.constant("tape-lines"),
  lines: fc.array(line, { minLength: 1, maxLength: 6 }),
  lineWidth: fc.constantFrom(0, 0, 18),
  shuffle: fc.record({ colours: someColours(3), seed: fc.nat(50) }),
});
