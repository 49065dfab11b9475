import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { schedule } from "./schedule";
import { workSchemaOf, type Work } from "../work/schema";
import type { Step } from "../work/step";
import { divideIntoStretches } from "../work/taped/stretches";
import { workHoursOf } from "./workHours";

const work = (more: object = {}): Work => workSchemaOf({}).parse(more);

/** Steps that each wait for some of those before them, for up to two days. */
const randomSteps = fc
  .array(
    fc.record({
      minutes: fc.integer({ min: 1, max: 200 }),
      wall: fc.constantFrom("a", "b", undefined),
      after: fc.array(
        fc.record({
          back: fc.integer({ min: 1, max: 5 }),
          what: fc.constantFrom("after", "recoat", "tape-over", "next-day"),
          minutes: fc.integer({ min: 0, max: 3000 }),
        }),
        { maxLength: 2 },
      ),
    }),
    { minLength: 1, maxLength: 9 },
  )
  .map((drafts) =>
    drafts.map(({ minutes, wall, after }, index): Step => ({
      id: `s${index}`,
      phase: "colour",
      verb: "paint",
      say: { code: "paint", values: {} },
      cautions: [],
      evening: [],
      minutes,
      ...(wall !== undefined && { wall }),
      after: after
        .filter(({ back }) => back <= index)
        .map(({ back, what, minutes: least }) => ({
          step: `s${index - back}`,
          what: what as Step["after"][number]["what"],
          minutes: what === "after" ? 0 : least,
        })),
    })),
  );
const randomWork = fc
  .record({
    from: fc.constantFrom("06:00", "08:00", "13:00"),
    hours: fc.integer({ min: 4, max: 10 }),
    crew: fc.integer({ min: 1, max: 3 }),
    temperature: fc.double({ min: 8, max: 35, noNaN: true }),
    humidity: fc.double({ min: 20, max: 85, noNaN: true }),
    workdays: fc.constantFrom(["mon", "tue", "wed", "thu", "fri"], ["mon"], ["tue", "sat", "sun"]),
    start: fc.option(fc.constantFrom("2026-12-01", "2026-02-28", "2027-01-03"), { nil: undefined }),
  })
  .map(({ from, hours, ...rest }) => ({ ...rest, from, to: `${Number(from.slice(0, 2)) + hours}:00` }));

