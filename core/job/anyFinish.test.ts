import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { stencilLibrary } from "../stencil/library";
import { randomSurvey } from "../wall/tests/surveys";
import { emitPlan } from "./emitPlan";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import type { Plan, PlanPoint, PlanWall } from "../plan/planTypes";
import { ringArea, sum } from "./tests/finishes";
import { anyFinish } from "./tests/anyFinish";
import { paints } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

describe("any finishes on any wall", () => {
  it("partition the surface: areas add up to it, outlines to the areas, ids are their own, marks within half a division", () => {
    fc.assert(
      fc.property(randomSurvey, fc.array(anyFinish, { minLength: 1, maxLength: 3 }), (survey, finishes) => {
        const document = {
          format: "jacaranda-job/1",
          name: "Any",
          stencils: stencilLibrary,
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
      runsOf(120),
    );
  });
});
