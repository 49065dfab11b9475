import { describe, expect, it } from "vitest";
import type { Entry } from "../journal/entry";
import { fold } from "../journal/fold";
import { parseMoment } from "../journal/moment";
import { entryOf } from "../journal/tests/entries";
import type { PlanStep } from "../plan/planDayTypes";
import { workToTell } from "../plan/workOfStep";
import { plan } from "./plan";
import { planFromNow } from "./planFromNow";
import { parsed } from "./tests/jobs";

/* A block of kelp on the finished base of each of two walls: two coats three hours apart, peeled with the second. */
const wallOf = (id: string) => ({
  id,
  name: id,
  width: 2400,
  height: 2400,
  skirting: 0,
  base: "oyster",
});
const blockOn = (on: string, colour = "kelp") => ({
  id: `f-${on}`,
  on,
  kind: "blocks",
  blocks: [{ shape: "rectangle", x: 400, y: 400, width: 1200, height: 1200, colour }],
});
const given = {
  format: "jacaranda-job/1",
  name: "Blocks",
  work: { start: "2027-01-11" },
  edges: { seal: "press" },
  paints: [
    { id: "oyster", name: "Oyster", tapeOver_min: 1440, touchDry_min: 60 },
    { id: "kelp", name: "Kelp", recoat_min: 180, spreadRate_m2_per_l: 10 },
    { id: "lantern", name: "Lantern", recoat_min: 180, spreadRate_m2_per_l: 10 },
  ],
  walls: [wallOf("a"), wallOf("b")],
  finishes: [blockOn("a"), blockOn("b")],
};
const job = parsed(given);
const planned = plan(job);
const stepOf = (steps: readonly PlanStep[], id: string) => steps.find((step) => step.id === id)!;
const clock = (minutes: number) => {
  const [day, time] = [Math.floor(minutes / 1440), minutes % 1440];
  return `2027-01-${11 + day}T${String(Math.floor(time / 60)).padStart(2, "0")}:${String(time % 60).padStart(2, "0")}`;
};
let count = 0;
const told = (minute: number, kind: string, payload: object): Entry =>
  entryOf(++count, clock(minute), kind, payload);
const doneBy = (minute: number) =>
  planned.steps
    .filter(({ end }) => end <= minute)
    .flatMap((step) => [
      told(step.start, "began", { work: workToTell(step) }),
      told(step.end, "finished", { work: workToTell(step) }),
    ]);
const from = (minute: number, ...entries: Entry[]) =>
  planFromNow(job, fold(entries), parseMoment(clock(minute))!);
const coat = (wall: string, number: number) => stepOf(planned.steps, `${wall}/paint-1-kelp-${number}`);
const shows = (minute: number, step: PlanStep) =>
  told(minute, "looked", {
    work: workToTell(step).filter(({ act }) => act === "coat"),
    verdict: "ground-shows",
  });
const kelpOf = (whole: ReturnType<typeof from>) => whole.paint.find(({ colour }) => colour === "kelp")!;

