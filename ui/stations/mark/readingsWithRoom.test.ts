import fc from "fast-check";
import { expect, it } from "vitest";
import type { PlanMark } from "@/core/plan/planTypes";
import { readingsWithRoom } from "./readingsWithRoom";

const mark = (index: number, at: number): PlanMark => ({
  id: `m${index}`,
  on: "level",
  axis: "x",
  at,
  reading: `${at} mm`,
  error: 0,
  use: "",
});
const frame = (scale: number, width: number) => ({
  x: (mm: number) => mm * scale,
  y: (mm: number) => -mm * scale,
  size: { width, height: 500 },
});

it("readings that are told stand apart, the first and the one in hand always among them", () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.integer({ min: 0, max: 6000 }), { minLength: 1, maxLength: 80 }),
      fc.constantFrom(360, 760),
      fc.nat(),
      (places, width, pick) => {
        const marks = [...places].sort((a, b) => a - b).map((at, index) => mark(index, at));
        const shown = readingsWithRoom(marks, frame(0.1, width), null);
        const px = marks.filter(({ id }) => shown.has(id)).map(({ at }) => at * 0.1);
        for (let index = 1; index < px.length; index++)
          expect(px[index]! - px[index - 1]!).toBeGreaterThanOrEqual(20);
        expect(shown.has(marks[0]!.id)).toBe(true);
        const current = marks[pick % marks.length]!.id;
        expect(readingsWithRoom(marks, frame(0.1, width), current).has(current)).toBe(true);
      },
    ),
  );
});

it("fewer are told on a narrow stage", () => {
  const marks = Array.from({ length: 20 }, (_, index) => mark(index, index * 300));
  const told = (width: number) => readingsWithRoom(marks, frame(0.1, width), null).size;
  expect([told(760), told(360)]).toEqual([20, 10]);
});
