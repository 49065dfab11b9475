import fc from "fast-check";
import { expect, it } from "vitest";
import { clockOf, dayNumberOf, isoDateOf, minutesOfClock, weekdayOf, weekdays } from "./calendar";

it("days go there and back, and fall on the weekdays of the engine's own calendar", () => {
  fc.assert(
    fc.property(fc.integer({ min: -40_000, max: 80_000 }), (day) => {
      const theirs = new Date(day * 86_400_000);
      expect(isoDateOf(day)).toBe(theirs.toISOString().slice(0, 10));
      expect(dayNumberOf(isoDateOf(day))).toBe(day);
      expect(weekdayOf(day)).toBe(weekdays[(theirs.getUTCDay() + 6) % 7]);
    }),
  );
});

it("what is no date or time of day is none", () => {
  for (const text of ["2026-02-29", "2026-13-01", "2026-04-31", "26-1-1", "2026-1-01", ""]) {
    expect(dayNumberOf(text), text).toBeNull();
  }
  expect(dayNumberOf("2028-02-29")).not.toBeNull();
  expect(["8:30", "08:30", "24:00", "24:01", "12:60", "noon"].map(minutesOfClock)).toEqual([
    510,
    510,
    1440,
    null,
    null,
    null,
  ]);
  expect(clockOf(510)).toBe("08:30");
});
