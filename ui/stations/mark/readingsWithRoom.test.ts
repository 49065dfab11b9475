import fc from "fast-check";
import { expect, it } from "vitest";
import type { PlanMark } from "@/core/plan/planTypes";
import { roomForReadings, standOf } from "./readingsBeside";
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
        expect(shown.has(marks[0]!.id)).toBe(width > 500);
        const current = marks[pick % marks.length]!.id;
        expect(readingsWithRoom(marks, frame(0.1, width), current).has(current)).toBe(true);
      },
    ),
  );
});

it("on a narrow stage the list tells them", () => {
  const marks = Array.from({ length: 20 }, (_, index) => mark(index, index * 300));
  const told = (width: number) => readingsWithRoom(marks, frame(0.1, width), null).size;
  expect([told(760), told(360)]).toEqual([20, 0]);
});

it("readings stand beside the wall, on the side where their marks are made, and room is kept for them there alone", () => {
  const at = (axis: "x" | "y", on: PlanMark["on"]) => ({ ...mark(0, 500), axis, on });
  const box = { minX: 0, maxX: 3000, minY: 0, maxY: 2400 };
  const whole = {
    ...frame(0.1, 760),
    y: (mm: number) => 300 - mm * 0.1,
    box,
    view: { scale: 0.1, left: 0, top: 0 },
  };
  const stand = (axis: "x" | "y", on: PlanMark["on"]) => standOf(at(axis, on), whole);
  // The wall is drawn from 0 to 300 across and from 60 to 300 down.
  expect(stand("x", "level").y).toBeGreaterThan(300);
  expect(stand("x", "top").y).toBeLessThanOrEqual(66);
  expect(stand("y", "right").x).toBeGreaterThan(300);
  expect(stand("y", "left")).toMatchObject({ y: 250, anchor: "end" });
  const room = (...marks: PlanMark[]) => roomForReadings({ marks });
  expect(room()).toEqual({ left: 0, top: 0, right: 0, bottom: 0 });
  expect(room(at("x", "level"))).toMatchObject({ left: 0, top: 0, right: 0 });
  expect(room(at("y", "left")).left).toBeGreaterThan(60);
  expect(room(at("y", "right"), at("x", "top"))).toMatchObject({ left: 0, bottom: 0 });
});
