import fc from "fast-check";
import { expect, it } from "vitest";
import { arbitrary as anyPaper } from "../finishes/paper/tests/arbitrary";
import { randomSurvey } from "../wall/tests/surveys";
import { buildSurface, isOnSurface } from "../wall/surface";
import { wallSchema } from "../wall/schema";
import { parseJob } from "./parseJob";
import { parsed } from "./tests/jobs";
import { plan } from "./plan";
import type { PlanSheets } from "../plan/planTypes";
import { runsOf } from "@/core/tests/runsOf";

const opening = { id: "o", kind: "window", x: 700, y: -300, width: 800, height: 600, casing: 40 };
const anyWall = fc.record({ survey: randomSurvey, openings: fc.constantFrom([], [opening]) });

const documentOf = (wall: object, finish: object, run = false) => ({
  format: "jacaranda-job/1",
  name: "Paper",
  paints: [{ id: "oyster" }],
  walls: [{ id: "w", base: "oyster", ...wall }, ...(run ? [{ id: "v", base: "oyster", ...wall }] : [])],
  ...(run && { runs: [{ id: "r", walls: ["w", "v"] }] }),
  finishes: [{ id: "f", on: run ? "r" : "w", ...finish }],
});

it("covers any wall from end to end, in drops that are long enough, whole repeats apart, off rolls that hold them", () => {
  fc.assert(
    fc.property(anyWall, anyPaper, (wall, finish) => {
      const document = documentOf(wall, finish);
      const answer = parseJob(document);
      fc.pre(answer.ok);
      const planned = plan(answer.ok ? answer.job : null!).walls[0]!;
      const [paper] = planned.sheets ?? [];
      const { surface } = buildSurface(wallSchema.parse(document.walls[0]));
      // Nothing is hung only where nothing can be, or where a stop says why.
      if (!paper || !surface) {
        expect(!surface || planned.findings.some(({ severity }) => severity === "stop")).toBe(true);
        return;
      }
      const { repeat, allowance, roll } = finish as {
        repeat: number;
        allowance: number;
        roll: { width: number; length: number };
      };
      const { minX, maxX, minY, maxY } = surface.extent;
      const isOn = (x: number, y: number) => isOnSurface(surface, { x, y });
      // Every place that can be papered lies under exactly one sheet, and that is long enough there.
      for (let step = 0; step < 60; step++) {
        const x = minX + ((maxX - minX) * (step + 0.37)) / 60;
        const ys = Array.from({ length: 80 }, (_, row) => minY + ((maxY - minY) * (row + 0.41)) / 80).filter(
          (y) => isOn(x, y),
        );
        if (ys.length === 0) continue;
        const over = paper.drops.filter(({ from, to }) => x > from && x < to);
        expect(over).toHaveLength(1);
        expect(over[0]!.length).toBeGreaterThanOrEqual(ys.at(-1)! - ys[0]! + 2 * allowance - 1e-6);
      }
      for (const { from, to, length, cut } of paper.drops) {
        expect(to - from).toBeLessThanOrEqual(roll.width + 1e-6);
        expect(length).toBeLessThanOrEqual(maxY - minY + 2 * allowance + 1e-6);
        if (finish.match === "free") expect(cut).toBe(length);
        else
          expect([
            Math.abs(cut / repeat - Math.round(cut / repeat)) < 1e-6,
            cut - length < repeat + 1e-6,
          ]).toEqual([true, true]);
      }
      checkRolls(paper, finish.match as string, repeat, roll.length);
    }),
    runsOf(60),
  );
});

/** All drops of a roll but the last are cut to whole repeats; a roll of late drops has lost half a repeat. */
function checkRolls({ drops, rolls }: PlanSheets, match: string, repeat: number, rollMm: number): void {
  const numbers = [...new Set(drops.map(({ roll }) => roll))].sort((a, b) => a - b);
  expect(numbers).toEqual(Array.from({ length: rolls }, (_, index) => index + 1));
  for (const number of numbers) {
    const own = drops.filter(({ roll }) => roll === number);
    const phases = new Set(own.map(({ phase }) => phase));
    expect(phases.size).toBe(1);
    const isLate = match === "half-drop" && own[0]!.phase > 0;
    const whole = own.reduce((sum, { cut }) => sum + cut, 0);
    const spared = Math.max(...own.map(({ cut, length }) => cut - length));
    expect(whole - spared).toBeLessThanOrEqual(rollMm - (isLate ? repeat / 2 : 0) + 1e-6);
  }
}

