import fc from "fast-check";

/** What the random finishes of the folders are made of. The paints are those of the tests' jobs. */
export const anyColour = fc.constantFrom("kelp", "brine", "lantern", "oyster");
export const someColours = (maxLength: number) => fc.array(anyColour, { minLength: 1, maxLength });
export const anyCellFit = fc.oneof(
  fc.record({ by: fc.constant("count"), count: fc.integer({ min: 1, max: 7 }) }),
  fc.record({ by: fc.constant("near"), width: fc.integer({ min: 250, max: 900 }) }),
  fc.record({ by: fc.constant("width"), width: fc.integer({ min: 250, max: 900 }) }),
);
/** On a wall or a little off it. */
export const anyPlace = fc.tuple(fc.integer({ min: -300, max: 4000 }), fc.integer({ min: -1500, max: 1600 }));
