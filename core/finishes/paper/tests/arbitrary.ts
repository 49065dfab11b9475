import fc from "fast-check";

export const arbitrary = fc
  .record({
    width: fc.integer({ min: 200, max: 1200 }),
    repeat: fc.integer({ min: 40, max: 900 }),
    match: fc.constantFrom("straight", "half-drop", "free"),
    start: fc.oneof(
      fc.constantFrom("left", "right", "centre", "seam"),
      fc.integer({ min: -500, max: 5000 }).map((seam) => ({ seam })),
    ),
    allowance: fc.constantFrom(0, 30, 50),
  })
  .map(({ width, ...rest }) => ({ kind: "paper", roll: { width, length: 10050, price: 31 }, ...rest }));
