import { describe, expect, it } from "vitest";
import { readDate, showDate, writeDate } from "./dates";
import { matchesTyped } from "./matchesTyped";
import { textWidth } from "./textWidth";

describe("dates on screens", () => {
  it.each(["11 Jan 2027", "11 January 2027", "2027-01-11", "11.1.2027", "11/1/2027", "  11 jan 2027 "])(
    "%s is read, and shown as the first of them",
    (typed) => {
      const date = readDate(typed)!;
      expect(writeDate(date)).toBe("2027-01-11");
      expect(showDate(writeDate(date))).toBe("11 Jan 2027");
    },
  );

  it.each(["", "soon", "31 Feb 2027", "2027-13-01", "11 Jan", "11/1/27", "29.2.2027"])(
    "“%s” is none",
    (typed) => {
      expect(readDate(typed)).toBeNull();
    },
  );

  it("keeps the day on both sides of a change of the clock", () => {
    for (const day of ["2027-03-28", "2027-10-31", "2028-02-29"]) {
      expect(writeDate(readDate(day)!)).toBe(day);
      expect(writeDate(readDate(showDate(day))!)).toBe(day);
    }
  });
});

it("what is sought has each of its words somewhere in the name, in any order and case", () => {
  expect(
    ["wall buy", "BUY  counter", "", "unter"].map((typed) => matchesTyped("Counter wall: Buy", typed)),
  ).toEqual([1, 1, 1, 1]);
  expect(
    ["days", "wall buys", "counterwall"].map((typed) => matchesTyped("Counter wall: Buy", typed)),
  ).toEqual([0, 0, 0]);
});

it("a text is as wide as its letters: more are wider, larger are wider, a fraction is narrower than its digits in a row", () => {
  expect(textWidth("", 12)).toBe(0);
  expect(textWidth("Kelp, Oyster", 12)).toBeGreaterThan(textWidth("Kelp", 12));
  expect(textWidth("Kelp", 24)).toBeCloseTo(2 * textWidth("Kelp", 12), 9);
  expect(textWidth('12 15/16"', 12)).toBeLessThan(textWidth('12 15716"', 12));
  expect(textWidth("will", 12)).toBeLessThan(textWidth("mmmm", 12));
});
