import fc from "fast-check";
import { anyColour, anyPlace } from "../../tests/arbitraries";

const size = fc.integer({ min: 50, max: 1500 });
const block = fc.oneof(
  fc.record({ shape: fc.constant("circle"), centre: anyPlace, radius: size, colour: anyColour }),
  fc.record({
    shape: fc.constant("half-circle"),
    centre: anyPlace,
    radius: size,
    bulges: fc.constantFrom("up", "down", "left", "right"),
    colour: anyColour,
  }),
  fc
    .record({ at: anyPlace, width: size, height: size, colour: anyColour })
    .map(({ at: [x, y], ...rest }) => ({ shape: "rectangle", x, y, ...rest })),
);

export const arbitrary = fc.record({
  kind: fc.constant("blocks"),
  blocks: fc.array(block, { minLength: 1, maxLength: 3 }),
});
