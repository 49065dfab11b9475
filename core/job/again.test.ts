import { describe, expect, it } from "vitest";
import type { Entry } from "../journal/entry";
import { fold } from "../journal/fold";
import { parseMoment } from "../journal/moment";
import type { PlanStep } from "../plan/planDayTypes";
import { workToTell } from "../plan/workOfStep";
import { planFromNow } from "./planFromNow";
import { parsed } from "./tests/jobs";
import { blockOn, clock, coat, doneBy, from, given, planned, stepOf, told } from "./tests/twoBlocks";

it("what is to be done once more is a step of its own; what was done stands, and what waits waits for both", () => {
  const tape = stepOf(planned.steps, "a/tape-1");
  const [{ ids, ...piece }] = workToTell(tape).filter(({ act }) => act === "tape") as [
    ReturnType<typeof workToTell>[number],
  ];
  expect(ids).toHaveLength(4);
  const now = tape.end + 20;
  const again = told(tape.end + 10, "again", { work: [{ ...piece, ids: ids.slice(0, 1) }], why: "a dog" });
  const after = from(now, ...doneBy(tape.end), again);
  const [first, more] = ["a/tape-1", "a/tape-1/again"].map((id) => stepOf(after.steps, id)) as [
    PlanStep,
    PlanStep,
  ];
  expect(first).toMatchObject({ state: "done", start: tape.start, end: tape.end });
  expect(first.does).toEqual(tape.does);
  expect(more.does).toMatchObject([{ act: "tape", ids: [ids[0]], pass: 2 }]);
  expect(more).toMatchObject({
    state: "ready",
    start: now,
    say: expect.stringMatching(/^Once more, 1 of 4: a: tape/),
  });
  // A quarter of the work, in whole minutes.
  expect(more.minutes).toBe(Math.ceil(tape.minutes / 4));
  expect(stepOf(after.steps, "a/paint-1-kelp-1").start).toBeGreaterThanOrEqual(more.end);
  const done = told(now + 5, "finished", { work: workToTell(more) });
  const onward = from(now + 6, ...doneBy(tape.end), again, done);
  expect(
    onward.steps.filter(({ id }) => id.startsWith("a/tape-1")).map(({ id, state }) => [id, state]),
  ).toEqual([
    ["a/tape-1", "done"],
    ["a/tape-1/again", "done"],
  ]);
  // And once more again.
  const third = told(now + 7, "again", { work: workToTell(more) });
  const last = from(now + 8, ...doneBy(tape.end), again, done, third).steps;
  expect(stepOf(last, "a/tape-1/again/again")).toMatchObject({ state: "ready", does: [{ pass: 3 }] });
  expect(stepOf(last, "a/paint-1-kelp-1").start).toBeGreaterThan(now + 8);
});