describe("a look through which the ground shows", () => {
  it("after the first coat asks for one more than planned of that colour, with its paint and its wait", () => {
    const now = coat("a", 1).end + 5;
    const after = from(now, ...doneBy(coat("a", 1).end), shows(now - 1, coat("a", 1)));
    const third = stepOf(after.steps, "a/paint-1-kelp-3");
    expect(third.start).toBeGreaterThanOrEqual(stepOf(after.steps, "a/paint-1-kelp-2").end + 180);
    // It comes off with the last coat, which is another one now.
    expect(third.does.some(({ act }) => act === "peel")).toBe(true);
    expect(stepOf(after.steps, "a/paint-1-kelp-2").does.some(({ act }) => act === "peel")).toBe(false);
    expect(stepOf(after.steps, "b/paint-1-kelp-3")).toBeDefined();
    // Two blocks of 1.44 m2 at 10 m2 a litre: a coat is 288 ml. For touching up 5 % of 864 ml, where a jar of 30 did before.
    expect(kelpOf(after).need_ml - kelpOf(planned).need_ml).toBeCloseTo(288 + 0.05 * 864 - 30, 6);
  });

  it("after the last one asks for the next, to tape that is laid anew; where all is on and good, nothing more is done", () => {
    const end = Math.max(coat("a", 2).end, coat("b", 2).end);
    const now = end + 5;
    const after = from(now, ...doneBy(end), shows(now - 1, coat("a", 2)));
    const rounds = after.steps.filter(({ wall, id }) => wall === "a" && /(tape|paint)-\d/.test(id));
    expect(rounds.map(({ id, state }) => [id, state])).toEqual([
      ["a/tape-1", "done"],
      ["a/paint-1-kelp-1", "done"],
      ["a/paint-1-kelp-2", "done"],
      ["a/tape-2", "waiting"],
      ["a/paint-2-kelp-3", "waiting"],
    ]);
    const [tape, third] = rounds.slice(3) as [PlanStep, PlanStep];
    expect(tape.start).toBeGreaterThanOrEqual(now);
    expect(third.start).toBeGreaterThanOrEqual(Math.max(tape.end, coat("a", 2).end + 180));
    expect(third.does.some(({ act }) => act === "peel")).toBe(true);
    expect(after.steps.filter(({ id }) => /^b\/(tape|paint)-2/.test(id))).toEqual([]);
    // Of one block: 144 ml more, and for touching up 5 % of 720 ml, where a jar of 30 did before.
    expect(kelpOf(after).need_ml - kelpOf(planned).need_ml).toBeGreaterThanOrEqual(144);
    const laid = told(now + 30, "finished", { work: workToTell(tape) });
    const onward = from(now + 31, ...doneBy(end), shows(now - 1, coat("a", 2)), laid);
    expect(stepOf(onward.steps, "a/tape-2").state).toBe("done");
  });

  it("good, uneven, or a stop, asks for no coat", () => {
    const end = coat("a", 1).end;
    const good = told(end + 1, "looked", { work: workToTell(coat("a", 1)), verdict: "good" });
    const after = from(end + 5, ...doneBy(end), good);
    expect(after.steps.map(({ id }) => id)).not.toContain("a/paint-1-kelp-3");
  });
});

describe("what went wrong", () => {
  const end = Math.max(coat("a", 2).end, coat("b", 2).end);
  const bleed = told(end + 2, "trouble", { trouble: "bleed", wall: "a", place: [398, 900] });
  const mendsIn = (steps: readonly PlanStep[]) => steps.filter(({ id }) => id.includes("/mend-"));

  it("is mended in steps of its own from now on, each after what the one before asks for", () => {
    const after = from(end + 5, ...doneBy(end), bleed);
    const mends = mendsIn(after.steps);
    expect(mends.map(({ say }) => say)).toEqual([
      "a, mending (paint crept under the tape): lay fresh tape on Kelp, exactly along the line.",
      "a, mending: mend Oyster against it, over what crept; peel while it is wet.",
      "a, mending: lay fresh tape on Oyster, exactly along the line, and press it down.",
      "a, mending: seal that edge with Oyster.",
      "a, mending: touch Kelp up to the tape, and peel while it is wet.",
    ]);
    expect(mends[0]!.start).toBeGreaterThanOrEqual(end + 5);
    // A day until Oyster takes tape; an hour until its seal is dry.
    expect(mends[2]!.start).toBeGreaterThanOrEqual(mends[1]!.end + 1440);
    expect(mends[4]!.start).toBeGreaterThanOrEqual(mends[3]!.end + 60);
    const first = told(end + 20, "finished", { work: workToTell(mends[0]!) });
    const onward = mendsIn(from(end + 21, ...doneBy(end), bleed, first).steps);
    expect(onward.map(({ state }) => state)).toEqual(["done", "ready", "waiting", "waiting", "waiting"]);
  });

  it("found when the room is put back, has it opened once more; done, leaves it closed", () => {
    const all = planned.work!.end;
    const openIn = (now: number, ...entries: Entry[]) =>
      from(now, ...doneBy(all), bleed, ...entries).steps.filter(
        ({ state, kind }) => state !== "done" && kind !== "set-up" && kind !== "close",
      );
    const open = openIn(all + 10);
    expect(open.map(({ id }) => id.replace(/mend-.*-/, "mend-")).sort()).toEqual([
      "a/mend-1",
      "a/mend-2",
      "a/mend-3",
      "a/mend-4",
      "a/mend-5",
      "clear/again",
      "cover/again",
      "furniture-back/again",
    ]);
    const cover = open.find(({ id }) => id === "cover/again")!;
    expect(mendsIn(open).every(({ start }) => start >= cover.end)).toBe(true);
    const done = open.map((step, place) => told(all + 20 + place, "finished", { work: workToTell(step) }));
    expect(openIn(all + 60, ...done)).toEqual([]);
  });

  it("told as put right is not mended any more", () => {
    const right = told(end + 9, "mended", { snag: bleed.id });
    expect(mendsIn(from(end + 10, ...doneBy(end), bleed, right).steps)).toEqual([]);
    // What is no mishap that anyone knows a remedy of is kept, and told of.
    const strange = told(end + 2, "trouble", { trouble: "a-cat", wall: "a", place: [1, 1] });
    expect(mendsIn(from(end + 10, ...doneBy(end), strange).steps)).toEqual([]);
  });
});

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
    expect([lantern.terms.film_ml, lantern.terms.past_ml]).toEqual([0, expect.closeTo(288, 6)]);
  });

  it("in a room that is put back after it is cleared and covered once more, and put back after them", () => {
    const all = planned.work!.end;
    const again = told(all + 10, "again", { work: on("a", "kelp") });
    const { steps } = from(all + 20, ...doneBy(all), again);
    const open = steps
      .filter(({ state, kind }) => state !== "done" && kind !== "set-up" && kind !== "close")
      .sort((x, y) => x.start - y.start);
    expect(open.map(({ id }) => id)).toEqual([
      "clear/again",
      "cover/again",
      "a/tape-2",
      "a/paint-2-kelp-1",
      "a/paint-2-kelp-2",
      "wash-tools-kelp-2",
      "furniture-back/again",
    ]);
  });
});

