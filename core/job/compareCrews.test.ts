import { expect, it } from "vitest";
import { compareCrews } from "./compareCrews";
import { plan } from "./plan";
import { document } from "./tests/bricks";
import { parsed } from "./tests/jobs";

const stripes = (on: string) => ({
  id: `s-${on}`,
  on,
  kind: "stripes",
  fit: { by: "count", count: 9 },
  colours: ["oyster", "slate-tide", "kelp"],
});
const walls = ["w", "v"].map((id) => ({ id, width: 4200, height: 2500, base: "oyster" }));
const job = (work: object) => {
  const whole = document({}, {}, { walls });
  return parsed({
    ...whole,
    paints: ["oyster", "slate-tide", "kelp"].map((id) => ({ id, name: id })),
    finishes: [stripes("w"), stripes("v")],
    work,
  });
};

it("more hands never end later, and each hand brings its own setting up and closing", () => {
  const crews = compareCrews(job({ crew: 3 }));
  for (const school of ["finish", "coat-by-coat"] as const) {
    const rows = crews.filter((one) => one.school === school);
    expect(rows.map(({ crew }) => crew)).toEqual([1, 2, 3, 4]);
    for (const [index, row] of rows.entries()) {
      const fewer = rows[index - 1];
      if (fewer) expect(row.lastDay).toBeLessThanOrEqual(fewer.lastDay);
    }
  }
  // The job's own hands are among them as they are planned.
  const own = plan(job({ crew: 2 })).schools[0]!;
  expect(crews).toContainEqual({ crew: 2, school: own.school, lastDay: own.lastDay, minutes: own.minutes });
});

it("says nothing of a room that is too cold to paint in", () => {
  expect(compareCrews(job({ temperature: 3 }))).toEqual([]);
});
