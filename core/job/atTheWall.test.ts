import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { fold } from "../journal/fold";
import { parseMoment } from "../journal/moment";
import { entryOf } from "../journal/tests/entries";
import { besideStep } from "../plan/besideStep";
import { closeOfDay } from "../plan/dayClose";
import type { PlanStep } from "../plan/planDayTypes";
import { piecesOf, workToTell, workUpTo } from "../plan/workOfStep";
import { keysOf } from "../work/keys";
import { parseJobText } from "./parseJob";
import { plan } from "./plan";
import { planFromNow } from "./planFromNow";
import type { Job } from "./schema";
import { oneWall, parsed } from "./tests/jobs";

const paints = (material = "wall-paint") => [
  { id: "oyster" },
  { id: "kelp", name: "Kelp", material },
  { id: "lantern", name: "Lantern" },
];
const stripes = (more: object = {}, colours = ["kelp", "oyster"], count = 10): Job =>
  parsed(
    oneWall(
      { width: 3000, height: 2400, skirting: 0, name: "Hall" },
      { fit: { by: "count", count }, colours },
      { work: { start: "2027-01-11" }, paints: paints(), ...more },
    ),
  );
let count = 0;
const clock = (minutes: number) =>
  `2027-01-11T${String(Math.floor(minutes / 60)).padStart(2, "0")}:${String(minutes % 60).padStart(2, "0")}`;
const told = (minute: number, kind: string, payload: object) =>
  entryOf(++count, clock(minute), kind, payload);
type Told = ReturnType<typeof told>;
const at = (job: Job, minute: number, ...entries: Told[]) =>
  planFromNow(job, fold(entries), parseMoment(clock(minute))!);
/** All steps before one, each told as it was planned. */
const before = ({ steps }: { steps: readonly PlanStep[] }, last: PlanStep): Told[] =>
  steps
    .filter(({ start, id }) => start <= last.start && id !== last.id)
    .map((step) => told(step.end, "finished", { work: workToTell(step) }));

describe("clocks", () => {
  const job = stripes({ edges: { seal: "press", peel: "dry" } });
  const whole = plan(job);
  const coat = whole.steps.find(({ id }) => id === "w/paint-1-kelp-1")!;
  const clocksAt = (minute: number, ...entries: Told[]) =>
    (at(job, minute, ...before(whole, coat), ...entries).clocks ?? []).map(({ clock: what, due, say }) => [
      what,
      due.slice(11),
      say,
    ]);

  it("a wet edge is joined within its open time from the last word of it; what is done dries from its end", () => {
    const begun = coat.start;
    const began = told(begun, "began", { work: workToTell(coat) });
    // Wall paint stays open for 40 minutes at 20 C.
    expect(clocksAt(begun + 5, began)).toContainEqual([
      "wet-edge",
      clock(begun + 40).slice(11),
      "Kelp on Hall stays wet at its edge: join it before that.",
    ]);
    const part = told(begun + 12, "finished", { work: workUpTo(coat, piecesOf(coat)[0]!) });
    expect(clocksAt(begun + 13, began, part)).toContainEqual([
      "wet-edge",
      clock(begun + 52).slice(11),
      expect.stringContaining("join it"),
    ]);
    const done = told(begun + 30, "finished", { work: workToTell(coat) });
    const after = clocksAt(begun + 31, began, done);
    expect(after.map(([what]) => what)).not.toContain("wet-edge");
    // Three hours to the next coat.
    expect(after).toContainEqual(["dry", clock(begun + 210).slice(11), "Kelp on Hall takes its next coat."]);
    expect(clocksAt(begun + 211, began, done).filter(([, , say]) => `${say}`.includes("next coat"))).toEqual(
      [],
    );
  });

  it("what settles is stirred every twenty minutes from the first stroke on", () => {
    const metal = stripes({ paints: paints("metallic-paint"), edges: { seal: "press", peel: "dry" } });
    const steps = plan(metal).steps;
    const first = steps.find(({ id }) => id === "w/paint-1-kelp-1")!;
    const began = told(first.start, "began", { work: workToTell(first) });
    const stirAt = (minute: number) =>
      at(metal, first.start + minute, ...before({ steps }, first), began)
        .clocks!.filter(({ clock: what }) => what === "stir")
        .map(({ due, say }) => [due.slice(11), say]);
    expect(stirAt(1)).toEqual([[clock(first.start + 20).slice(11), "Stir Kelp."]]);
    expect(stirAt(20)).toEqual([[clock(first.start + 20).slice(11), "Stir Kelp."]]);
    expect(stirAt(21)).toEqual([[clock(first.start + 40).slice(11), "Stir Kelp."]]);
  });
});

