import { renderToStaticMarkup } from "react-dom/server";
import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { parsed } from "@/core/job/tests/jobs";
import { pausesOf } from "@/formats/pauses";
import { DayCard } from "./DayCard";

it("a day's card has each of its steps once with its time, what dries in between, and each caution once", () => {
  const job = parsed({
    format: "jacaranda-job/1",
    name: "Card",
    work: { start: "2027-01-11" },
    paints: [
      { id: "oyster", name: "Oyster" },
      { id: "kelp", name: "Kelp" },
    ],
    walls: [{ id: "w", name: "Back wall", width: 2400, height: 2400, base: "oyster" }],
    finishes: [
      { id: "f", on: "w", kind: "stripes", colours: ["kelp", "oyster"], fit: { by: "count", count: 5 } },
    ],
  });
  const planned = plan(job);
  expect(planned.days.length).toBeGreaterThan(1);
  for (const day of planned.days) {
    const text = renderToStaticMarkup(<DayCard job={job} plan={planned} day={day} />)
      .replace(/<[^>]*>/g, " ")
      .replaceAll("&#x27;", "'")
      .replace(/[\s⁠]+/g, " ");
    const steps = planned.steps.filter((step) => step.day === day.day);
    for (const { from } of steps) expect(text).toContain(` ${from} `);
    const last = steps.at(-1)!.say.split(":")[0]!;
    expect(text.split(last)).toHaveLength(2);
    for (const { say } of pausesOf(job, planned, day)) expect(text).toContain(say);
    for (const caution of new Set(steps.flatMap(({ cautions }) => cautions)))
      expect(text.split(`! ${caution}`)).toHaveLength(2);
    expect(text).toContain(`day ${day.day} of ${planned.days.at(-1)!.day}`);
  }
});