it("goes on around a corner as over one wall: the same sheets, each cut once", () => {
  const width = fc.integer({ min: 600, max: 3000 });
  fc.assert(
    fc.property(width, fc.integer({ min: 1800, max: 3000 }), anyPaper, (wide, high, finish) => {
      const job = (document: object) => {
        const answer = parseJob(document);
        if (!answer.ok) throw new Error(answer.problems[0]!.message);
        return plan(answer.job);
      };
      const run = job(documentOf({ width: wide, height: high }, finish, true));
      const one = job(documentOf({ width: 2 * wide, height: high }, finish));
      const [w, v] = run.walls.map(({ sheets }) => sheets![0]!);
      const whole = one.walls[0]!.sheets![0]!;
      expect(w!.rolls + v!.rolls).toBe(whole.rolls);
      const joined = new Map(
        [
          ...w!.drops,
          ...v!.drops.map((drop) => ({ ...drop, from: drop.from + wide, to: drop.to + wide })),
        ].map((drop) => [drop.n, drop.cut]),
      );
      expect([...joined]).toEqual(whole.drops.map(({ n, cut }) => [n, cut]));
      const bought = [run, one].map(
        ({ sundries }) => sundries.find(({ item }) => item === "paper-roll")!.count,
      );
      expect(bought[0]).toBe(bought[1]);
    }),
    runsOf(40),
  );
});

it("is offered other starts with what they really come to, the best first", () => {
  const finish = { kind: "paper", roll: { width: 530, length: 10050 }, repeat: 640, match: "straight" };
  const answer = (start: unknown) => {
    const parsed = parseJob(documentOf({ width: 3200, height: 2655 }, { ...finish, start }));
    return plan(parsed.ok ? parsed.job : null!).walls[0]!;
  };
  const { offers } = answer("left");
  expect(offers.map(({ isChosen }) => isChosen).filter(Boolean)).toHaveLength(1);
  const scores = offers.map(({ score }) => score);
  expect(scores).toEqual([...scores].sort((a, b) => b - a));
  // 3200 is six rolls' widths and 20: only a sheet in the middle leaves two ends of 275.
  expect(offers[0]).toMatchObject({ change: { set: { start: "centre" } }, verdict: "good" });
  for (const { change, title, why } of offers) {
    const sheets = answer(change.set.start).sheets![0]!;
    expect(title).toContain(`${sheets.rolls} rolls`);
    expect(why.join(" ")).toContain(`${sheets.drops.length} drops from ${sheets.rolls} rolls`);
  }
});

it("does not hold up what is painted beside it: its seams are struck after the cure, other marks and masks before", () => {
  const room = (second: readonly object[]) =>
    plan(
      parsed({
        format: "jacaranda-job/1",
        name: "Paper beside paint",
        paints: [{ id: "oyster" }, { id: "kelp" }],
        walls: ["v", "w"].map((id) => ({
          id,
          width: 2000,
          height: 2400,
          base: "oyster",
          baseState: "paint",
          leftEdge: "internal",
          rightEdge: "internal",
        })),
        runs: [{ id: "r", walls: ["v", "w"] }],
        finishes: [
          { id: "s", on: "v", kind: "stripes", colours: ["oyster", "kelp"], fit: { by: "count", count: 4 } },
          ...second,
          { id: "p", on: "w", kind: "paper", roll: { width: 530, length: 10050 } },
        ],
      }),
    );
  const dayOf = (job: ReturnType<typeof plan>, id: string) => job.steps.find((step) => step.id === id)!.day;
  const alone = room([]);
  // A corner of kelp is masked on the wall that will be papered, and comes off again weeks before that.
  expect(alone.walls[1]!.tape.some(({ corner }) => corner === "v")).toBe(true);
  expect(dayOf(alone, "v/paint-1-kelp-2")).toBeLessThan(7);
  expect(dayOf(alone, "w/mark")).toBeGreaterThan(28);
  const banded = room([
    { id: "b", on: "w", kind: "bands", bands: [{ from: 2000, to: 2200, colour: "kelp" }] },
  ]);
  expect(dayOf(banded, "w/mark")).toBeLessThan(7);
  expect(dayOf(banded, "w/p/hang")).toBeGreaterThan(28);
});
