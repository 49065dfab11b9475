import fc from "fast-check";

const colour = fc.constantFrom("kelp", "brine", "lantern", "oyster");
const whole = fc.oneof(
  fc.record({ by: fc.constant("count"), count: fc.integer({ min: 1, max: 7 }) }),
  fc.record({ by: fc.constant("near"), width: fc.integer({ min: 250, max: 900 }) }),
);
const at = fc.tuple(fc.integer({ min: -300, max: 4000 }), fc.integer({ min: -1500, max: 1600 }));

/** Any finish but stripes, on any wall. */
export const anyFinish = fc.oneof(
  fc
    .record({
      datum: fc.constantFrom("level", "floor", "ceiling"),
      from: fc.integer({ min: -400, max: 900 }),
      size: fc.integer({ min: 20, max: 500 }),
      colour,
      above: fc.option(colour, { nil: undefined }),
      below: fc.option(colour, { nil: undefined }),
    })
    .map(({ from, size, colour, ...rest }) => ({
      kind: "bands",
      bands: [{ from, to: from + size, colour }],
      ...rest,
    })),
  fc
    .record({
      lines: fc.array(
        fc.oneof(fc.array(at, { minLength: 2, maxLength: 3 }), fc.record({ through: fc.tuple(at, at) })),
        { minLength: 1, maxLength: 6 },
      ),
      lineWidth: fc.constantFrom(0, 0, 18),
      shuffle: fc.record({ colours: fc.array(colour, { minLength: 1, maxLength: 3 }), seed: fc.nat(50) }),
    })
    .map((lines) => ({ kind: "tape-lines", ...lines })),
  fc
    .record({ centre: at, radius: fc.integer({ min: 50, max: 1500 }), colour })
    .map((circle) => ({ kind: "blocks", blocks: [{ shape: "circle", ...circle }] })),
  fc
    .record({
      columns: whole,
      rows: whole,
      rise: fc.integer({ min: 30, max: 700 }),
      lineWidth: fc.constantFrom(0, 12),
      uprights: fc.boolean(),
      colours: fc.array(colour, { minLength: 1, maxLength: 3 }),
    })
    .map((chevron) => ({ kind: "chevron", ...chevron })),
  fc
    .record({
      columns: whole,
      rows: whole,
      lineWidth: fc.constantFrom(0, 12),
      colours: fc.array(colour, { minLength: 1, maxLength: 2 }),
    })
    .map((diamonds) => ({ kind: "diamonds", ...diamonds })),
  fc
    .record({
      centre: at,
      outerRadius: fc.integer({ min: 300, max: 1800 }),
      from: fc.integer({ min: -180, max: 170 }),
      turn: fc.integer({ min: 5, max: 360 }),
      colour,
    })
    .map(({ from, turn, colour, ...rest }) => ({
      kind: "arches",
      from,
      to: from + turn,
      bands: [{ width: 120, colour }, { gap: 40 }, { width: 100, colour: "kelp" }],
      ...rest,
    })),
);
