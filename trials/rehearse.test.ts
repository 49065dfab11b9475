import { readFileSync, readdirSync } from "node:fs";
import { join } from "node:path";
import { expect, inject, it } from "vitest";
import { emitPlan } from "@/core/job/emitPlan";
import { parseJob, parseJobText } from "@/core/job/parseJob";
import { planFromNow } from "@/core/job/planFromNow";
import { readEntry } from "@/core/journal/entry";
import { fold } from "@/core/journal/fold";
import { parseMoment } from "@/core/journal/moment";
import { plan } from "@/core/job/plan";
import { stateAt } from "@/core/plan/stateAt";
import type { Plan } from "@/core/plan/planTypes";
import { History } from "@/core/rehearse/history";
import { rehearse } from "@/core/rehearse/rehearse";
import { tryRehearsals } from "./rehearse";
import { sensibleDocument } from "./sensible";
import { randomOf } from "./support";

it("of faults planted in random plans the rehearsal finds those whose harm is proved", async () => {
  const { counts, faults } = await tryRehearsals(30, inject("propertySeed") % 1000, 8);
  expect(faults).toEqual([]);
  const planted = Object.entries(counts).flatMap(([name, count]) =>
    name.startsWith("planted") ? [count] : [],
  );
  expect(planted.reduce((sum, count) => sum + count, 0)).toBeGreaterThan(40);
});

it("the state of a wall at a moment and the rehearsal, each by its own way, have the same tape and coats on it", () => {
  const random = randomOf(inject("propertySeed"));
  let compared = 0;
  for (let count = 0; count < 25; count++) {
    const parsed = parseJob(sensibleDocument(random));
    const whole = parsed.ok ? (JSON.parse(emitPlan(plan(parsed.job))) as Plan) : null;
    if (!parsed.ok || !whole || whole.steps.length === 0) continue;
    const history = new History(parsed.job, whole);
    for (const moment of whole.steps.map(({ end }) => end)) {
      const state = stateAt(whole, moment);
      for (const { id, tape, regions } of whole.walls) {
        const on = tape.filter((piece) => {
          const { laid, off } = history.tape.get(piece.id)!;
          return laid !== null && laid.step.end <= moment && (off === null || off.step.end > moment);
        });
        const here = state.get(id)!;
        const running = whole.steps.some(({ start, end }) => start < moment && moment < end);
        if (!running) expect([...here.tape].sort()).toEqual(on.map((piece) => piece.id).sort());
        for (const region of regions) {
          const coats = history
            .layers(region.id)
            .filter(({ kind, doing }) => kind === "own" && doing!.step.end <= moment);
          if (!running)
            expect(here.regions.get(region.id)!.coatsDone).toBe(new Set(coats.map(({ coat }) => coat)).size);
        }
        compared++;
      }
    }
  }
  expect(compared).toBeGreaterThan(100);
});

const examples = join("docs", "examples");

it("what goes wrong in a step is told as long as that is to be done, and no more once it is done", () => {
  const parsed = parseJobText(readFileSync(join(examples, "ferry-landing.json"), "utf8"));
  if (!parsed.ok) throw new Error("it does not validate");
  const whole = JSON.parse(emitPlan(plan(parsed.job))) as Plan;
  // Someone is at two things at once: the second of two steps begins with the first.
  const [first, second] = whole.steps.filter(({ person, day }) => person === 1 && day === 1) as [
    Plan["steps"][number],
    Plan["steps"][number],
  ];
  Object.assign(second, { start: first.start, end: first.end });
  const codes = () => rehearse(parsed.job, whole).faults.map(({ code }) => code);
  expect(codes()).toContain("two-places");
  for (const step of [first, second]) step.state = "done";
  expect(codes()).not.toContain("two-places");
});

it.each(readdirSync(examples))("nothing goes wrong in %s, in a moment", (name) => {
  const parsed = parseJobText(readFileSync(join(examples, name), "utf8"));
  if (!parsed.ok) throw new Error("it does not validate");
  const whole = plan(parsed.job);
  const started = performance.now();
  const { faults, walls } = rehearse(parsed.job, whole);
  // 300 ms in a browser's worker; this machine may be busy with other tests.
  expect(performance.now() - started).toBeLessThan(1500);
  expect(walls.every(({ asDesigned }) => asDesigned === 1)).toBe(true);
  expect(faults.filter(({ told }) => told === undefined)).toEqual([]);
});

it.each([
  ["ferry-landing", "2027-01-12T10:33"],
  ["ferry-landing-upper-rooms", "2027-01-30T09:00"],
])(
  "what has happened on the demo, %s, is told of its document as it is: nothing agreed is broken, and it can be carried out",
  (name, now) => {
    const read = parseJobText(readFileSync(`docs/examples/${name}.json`, "utf8"));
    if (!read.ok) throw new Error("it does not validate");
    const entries = readFileSync(`docs/journals/${name}.jsonl`, "utf8")
      .trim()
      .split("\n")
      .map((line) => {
        const entry = readEntry(JSON.parse(line));
        if (!entry.ok) throw new Error(line);
        return entry.entry;
      });
    expect(entries.every(({ isKnown }) => isKnown)).toBe(true);
    const whole = planFromNow(read.job, fold(entries), parseMoment(now)!);
    expect(whole.decisions!.flatMap(({ changed = [] }) => changed)).toEqual([]);
    const standings = new Set(whole.decisions!.map(({ standing }) => standing));
    expect(standings.has(name === "ferry-landing" ? "refused" : "agreed")).toBe(true);
    expect(rehearse(read.job, whole).faults.filter(({ told }) => !told)).toEqual([]);
    // What was looked at and decided weeks before begins no work: the first day is the document's own.
    if (name !== "ferry-landing") expect(whole.days[0]!.date).toBe(read.job.work.start);
  },
);