it("what is laid down says so until it is gone on with", () => {
  const job = stripes();
  const whole = plan(job);
  const tape = whole.steps.find(({ kind }) => kind === "tape")!;
  const work = { work: workToTell(tape) };
  const tellings = [told(tape.start, "began", work), told(tape.start + 4, "paused", work)];
  const standing = (minute: number, ...more: Told[]) => {
    const now = at(job, tape.start + minute, ...before(whole, tape), ...tellings, ...more);
    return [now.steps.find(({ id }) => id === tape.id)!.laidDown, now.next![0]!.why];
  };
  const downAt = clock(tape.start + 4);
  expect(standing(9)).toEqual([downAt, `laid down since ${downAt.slice(11)}`]);
  const on = told(tape.start + 11, "began", work);
  expect(standing(12, on)).toEqual([undefined, expect.stringContaining("under way since")]);
});

it("a seal is touched before what goes over it, once; not yet is asked again, dry no more", () => {
  const job = stripes();
  const whole = plan(job);
  const coat = whole.steps.find(({ id }) => id === "w/paint-1-kelp-1")!;
  const gatesAt = (...entries: Told[]) =>
    at(job, coat.start + 2, ...before(whole, coat), ...entries).gates ?? [];
  const [tape, seal] = gatesAt();
  expect([tape, seal]).toMatchObject([
    { gate: "tape-check", wall: "w" },
    { gate: "seal-dry", wall: "w" },
  ]);
  // Every edge of five stripes of kelp, the wall's left one among them, and masks above and below each.
  expect(tape!.work.flatMap(({ ids }) => ids)).toHaveLength(whole.walls[0]!.tape.length);
  const looked = (minute: number, verdict: string) => told(minute, "looked", { work: seal!.work, verdict });
  expect(gatesAt(looked(coat.start, "stop"))[1]).toMatchObject({ notYet: clock(coat.start) });
  expect(gatesAt(looked(coat.start, "stop"), looked(coat.start + 1, "good")).map(({ gate }) => gate)).toEqual(
    ["tape-check"],
  );
});

it("the client is asked at the first section before the rest is laid; not like that is asked again, a yes no more", () => {
  const demo = parseJobText(readFileSync("docs/examples/ferry-landing-upper-rooms.json", "utf8"));
  if (!demo.ok) throw new Error("the upper rooms are no job");
  const job = { ...demo.job, work: { ...demo.job.work, start: "2027-01-11" } };
  const whole = plan(job);
  const first = whole.steps.find(({ id }) => id.endsWith("/first-section"))!;
  const rest = whole.steps.find(({ waitsFor }) => waitsFor.some(({ step }) => step === first.id))!;
  const at2 = (minute: number) => {
    const day = Math.floor(minute / 1440);
    return `2027-01-${String(11 + day).padStart(2, "0")}T${clock(minute % 1440).slice(11)}`;
  };
  const entry = (minute: number, kind: string, payload: object) =>
    entryOf(++count, at2(minute), kind, payload);
  const done = whole.steps
    .filter(({ end }) => end <= first.end)
    .map((step) => entry(step.end, "finished", { work: workToTell(step) }));
  const gatesAt = (...entries: Told[]) =>
    planFromNow(job, fold([...done, ...entries]), parseMoment(at2(first.end + 3))!).gates ?? [];
  const [asked] = gatesAt().filter(({ gate }) => gate === "client");
  expect(asked).toMatchObject({ of: first.id, step: rest.id, wall: first.wall });
  const answer = (verdict: string, minute: number) => entry(minute, "looked", { work: asked!.work, verdict });
  const isAsked = (...entries: Told[]) => gatesAt(...entries).filter(({ gate }) => gate === "client");
  const no = answer("stop", first.end + 1);
  expect(isAsked(no)).toMatchObject([{ notYet: at2(first.end + 1) }]);
  expect(isAsked(no, answer("good", first.end + 2))).toEqual([]);
});