it("where the ground shows on two walls and tape is off on one alone, each is taped anew where the next coat goes", () => {
  // The tape of a is never told as peeled.
  const end = Math.max(coat("a", 2).end, coat("b", 2).end);
  const stillOn = doneBy(end).map((entry) => {
    const { work = [] } = entry.payload as { readonly work?: readonly { act: string; wall?: string }[] };
    const kept = work.filter(({ act, wall }) => !(act === "peel" && wall === "a"));
    return { ...entry, payload: { ...(entry.payload as object), work: kept } };
  });
  const looks = ["a", "b"].map((wall) => shows(end + 1, coat(wall, 2)));
  const after = from(end + 5, ...stillOn, ...looks);
  for (const wall of ["a", "b"]) {
    const [tape, third] = [`${wall}/tape-2`, `${wall}/paint-2-kelp-3`].map((id) => stepOf(after.steps, id));
    expect(third!.start).toBeGreaterThanOrEqual(tape!.end);
    expect(third!.does.some(({ act }) => act === "peel")).toBe(true);
  }
});

it("marks count as made where the tape read as it does now; those that have moved since are made anew", () => {
  const reads = (marks: readonly { id: string; reading: string }[]) =>
    Object.fromEntries(marks.map(({ id, reading }) => [id, reading]));
  const { marks } = planned.walls.find(({ id }) => id === "a")!;
  const setOut = planned.steps.find(
    ({ does, wall }) => wall === "a" && does.some(({ act }) => act === "mark"),
  )!;
  const work = workToTell(setOut);
  const ids = new Set(work.filter(({ act }) => act === "mark").flatMap((one) => one.ids));
  const own = marks.filter(({ id }) => ids.has(id));
  expect(own.length).toBeGreaterThan(1);
  const now = setOut.end + 1;
  const openIn = (readings: Record<string, string>) =>
    from(now, told(setOut.end, "marked", { work, readings }))
      .steps.filter(({ state, wall }) => wall === "a" && state !== "done")
      .flatMap(({ does }) => does.filter(({ act }) => act === "mark").flatMap((one) => one.ids));
  expect(openIn(reads(own))).toEqual([]);
  const [moved] = own as [(typeof own)[number]];
  expect(openIn({ ...reads(own), [moved.id]: "9999" })).toEqual([moved.id]);
});
