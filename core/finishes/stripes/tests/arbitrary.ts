import fc from "fast-check";

const width = fc.integer({ min: 60, max: 900 });

export const anyFit = fc.oneof(
  fc.record({ by: fc.constant("count"), count: fc.integer({ min: 1, max: 40 }) }),
  fc.record({ by: fc.constant("near"), width, ends: fc.constantFrom("same", "different", "any") }),
  fc.record({ by: fc.constant("width"), width, centre: fc.constantFrom("stripe", "joint", "best", "none") }),
  fc.record({ by: fc.constant("anchor"), width, at: fc.integer({ min: -500, max: 5000 }) }),
  fc.record({ by: fc.constant("spread"), module: width }),
);
export const anyDirection = fc.oneof(
  fc.constantFrom("vertical", "horizontal"),
  fc.integer({ min: 5, max: 175 }),
);
export const anyColouring = fc.constantFrom(
  ["kelp", "oyster"],
  ["kelp", "brine"],
  ["kelp", "oyster", "brine"],
  ["kelp", "brine", "lantern"],
  ["kelp"],
);

/** Stripes of every fit and direction. */
export const arbitrary = fc.record({
  kind: fc.constant("stripes"),
  direction: anyDirection,
  fit: anyFit,
  colours: anyColouring,
});
