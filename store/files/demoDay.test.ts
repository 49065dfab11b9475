import { expect, it } from "vitest";
import { demoDay } from "./demoDay";

const at = (local: string) => demoDay(new Date(local));
const clock = (moment: string) => moment.slice(0, 16);

it("on a weekday's noon the second morning is that noon, and the first day the one before, a Friday of a Monday", () => {
  // 2026-12-02 is a Wednesday. Half past ten and three minutes of the demo is now: an hour and 27 minutes later.
  const wednesday = at("2026-12-02T12:00:00");
  expect(wednesday.day("2027-01-11")).toBe("2026-12-01");
  expect(clock(wednesday.moment("2027-01-12T10:33:00+01:00"))).toBe("2026-12-02T12:00");
  expect(clock(wednesday.moment("2027-01-12T09:57:00+01:00"))).toBe("2026-12-02T11:24");
  // The first day keeps its clock, and what was weeks before stays as many days before it.
  expect(clock(wednesday.moment("2027-01-11T08:20:00+01:00"))).toBe("2026-12-01T08:20");
  expect(clock(wednesday.moment("2026-12-14T10:05:00+01:00"))).toBe("2026-11-03T10:05");
  const monday = at("2026-11-30T10:33:00");
  expect(monday.day("2027-01-11")).toBe("2026-11-27");
  expect(clock(monday.moment("2027-01-12T10:33:00+01:00"))).toBe("2026-11-30T10:33");
});

it("before the morning, at night and on a weekend it is the last such morning: nothing is told of what has not been yet", () => {
  for (const [now, second] of [
    ["2026-12-02T03:00:00", "2026-12-01T10:33"],
    ["2026-12-02T10:00:00", "2026-12-01T10:33"],
    ["2026-12-06T15:00:00", "2026-12-04T10:33"],
    ["2026-12-07T06:00:00", "2026-12-04T10:33"],
  ] as const)
    expect(clock(at(now).moment("2027-01-12T10:33:00+01:00"))).toBe(second);
  // In the evening the afternoon's end is the latest.
  expect(clock(at("2026-12-02T21:00:00").moment("2027-01-12T10:33:00+01:00"))).toBe("2026-12-02T16:30");
});
