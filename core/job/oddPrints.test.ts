import fc from "fast-check";
import { expect, it } from "vitest";
import { emitPlan } from "./emitPlan";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { planned } from "./tests/stencils";
import { runsOf } from "@/core/tests/runsOf";

const brick = fc.record({
  kind: fc.constant("brick"),
  way: fc.constantFrom("stamped", "taped"),
  face: fc.record({ width: fc.constantFrom(5, 20, 228, 900), height: fc.constantFrom(5, 68, 300) }),
  joint: fc.constantFrom(1, 10, 200),
  bond: fc.constantFrom("half", "third", "stack", "header"),
  courses: fc.constantFrom("near", "keep", { by: "count", count: 1 }, { by: "count", count: 30 }),
  start: fc.constantFrom("best", "left", "right", "centre", "joint"),
  colour: fc.constant("q"),
  accents: fc.constantFrom(
    [],
    [{ colour: "p", share: 1 }],
    [
      { colour: "r", share: 0.6 },
      { colour: "p", share: 0.6 },
    ],
  ),
});
const printed = {
  stencil: fc.constant("s"),
  colours: fc.constant({ a: "q" }),
  shades: fc.constantFrom({}, { a: "r" }),
};
const field = fc.record({
  kind: fc.constant("stencil-field"),
  ...printed,
  layout: fc.constantFrom("straight", "half-drop", "brick"),
  start: fc.record({
    x: fc.constantFrom("centre", "left", -9e5, 4e5),
    y: fc.constantFrom("top", "floor", 9e5),
  }),
});
const border = fc.record({
  kind: fc.constant("stencil-border"),
  ...printed,
  along: fc.constantFrom(
    { level: 9e5 },
    { level: 50 },
    { below: "ceiling", by: 1e5 },
    { below: "ceiling", by: 0 },
  ),
  fit: fc.constantFrom("stretch", "keep"),
  corners: fc.constantFrom("butt", "mitre"),
});

it("whatever the sizes, a plan is made of finite numbers, or something stops it in words", () => {
  fc.assert(
    fc.property(
      fc.oneof(brick, field, border),
      fc.constantFrom(8, 60, 300, 1500, 4000),
      fc.constantFrom(8, 70, 400, 2500),
      fc.constantFrom({ x: 10, y: 10 }, { x: 60, y: 60 }, { x: 400, y: 600 }),
      (finish, width, height, repeat) => {
        const cuts = [{ slot: "a", path: "M -20 -20 h 40 v 40 h -40 z" }];
        const answer = parseJob({
          format: "jacaranda-job/1",
          name: "Odd",
          stencils: [{ id: "s", repeat, overlays: [{ id: "1", cuts }] }],
          paints: ["p", "q", "r"].map((id) => ({ id })),
          walls: [{ id: "w", width, height, base: "p" }],
          finishes: [{ id: "f", on: "w", ...finish }],
        });
        if (!answer.ok) return expect(answer.problems[0]!.message).toMatch(/expected/);
        const whole = plan(answer.job);
        expect(() => emitPlan(whole)).not.toThrow();
        const [{ bricks = [], prints = [] }] = whole.walls as [(typeof whole.walls)[number]];
        for (const { list } of bricks)
          for (const { share, box } of list) {
            expect(share).toBeGreaterThan(0);
            expect(share).toBeLessThanOrEqual(1);
            expect(Math.min(box[2], box[3])).toBeGreaterThan(0);
          }
        for (const { share } of prints.flatMap(({ list }) => list)) expect(share).toBeGreaterThan(0);
      },
    ),
    runsOf(60),
  );
});

it("at a pace of no minutes has no more sheets than are fouled once, and a plan of finite numbers", () => {
  const pace = { work: { rates: { stencilRoller_min: 0, stencilBrush_min: 0 } } };
  const sheets = (finish: object) => {
    const whole = planned({ start: { x: "left", y: "top" }, ...finish }, {}, pace);
    expect(() => emitPlan(whole)).not.toThrow();
    return whole.sundries.find(({ item }) => item === "stencil-sheet")!.count;
  };
  // 40 prints, cleaned after 20 with a roller, after 5 with adhesive and a brush.
  expect([sheets({}), sheets({ method: "brush", fixing: "adhesive" })]).toEqual([2, 8]);
});