describe("a schedule", () => {
  it("keeps every wait, gives no one two things at once, and stays within the hours and days of work", () => {
    fc.assert(
      fc.property(randomSteps, randomWork, (steps, given) => {
        const at = work(given);
        const { steps: planned, factor, end, soonest } = schedule(steps, at);
        const byId = new Map(planned.map((step) => [step.step.id, step]));
        expect([...byId.keys()].sort()).toEqual(steps.map(({ id }) => id).sort());
        for (const { step, start, end: until, hand } of planned) {
          // Half an hour from noon on is a break, where an hour or more is worked before and after.
          const noon = Math.floor(start / 1440) * 1440 + 720;
          const hasBreak = at.from + 20 <= 660 && at.to - 20 >= 810;
          if (hasBreak) expect(until <= noon || start < noon || start >= noon + 30).toBe(true);
          const isOver = hasBreak && start < noon && until > noon;
          expect(until - start).toBe(step.minutes + (isOver ? 30 : 0));
          for (const wait of step.after) {
            const before = byId.get(wait.step)!.end;
            if (wait.what === "next-day")
              expect(Math.floor(start / 1440)).toBeGreaterThan(Math.floor(before / 1440));
            else expect(start).toBeGreaterThanOrEqual(before + wait.minutes * factor - 1e-6);
          }
          expect(hand).toBeLessThan(at.crew);
          for (const other of planned) {
            if (other.step.id === step.id || other.hand !== hand) continue;
            expect(other.end <= start || other.start >= until).toBe(true);
          }
          const [day, minute] = [Math.floor(start / 1440), start % 1440];
          expect(minute).toBeGreaterThanOrEqual(at.from + 20);
          expect(minute + until - start).toBeLessThanOrEqual(at.to - 20);
          // 2026-06-01 is a Monday, as a job without a date begins on one.
          const date = new Date(`${at.start ?? "2026-06-01"}T00:00:00Z`);
          date.setUTCDate(date.getUTCDate() + day);
          const weekday = (["sun", "mon", "tue", "wed", "thu", "fri", "sat"] as const)[date.getUTCDay()]!;
          expect(at.workdays).toContain(weekday);
        }
        expect(end).toBe(Math.max(...planned.map((step) => step.end)));
        expect(soonest).toBeLessThanOrEqual(end);
      }),
      { numRuns: 150 },
    );
  });

  it("brings several hands together, and puts off what has to be followed closely until it can be", () => {
    const alone = {
      phase: "colour",
      verb: "paint",
      say: { code: "", values: {} },
      cautions: [],
      evening: [],
    } as const;
    const stepOf = (id: string, minutes: number, more: Partial<Step> = {}): Step => ({
      ...alone,
      id,
      minutes,
      after: [],
      ...more,
    });
    fc.assert(
      fc.property(
        randomSteps,
        randomWork,
        fc.integer({ min: 1, max: 120 }),
        fc.integer({ min: 1, max: 60 }),
        fc.integer({ min: 0, max: 30 }),
        (steps, given, first, second, least) => {
          const at = work({ ...given, crew: given.crew + 1 });
          const both = stepOf("both", first, {
            hands: 2,
            after: [{ step: "s0", what: "after", minutes: 0 }],
          });
          // Has to begin within ten minutes of the least that it has to wait.
          const next = stepOf("next", second, {
            after: [{ step: "both", what: "touch-dry", minutes: least }],
            within: [{ step: "both", minutes: Math.ceil(least * 8) + 10 }],
          });
          const { steps: planned, impossible, factor } = schedule([...steps, both, next], at);
          const of = (id: string) => planned.find(({ step }) => step.id === id)!;
          expect(new Set(of("both").hands).size).toBe(2);
          for (const { step, start, end, hands } of planned) {
            for (const other of planned) {
              if (other.step.id === step.id || !other.hands.some((hand) => hands.includes(hand))) continue;
              expect(other.end <= start || other.start >= end).toBe(true);
            }
          }
          const isLate = of("next").start > of("both").end + Math.ceil(least * 8) + 10;
          expect(impossible.map(({ step, why }) => [step.id, why])).toEqual(
            isLate ? [["next", "too-late"]] : [],
          );
          // Where both and the wait between them fit into a day there is a day for them.
          const wait = Math.ceil(least * factor - 1e-9);
          if (first + wait + second <= workHoursOf(at).usable) expect(isLate).toBe(false);
        },
      ),
      { numRuns: 150 },
    );
  });

  it("is never on a later day in warmer or drier air, nor with one more person", () => {
    fc.assert(
      fc.property(
        randomSteps,
        randomWork,
        fc.double({ min: 0, max: 27, noNaN: true }),
        fc.double({ min: 0, max: 60, noNaN: true }),
        (steps, given, warmer, drier) => {
          const { end } = schedule(steps, work(given));
          const warm = work({
            ...given,
            temperature: Math.min(35, given.temperature + warmer),
            humidity: Math.max(0, given.humidity - drier),
          });
          const dayOf = (time: number) => Math.floor((time - 1) / 1440);
          expect(dayOf(schedule(steps, warm).end)).toBeLessThanOrEqual(dayOf(end));
          const more = schedule(steps, work({ ...given, crew: given.crew + 1 }));
          expect(dayOf(more.end)).toBeLessThanOrEqual(dayOf(end));
        },
      ),
      { numRuns: 150 },
    );
  });

  it("of one person and few steps is never shorter than the best of all orders, and mostly on its day", () => {
    const orders = (count: number): number[][] =>
      count === 0
        ? [[]]
        : orders(count - 1).flatMap((order) =>
            Array.from({ length: count }, (_, place) => order.toSpliced(place, 0, count - 1)),
          );
    let isBest = 0;
    let all = 0;
    fc.assert(
      fc.property(fc.tuple(randomSteps, randomWork), ([steps, given]) => {
        const few = steps.slice(0, 6);
        const at = work({ ...given, crew: 1 });
        const hours = workHoursOf(at);
        const { end, factor } = schedule(few, at);
        const ends = orders(few.length).flatMap((order) => {
          const done = new Map<string, number>();
          let free = 0;
          for (const index of order) {
            const step = few[index]!;
            if (!step.after.every((wait) => done.has(wait.step))) return [];
            const ready = step.after.map((wait) =>
              wait.what === "next-day"
                ? (Math.floor(done.get(wait.step)! / 1440) + 1) * 1440
                : done.get(wait.step)! + Math.ceil(wait.minutes * factor - 1e-9),
            );
            free = hours.endOf(hours.startOf(Math.max(free, ...ready), step), step);
            done.set(step.id, free);
          }
          return [free];
        });
        const least = Math.min(...ends);
        expect(end).toBeGreaterThanOrEqual(least);
        all++;
        // (Within its last day it may end later, so as to take up a colour less often.)
        if (Math.floor((end - 1) / 1440) === Math.floor((least - 1) / 1440)) isBest++;
      }),
      { numRuns: 120 },
    );
    expect(isBest / all).toBeGreaterThan(0.97);
  });
});

