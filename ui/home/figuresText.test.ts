import { expect, it } from "vitest";
import type { TileFigures } from "@/formats/jobTile";
import { dueText, figuresTexts } from "./figuresText";

const figures: TileFigures = {
  walls: 1,
  toDecide: 0,
  stops: 0,
  days: 5,
  cost: 204.7,
  currency: "CAD",
  trouble: null,
};
const textOf = (more: Partial<TileFigures> | null, isFresh = true) =>
  figuresTexts(more && { ...figures, ...more }, isFresh, new Date("2026-11-28T10:00:00.000Z")).join(", ");

it("tells walls, days and what is to decide; a stop before anything else that is open", () => {
  expect(textOf({})).toBe("1 wall, 5 days, changed 28 Nov 2026");
  expect(textOf({ walls: 3, days: 1, toDecide: 2 })).toBe("3 walls, 1 day, 2 to decide, changed 28 Nov 2026");
  expect(textOf({ toDecide: 2, stops: 1, days: null })).toBe("1 wall, 1 to mend first, changed 28 Nov 2026");
});

it("says that figures are still to come, or are those of before the last change", () => {
  expect(textOf(null, false)).toBe("being worked out, changed 28 Nov 2026");
  expect(textOf({}, false)).toBe("1 wall, 5 days, being worked out again, changed 28 Nov 2026");
});

it("tells what is due today, else what is next and what it waits for; or that no first day is set", () => {
  const agenda = [
    { date: "2027-01-12", from: "08:00", what: "Kelp on North", waits: null },
    { date: "2027-01-14", from: "09:30", what: "Brine on North", waits: "Kelp on North dries" },
  ];
  expect(dueText({ ...figures, agenda }, "2027-01-11")).toEqual([
    "Next, Tue 12 Jan at 08:00:",
    "Kelp on North",
  ]);
  expect(dueText({ ...figures, agenda }, "2027-01-12")).toEqual(["Today at 08:00:", "Kelp on North"]);
  expect(dueText({ ...figures, agenda }, "2027-01-13")).toEqual([
    "Kelp on North dries. Next, Thu 14 Jan at 09:30:",
    "Brine on North",
  ]);
  expect(dueText({ ...figures, agenda }, "2027-01-15")).toEqual(["Planned to end on Thu 14 Jan"]);
  expect(dueText({ ...figures, agenda: [] }, "2027-01-15")).toEqual(["No first day set"]);
  // An older version worked out no days, and there are none of what cannot be painted.
  expect(dueText(figures, "2027-01-15")).toEqual([]);
  expect(dueText({ ...figures, days: null, agenda: [] }, "2027-01-15")).toEqual([]);
});