describe("coats that are to be done again when their tape is off", () => {
  const end = Math.max(coat("a", 2).end, coat("b", 2).end);
  const on = (wall: string, paint: string) =>
    [1, 2].map((number) => ({
      ...{ wall, act: "coat", of: "region", ids: [`${wall}/f-${wall}/block-1`], coat: number, with: paint },
    }));

  it("go on to fresh tape along that piece alone, and what was done stands", () => {
    const again = told(end + 10, "again", { work: on("a", "kelp"), why: "a ladder fell" });
    const { steps, paint } = from(end + 20, ...doneBy(end), again);
    const anew = steps.filter(({ id }) => /^a\/(tape|paint)-2/.test(id));
    expect(anew.map(({ id }) => id)).toEqual(["a/tape-2", "a/paint-2-kelp-1", "a/paint-2-kelp-2"]);
    // Four sides of the block, coats three hours apart, off again with the second: a second time for each piece of work.
    expect(anew[0]!.does.flatMap(({ ids }) => ids)).toHaveLength(4);
    expect(anew[1]!.does).toMatchObject([{ act: "coat", pass: 2, coat: 1 }]);
    expect(anew[2]!.start).toBeGreaterThanOrEqual(anew[1]!.end + 180);
    expect(anew[2]!.does.map(({ act }) => act)).toEqual(["coat", "peel"]);
    for (const number of [1, 2])
      expect(stepOf(steps, `a/paint-1-kelp-${number}`)).toMatchObject({
        state: "done",
        end: coat("a", number).end,
      });
    // Two coats of 1.44 m2 at 10 m2 a litre.
    const kelp = paint.find(({ colour }) => colour === "kelp")!;
    expect(kelp.terms.past_ml).toBeCloseTo(288, 6);
    const onward = from(
      end + 400,
      ...doneBy(end),
      again,
      ...anew.map((step) => told(end + 300, "finished", { work: workToTell(step) })),
    );
    expect(onward.steps.filter(({ id }) => /a\/paint/.test(id)).map(({ state }) => state)).toEqual([
      "done",
      "done",
      "done",
      "done",
    ]);
  });

  it("also where the design has another paint there now: said, and bought for those coats alone", () => {
    const turned = parsed({ ...given, finishes: [blockOn("a", "lantern"), blockOn("b")] });
    const whole = planFromNow(turned, fold(doneBy(end)), parseMoment(clock(end + 20))!);
    expect(whole.walls[0]!.findings.filter(({ code }) => code === "painted-otherwise")).toMatchObject([
      { say: "A: a piece is on the wall already in another paint than the design has there now." },
    ]);
    expect(whole.steps.filter(({ id }) => id.includes("-2-lantern")).map(({ state }) => state)).toEqual([
      "waiting",
      "waiting",
    ]);
    const lantern = whole.paint.find(({ colour }) => colour === "lantern")!;
    expect([lantern.terms.film_ml, lantern.terms.past_ml]).toEqual([expect.closeTo(288, 6), 0]);
  });

  it("in a room that is put back after it is cleared and covered once more, and put back after them", () => {
    const all = planned.work!.end;
    const again = told(all + 10, "again", { work: on("a", "kelp") });
    const openFrom = (now: number, ...entries: Entry[]) =>
      from(now, ...doneBy(all), again, ...entries)
        .steps.filter(({ state, kind }) => state !== "done" && kind !== "set-up" && kind !== "close")
        .sort((x, y) => x.start - y.start);
    const open = openFrom(all + 20);
    expect(open.map(({ id }) => id)).toEqual([
      "clear/again",
      "cover/again",
      "a/tape-2",
      "a/paint-2-kelp-1",
      "a/paint-2-kelp-2",
      "wash-tools-kelp-2",
      "furniture-back/again",
    ]);
    // Each time that it was put back.
    const done = open.map((step, place) => told(all + 30 + place, "finished", { work: workToTell(step) }));
    expect(openFrom(all + 60, ...done)).toEqual([]);
    const painted = open.filter(({ id }) => id.startsWith("a/paint")).flatMap(workToTell);
    const third = told(all + 70, "again", { work: painted.filter(({ act }) => act === "coat") });
    expect(openFrom(all + 80, ...done, third).map(({ id }) => id)).toEqual([
      "clear/again/again",
      "cover/again/again",
      "a/tape-3",
      "a/paint-3-kelp-1",
      "a/paint-3-kelp-2",
      "wash-tools-kelp-3",
      "furniture-back/again/again",
    ]);
  });
});

it("who begins in the evening is set up, and goes on from that in the morning", () => {
  const [setUp] = planned.steps;
  const [begun, ended] = [18 * 60 + 19, 18 * 60 + 45];
  const work = workToTell(setUp!);
  const begins = told(begun, "began", { work });
  expect(from(begun, begins).next).toMatchObject([{ person: 1, why: "under way since 18:19" }]);
  const done = from(ended, begins, told(ended, "finished", { work }));
  expect(done.steps.find(({ kind }) => kind === "set-up")).toMatchObject({ day: 2, state: "done" });
  expect(done.next).toMatchObject([{ step: "clear", why: "comes on 2027-01-12 at 08:20" }]);
});
