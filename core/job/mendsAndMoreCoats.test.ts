import { describe, expect, it } from "vitest";
import type { Entry } from "../journal/entry";
import type { PlanStep } from "../plan/planDayTypes";
import { workToTell } from "../plan/workOfStep";
import { coat, doneBy, from, planned, stepOf, told } from "./tests/twoBlocks";

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
