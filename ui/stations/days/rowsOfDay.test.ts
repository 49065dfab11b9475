import { expect, it } from "vitest";
import { parseJobText } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { readFileSync } from "node:fs";
import { rowsOfDay, type DayRow } from "./rowsOfDay";

const parsed = parseJobText(readFileSync("docs/examples/ferry-landing.json", "utf8"));
if (!parsed.ok) throw new Error("the example does not hold");
const { job } = parsed;
const whole = plan(job);
const stepsIn = (rows: readonly DayRow[]) => rows.flatMap((row) => (row.kind === "step" ? [row] : []));

it("tells each step of a day once and in its order, under the name of its wall and without it", () => {
  for (const day of whole.days) {
    const rows = rowsOfDay(job, whole, day, null);
    expect(stepsIn(rows).map(({ step }) => step.id)).toEqual(day.steps);
    expect(new Set(rows.map(({ key }) => key)).size).toBe(rows.length);
    let wall: string | null = null;
    for (const row of rows) {
      if (row.kind === "wall") wall = row.name;
      if (row.kind !== "step") continue;
      const own = job.walls.find(({ id }) => id === row.step.wall);
      expect(row.isOnWall).toBe(own !== undefined);
      if (own) expect([wall, row.say.startsWith(own.name!)]).toEqual([own.name, false]);
    }
    // A caution stands once a day, where it first counts.
    const cautions = stepsIn(rows).flatMap(({ cautions }) => cautions);
    expect(new Set(cautions).size).toBe(cautions.length);
    const all = whole.steps.filter((step) => step.day === day.day).flatMap((step) => step.cautions);
    expect(new Set(cautions)).toEqual(new Set(all));
  }
});

it("of one wall tells its own steps and the room's", () => {
  for (const day of whole.days)
    for (const { step } of stepsIn(rowsOfDay(job, whole, day, "counter")))
      expect([undefined, "counter"]).toContain(step.wall);
});