it("taken back over three marks, each is a third less off than the one before; read again after that, it is judged anew", () => {
  const job = stripes({ edges: { seal: "press" } });
  const read = (minute: number, of: string, expected: number, is: number) =>
    told(minute, "measured", { finish: "f", of, axis: "x", expected, read: is });
  const off = read(600, "f/5", 1500, 1520);
  const settled = told(605, "settled", { finish: "f", axis: "x", choice: "spread", over: 3 });
  const { drift, walls, findings } = at(job, 610, off, settled);
  expect(drift).toMatchObject([{ settled: "spread" }]);
  // 20 mm off at 1500: 13 1/3 at 1800, 6 2/3 at 2100, nothing at 2400.
  const marks = new Map(walls[0]!.marks.map((mark) => [mark.planned ?? mark.at, mark]));
  expect([1800, 2100, 2400].map((place) => marks.get(place)!.reading)).toEqual([
    "1813 mm",
    "2107 mm",
    "2400 mm",
  ]);
  expect(marks.get(1800)!.at).toBeCloseTo(1813.333_333, 5);
  expect(marks.get(2400)!.planned).toBeUndefined();
  expect(findings.map(({ code }) => code)).not.toContain("drifts");
  const again = at(job, 700, off, settled, read(690, "f/8", 2400, 2401)).drift![0]!;
  expect(again.settled).toBeUndefined();
  expect(again).toMatchObject({ checks: 1, offset_mm: 1, shows: "won't show" });
});

it("a day's close has what hands really took without the break, what dries past it, and what comes first", () => {
  const job = stripes({ edges: { seal: "press", peel: "dry" } });
  const whole = plan(job);
  const coat = whole.steps.find(({ id }) => id === "w/paint-1-kelp-1")!;
  const tape = whole.steps.find(({ kind }) => kind === "tape")!;
  const earlier = whole.steps
    .filter(({ start, id }) => start < tape.start && id !== coat.id)
    .map((step) => told(8 * 60, "finished", { work: workToTell(step) }));
  const [taping, coating] = [{ work: workToTell(tape) }, { work: workToTell(coat) }];
  const entries = [
    ...earlier,
    ...[told(11 * 60 + 50, "began", taping), told(12 * 60 + 40, "finished", taping)],
    ...[told(15 * 60 + 40, "began", coating), told(16 * 60 + 30, "finished", coating)],
  ];
  const { done, minutes, drying, tomorrow } = closeOfDay(at(job, 16 * 60 + 40, ...entries))!;
  const before = closeOfDay(at(job, 11 * 60 + 40, ...earlier))!;
  expect(done.slice(-2).map(({ id }) => id)).toEqual([tape.id, coat.id]);
  // From ten to twelve to twenty to one is twenty minutes beside half an hour of break; the coat took fifty.
  expect(minutes - before.minutes).toBe(20 + 50);
  expect(drying.map(({ due, say }) => [due.slice(11), say])).toContainEqual([
    "19:30",
    "Kelp on Hall takes its next coat.",
  ]);
  expect(tomorrow!.first.id).toBe("w/paint-1-kelp-2");
  expect(closeOfDay(whole)).toBeNull();
});