it("stretches hold every portion within the open time, and divide what is longer", () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 0.1, max: 80, noNaN: true }), { minLength: 1, maxLength: 20 }),
      fc.double({ min: 1, max: 60, noNaN: true }),
      (minutes, limit) => {
        const portions = minutes.map((each, index) => ({ region: `r${index}`, minutes: each }));
        const stretches = divideIntoStretches(portions, limit);
        for (const stretch of stretches) expect(stretch.minutes).toBeLessThanOrEqual(limit + 1e-6);
        const total = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0);
        expect(total(stretches.map((stretch) => stretch.minutes))).toBeCloseTo(total(minutes), 6);
        const named = stretches.flatMap(({ regions }) => regions);
        expect([...new Set(named)]).toEqual(portions.map(({ region }) => region));
      },
    ),
  );
});

describe("breaks", () => {
  const stepOf = (id: string, minutes: number, more: Partial<Step> = {}): Step => ({
    phase: "colour",
    verb: "paint",
    say: { code: "paint", values: {} },
    cautions: [],
    evening: [],
    id,
    minutes,
    after: [],
    ...more,
  });
  const clock = (time: number) => [Math.floor(time / 1440), time % 1440];
  const timesOf = (steps: readonly Step[], more: object = {}) =>
    schedule(steps, work(more)).steps.map(({ step, start, end }) => [
      step.id,
      ...clock(start),
      ...clock(end),
    ]);

  it("work goes on over the break, a wet area waits for its end, and a coat pauses between its stretches", () => {
    // From 8:20 (500) to 16:40 (1000); the break from 12:00 (720) to 12:30 (750).
    expect(timesOf([stepOf("mark", 300)])).toEqual([["mark", 0, 500, 0, 830]]);
    const two = [stepOf("mark", 200), stepOf("base", 60, { coatsM2: 9, after: after("mark") })];
    expect(timesOf(two)).toEqual([
      ["mark", 0, 500, 0, 700],
      ["base", 0, 750, 0, 810],
    ]);
    const stretches = Array.from({ length: 4 }, (_, index) => ({ regions: [`r${index}`], minutes: 12.5 }));
    // 12.5, 25, 37.5 and 50 minutes done are 13, 25, 38 and 50 whole ones: one stretch before noon, three after.
    const coat = [stepOf("mark", 200), stepOf("coat", 50, { stretches, after: after("mark") })];
    expect(timesOf(coat)[1]).toEqual(["coat", 0, 700, 0, 787]);
    expect(timesOf(coat, { break_min: 0 })[1]).toEqual(["coat", 0, 700, 0, 750]);
    expect(timesOf(coat, { breakAt: "13:00" })[1]).toEqual(["coat", 0, 700, 0, 750]);
  });

  it("a coat that is broken off by the night goes on in the morning as its second part, which others wait for", () => {
    const stretches = Array.from({ length: 6 }, (_, index) => ({ regions: [`r${index}`], minutes: 10 }));
    const planned = schedule(
      [
        stepOf("mark", 440),
        stepOf("coat", 60, { stretches, after: after("mark") }),
        stepOf("next", 5, { after: [{ step: "coat", what: "recoat", minutes: 180 }] }),
      ],
      work({ break_min: 0, to: "16:55" }),
    ).steps;
    // 8:20 and 440 minutes is 15:40; until 16:35 five stretches of ten are done.
    expect(
      planned.map(({ step, start, end }) => [step.id, step.minutes, ...clock(start), ...clock(end)]),
    ).toEqual([
      ["mark", 440, 0, 500, 0, 940],
      ["coat", 50, 0, 940, 0, 990],
      ["coat/2", 10, 1, 500, 1, 510],
      ["next", 5, 1, 690, 1, 695],
    ]);
    expect(planned[1]!.step.stretches).toHaveLength(5);
    expect([planned[2]!.step.part, planned[2]!.step.after]).toEqual([
      { number: 2, of: 2 },
      [{ step: "coat", what: "after", minutes: 0 }],
    ]);
    expect([planned[3]!.heldFrom, planned[3]!.step.after[0]!.step]).toEqual(["coat/2", "coat/2"]);
  });

  function after(step: string): Step["after"] {
    return [{ step, what: "after", minutes: 0 }];
  }
});
