import fc from "fast-check";

/** Random surveys: up to eight stations, steps in floor and ceiling, bent ends; some enclose no wall at all. */
export const randomSurvey = fc
  .record({
    gaps: fc.array(fc.integer({ min: 0, max: 1500 }), { minLength: 1, maxLength: 7 }),
    readings: fc.array(
      fc.record({ down: fc.integer({ min: 0, max: 1600 }), up: fc.integer({ min: 0, max: 1600 }) }),
      { minLength: 8, maxLength: 8 },
    ),
    left: ends(),
    right: ends(),
  })
  .map(({ gaps, readings, left, right }) => {
    const xs = gaps.reduce<number[]>((list, gap) => [...list, list.at(-1)! + gap], [0]);
    // At most two stations at one place; the last gives the width.
    const kept = xs.filter((x, index) => x !== xs[index - 2]);
    kept[kept.length - 1]! += 1;
    return { stations: kept.map((x, index) => ({ x, ...readings[index]! })), left, right };
  });

function ends() {
  const reading = fc.record({
    y: fc.integer({ min: -1700, max: 1700 }),
    off: fc.oneof(fc.integer({ min: -40, max: 60 }), fc.integer({ min: -400, max: 900 })),
  });
  return fc.uniqueArray(reading, { maxLength: 4, selector: ({ y }) => y });
}