it("beside a coat stand the pieces of other colours that touch it and are wet, and no others", () => {
  // Kelp, lantern, oyster, kelp, lantern, oyster: each lantern touches one kelp.
  const job = stripes({ edges: { seal: "press" } }, ["kelp", "lantern", "oyster"], 9);
  const { steps } = plan(job);
  const coats = steps.filter(({ kind, coat }) => kind === "paint" && coat === 1);
  const [first, second] = coats as [PlanStep, PlanStep];
  const now = first.end + 1;
  const whole = at(
    job,
    now,
    ...before({ steps }, first),
    told(first.end, "finished", { work: workToTell(first) }),
  );
  const next = whole.steps.find(({ id }) => id === second.id)!;
  const beside = besideStep(whole, next, now)!;
  expect(beside.wet.map(({ colour }) => colour)).toEqual(beside.wet.map(() => first.colour));
  expect(beside.wet).toHaveLength(3);
  expect(
    besideStep(
      whole,
      whole.steps.find(({ wall }) => wall === undefined)!,
      now,
    ),
  ).toBeNull();
});

it("what was done on two days stands on both, as it was told, and no day is closed in the next one", () => {
  const read = parseJobText(readFileSync("docs/examples/ferry-landing.json", "utf8"));
  if (!read.ok) throw new Error("it does not validate");
  const whole = plan(read.job);
  const prints = whole.steps.find(({ id }) => id === "shelf/shelf-rope/print-1")!;
  const first = prints.stretches![0]!.ids.map(([, to]) => to);
  const [early, late] = [
    workToTell({
      ...prints,
      does: prints.does.map((one, place) => ({ ...one, ids: one.ids.slice(0, first[place]) })),
    }),
    workToTell({
      ...prints,
      does: prints.does.map((one, place) => ({ ...one, ids: one.ids.slice(first[place]) })),
    }),
  ];
  const tell = (time: string, kind: string, work: object) =>
    entryOf(++count, `2027-01-${time}`, kind, { work });
  const entries = [
    ...whole.steps
      .filter(({ start }) => start < prints.start)
      .map((step) => tell(step.day === 1 ? "11T15:00" : "12T09:30", "finished", workToTell(step))),
    ...[tell("12T15:00", "began", early), tell("12T16:10", "finished", early)],
    ...[tell("13T08:20", "began", late), tell("13T10:05", "finished", late)],
  ];
  const { steps } = planFromNow(read.job, fold(entries), parseMoment("2027-01-13T10:06")!);
  const days = steps.filter(({ id }) => id.startsWith(prints.id)).map(({ day, from, to }) => [day, from, to]);
  expect([days[0], days.at(-1)]).toEqual([
    [2, "15:00", "16:10"],
    [3, "08:20", "10:05"],
  ]);
  expect(steps.find(({ id }) => id === "day-2/close-1")).toMatchObject({ day: 2, from: "16:10" });
});

it("so far is a part that grows with the piece, and with the last one all that is done piece by piece", () => {
  const read = parseJobText(readFileSync("docs/examples/ferry-landing.json", "utf8"));
  if (!read.ok) throw new Error("it does not validate");
  let looked = 0;
  for (const step of plan(read.job).steps) {
    const pieces = piecesOf(step);
    let last = 0;
    for (const piece of pieces) {
      const keys = keysOf(workUpTo(step, piece));
      expect(new Set(keysOf(workToTell(step)))).toEqual(new Set([...keysOf(workToTell(step)), ...keys]));
      expect(keys.length).toBeGreaterThanOrEqual(last);
      expect(keys.some((key) => key.includes(` ${piece.id} `))).toBe(true);
      last = keys.length;
      looked++;
    }
    if (step.stretches && pieces.length > 0)
      expect(last).toBe(
        keysOf(workToTell({ ...step, does: step.does.filter(({ of }) => of !== "paint") })).length,
      );
  }
  expect(looked).toBeGreaterThan(300);
});
