import { expect, it } from "vitest";
import { nowOfPlan } from "./nowOfPlan";
import type { PlanDay } from "./planDayTypes";

const days = (day: number, date?: string) => [{ day, ...(date !== undefined && { date }) }] as PlanDay[];

it("the moment of a plan is minutes from the midnight before day 1, over the end of a month and a leap day", () => {
  expect(nowOfPlan({ now: "2027-01-11T09:41", days: days(1, "2027-01-11") })).toBe(9 * 60 + 41);
  expect(nowOfPlan({ now: "2027-01-12T00:00", days: days(1, "2027-01-11") })).toBe(1440);
  // The 1st of March is the second day after the 28th of February only in a leap year.
  expect(nowOfPlan({ now: "2028-03-01T06:30", days: days(1, "2028-02-28") })).toBe(2 * 1440 + 390);
  expect(nowOfPlan({ now: "2027-03-01T06:30", days: days(1, "2027-02-28") })).toBe(1440 + 390);
  // Where work begins on the third day, or what happened began before the plan does.
  expect(nowOfPlan({ now: "2027-01-13T08:00", days: days(3, "2027-01-13") })).toBe(2 * 1440 + 480);
  expect(nowOfPlan({ now: "2027-01-10T23:59", days: days(1, "2027-01-11") })).toBe(-1);
});

it("a plan that has not begun, has no dates or no days has no moment", () => {
  const none = { now: null, days: days(1, "2027-01-11") } as unknown as Parameters<typeof nowOfPlan>[0];
  expect(nowOfPlan(none)).toBeNull();
  expect(nowOfPlan({ now: "2027-01-11T09:41", days: days(1) })).toBeNull();
  expect(nowOfPlan({ now: "2027-01-11T09:41", days: [] })).toBeNull();
});
