import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { randomSurvey } from "../wall/tests/surveys";
import { emitPlan } from "./emitPlan";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import type { Plan, PlanPoint, PlanWall } from "./planTypes";
import { ringArea, sum } from "./tests/finishes";
import { paints } from "./tests/jobs";

const colour = fc.constantFrom("kelp", "brine", "lantern", "oyster");
const whole = fc.oneof(
  fc.record({ by: fc.constant("count"), count: fc.integer({ min: 1, max: 7 }) }),
  fc.record({ by: fc.constant("near"), width: fc.integer({ min: 250, max: 900 }) }),
);
const at = fc.tuple(fc.integer({ min: -300, max: 4000 }), fc.integer({ min: -1500, max: 1600 }));

/** Any finish but stripes, on any wall. */
const anyFinish = fc.oneof(
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

describe("any finishes on any wall", () => {
  it("partition the surface: areas add up to it, outlines to the areas, ids are their own, marks within half a division", () => {
    fc.assert(
      fc.property(randomSurvey, fc.array(anyFinish, { minLength: 1, maxLength: 3 }), (survey, finishes) => {
        const document = {
          format: "jacaranda-job/1",
          name: "Any",
          paints,
          walls: [{ id: "w", base: "oyster", survey }],
          finishes: finishes.map((finish, index) => ({ id: `f${index}`, on: "w", ...finish })),
        };
        const answer = parseJob(document);
        if (!answer.ok) {
          expect(answer.problems.map(({ path }) => path)).toEqual([
            expect.stringMatching(/^walls|^finishes.*lines/),
          ]);
          return;
        }
        const [wall] = (JSON.parse(emitPlan(plan(answer.job))) as Plan).walls as [PlanWall];
        if (wall.findings.some(({ severity }) => severity === "stop")) {
          expect(wall.regions).toEqual([]);
          return;
        }
        // Places within 0.01 mm are one, which may move a needle's side by that much over its length.
        const sides = sum(
          wall.outline.map(([x, y], k) =>
            Math.hypot(x - wall.outline.at(k - 1)![0], y - wall.outline.at(k - 1)![1]),
          ),
        );
        const added = sum(wall.regions.map(({ area_m2 }) => area_m2));
        expect(Math.abs(added - wall.surface_m2)).toBeLessThan(1e-8 + 0.01 * sides * 1e-6);
        for (const { area_m2, outline, holes } of wall.regions) {
          const drawn = [outline, ...holes].map((ring) => ringArea([...ring, ring[0] as PlanPoint]));
          // Flattened arcs stand off by less than 0.1 mm.
          expect(Math.abs(sum(drawn) / 1e6 - area_m2)).toBeLessThan(0.0015);
        }
        expect(new Set(wall.regions.map(({ id }) => id)).size).toBe(wall.regions.length);
        for (const { error } of wall.marks) expect(Math.abs(error)).toBeLessThanOrEqual(0.5 + 1e-9);
      }),
      { numRuns: 120 },
    );
  });
});
