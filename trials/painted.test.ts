import { expect, it } from "vitest";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { planFromNow } from "@/core/job/planFromNow";
import { fold } from "@/core/journal/fold";
import { parseMoment } from "@/core/journal/moment";
import { entryOf } from "@/core/journal/tests/entries";
import type { PlanStep } from "@/core/plan/planDayTypes";
import { workToTell } from "@/core/plan/workOfStep";
import { rehearse } from "@/core/rehearse/rehearse";
import { createSimulatedPainter } from "@/devices/painter/simulatedPainter";
import { paintJob } from "./painted";
import { sensibleDocument } from "./sensible";
import { randomOf } from "./support";

/** Jobs that are painted in few words: a test of all of them would take an hour. */
const mostWords = 90;

it("whoever paints, careful or a beginner who steps aside and makes mistakes: the plan from then on can be carried out, and all gets done", () => {
  // Always the same ones here: `paintJob` tries others for as long as one likes.
  const random = randomOf(90210270700);
  const skills = ["careful", "beginner", "usual"] as const;
  let [painted, looks, troubles] = [0, 0, 0];
  for (let count = 0; painted < 3 && count < 60; count++) {
    const parsed = parseJob(sensibleDocument(random));
    if (!parsed.ok || parsed.job.finishes.length > 1 || parsed.job.walls.length > 2) continue;
    const skill = skills[painted]!;
    const helper = () => createSimulatedPainter({ seed: String(count), skill });
    const { entries, last, faults, ...more } = paintJob(parsed.job, helper(), {
      lookEvery: 8,
      random: randomOf(count),
    });
    if (entries.length === 0 || entries.length > mostWords) continue;
    painted++;
    looks += more.looks;
    troubles += entries.filter(({ kind }) => kind === "trouble").length;
    expect(faults, JSON.stringify(parsed.job.name)).toEqual([]);
    expect(last.steps.filter(({ state }) => state !== "done")).toEqual([]);
    // Nobody does two things at once, and nothing is done before it is begun.
    const began = entries.filter(({ kind }) => kind === "began").length;
    const paused = entries.filter(({ kind }) => kind === "paused").length;
    expect(began - paused).toBe(entries.filter(({ kind }) => kind === "finished").length);
    if (skill === "careful") expect(paused + troubles).toBe(0);
  }
  expect(painted).toBe(3);
  expect(looks).toBeGreaterThan(6);
});

it("the same seed makes the same day, and a beginner takes longer than a careful one", () => {
  const parsed = parseJob({
    format: "jacaranda-job/1",
    name: "Twice",
    paints: [{ id: "kelp" }, { id: "oyster" }],
    walls: [{ id: "w", width: 4000, height: 2500, base: "oyster" }],
    finishes: [
      { id: "f", kind: "stripes", on: "w", colours: ["kelp", "oyster"], fit: { by: "count", count: 8 } },
    ],
  });
  if (!parsed.ok) throw new Error("it does not validate");
  const by = (skill: "careful" | "beginner", seed: string) =>
    paintJob(parsed.job, createSimulatedPainter({ seed, skill }), { lookEvery: 1000 });
  const [first, second] = [by("beginner", "twice"), by("beginner", "twice")];
  expect(second.entries).toEqual(first.entries);
  const minutesOf = ({ entries }: ReturnType<typeof by>) =>
    entries.at(-1)!.at.instant - entries[0]!.at.instant;
  const late = ["a", "b", "c"].filter(
    (seed) => minutesOf(by("beginner", seed)) > minutesOf(by("careful", seed)),
  );
  expect(late).toHaveLength(3);
});

it("what was begun in the evening, and nobody said what became of it, rests through the night: no hand is at two things", () => {
  const parsed = parseJob({
    format: "jacaranda-job/1",
    name: "Forgotten",
    work: { start: "2027-01-11" },
    paints: [{ id: "kelp" }, { id: "oyster" }],
    walls: [{ id: "w", width: 4000, height: 2500, base: "oyster" }],
    finishes: [
      { id: "f", kind: "stripes", on: "w", colours: ["kelp", "oyster"], fit: { by: "count", count: 8 } },
    ],
  });
  if (!parsed.ok) throw new Error("it does not validate");
  const { job } = parsed;
  const { steps } = plan(job);
  const taping = steps.find(({ kind, wall }) => kind === "tape" && wall === "w")!;
  const toldOf = (step: PlanStep, at: string, kind: string, number: number) =>
    entryOf(number, at, kind, { work: workToTell(step) }, "Wren");
  const clock = (step: PlanStep) => `2027-01-1${step.day}T${step.to}`;
  const done = steps
    .filter(({ start }) => start < taping.start)
    .map((step, number) => toldOf(step, clock(step), "finished", number));
  const begun = toldOf(taping, `2027-01-1${taping.day}T16:40`, "began", done.length);
  const next = `2027-01-1${taping.day + 1}T08:25`;
  const whole = planFromNow(job, fold([...done, begun]), parseMoment(next)!);
  expect(whole.steps.find(({ id }) => id === taping.id)).toMatchObject({ state: "running" });
  const closed = whole.steps.find(({ kind, day }) => kind === "close" && day === taping.day)!;
  expect(closed.start).toBeGreaterThan(taping.start);
  expect(rehearse(job, whole).faults.filter(({ code }) => code === "two-places")).toEqual([]);
  // What is planned is no rest: someone who closes the day in the middle of a step that is to come is still in two places.
  const ahead = whole.steps.map((step) =>
    step.id === taping.id ? { ...step, state: "ready" as const } : step,
  );
  expect(rehearse(job, { ...whole, steps: ahead }).faults.map(({ code }) => code)).toContain("two-places");
});
