import { expect, it } from "vitest";
import { figuresText } from "./figuresText";
import type { JobOnHome } from "./jobOnHome";

const figures: NonNullable<JobOnHome["figures"]> = {
  walls: 1,
  toDecide: 0,
  stops: 0,
  days: 5,
  cost: 204.7,
  currency: "CAD",
  trouble: null,
};
const textOf = (more: Partial<typeof figures> | null, job: Partial<JobOnHome> = {}) =>
  figuresText({
    id: "j",
    name: "Job",
    changed: "2026-11-28T10:00:00.000Z",
    figures: more && { ...figures, ...more },
    isFresh: true,
    picture: null,
    standing: "current",
    ...job,
  });

it("tells walls, days and what is to decide; a stop before anything else that is open", () => {
  expect(textOf({})).toBe("1 wall, 5 days, changed 28 Nov 2026");
  expect(textOf({ walls: 3, days: 1, toDecide: 2 })).toBe("3 walls, 1 day, 2 to decide, changed 28 Nov 2026");
  expect(textOf({ toDecide: 2, stops: 1, days: null })).toBe("1 wall, 1 to mend first, changed 28 Nov 2026");
});

it("says that figures are still to come, or are those of before the last change", () => {
  expect(textOf(null, { isFresh: false })).toBe("being worked out, changed 28 Nov 2026");
  expect(textOf({}, { isFresh: false })).toBe("1 wall, 5 days, being worked out again, changed 28 Nov 2026");
});
