import { describe, expect, it } from "vitest";
import type { Entry } from "../journal/entry";
import { fold } from "../journal/fold";
import { parseMoment } from "../journal/moment";
import { entryOf } from "../journal/tests/entries";
import type { PlanStep } from "../plan/planDayTypes";
import { workToTell } from "../plan/workOfStep";
import { plan } from "./plan";
import { planFromNow } from "./planFromNow";
import { oneWall, parsed } from "./tests/jobs";

/* A block of kelp on a finished base, on Monday 11 January 2027: set out, taped, two coats three hours apart, tape off. */
const job = parsed(
  oneWall(
    { width: 2400, height: 2400, skirting: 0 },
    {},
    {
      work: { start: "2027-01-11" },
      edges: { seal: "press" },
      paints: [{ id: "oyster" }, { id: "kelp", name: "Kelp", recoat_min: 180 }],
      finishes: [
        {
          id: "f",
          on: "w",
          kind: "blocks",
          blocks: [{ shape: "rectangle", x: 400, y: 400, width: 1200, height: 1200, colour: "kelp" }],
        },
      ],
    },
  ),
);
const stepOf = (steps: readonly PlanStep[], id: string) => steps.find((step) => step.id === id)!;
const { steps } = plan(job);
const [first, second] = [stepOf(steps, "w/paint-1-kelp-1"), stepOf(steps, "w/paint-1-kelp-2")];
const clock = (minutes: number) =>
  `2027-01-11T${String(Math.floor(minutes / 60)).padStart(2, "0")}:${String(minutes % 60).padStart(2, "0")}`;

let count = 0;
const told = (kind: string, at: string, payload: object): Entry => entryOf(++count, at, kind, payload);
const workOf = ({ does }: PlanStep) => ({
  work: does.map(({ act, wall, of, ids, pass, coat }) => ({ act, wall, of, ids, pass, coat })),
});
/** All before the first coat as planned. */
const before = steps
  .filter(({ end }) => end <= first.start)
  .flatMap((step) => [
    told("began", clock(step.start), workOf(step)),
    told("finished", clock(step.end), workOf(step)),
  ]);
const from = (now: string, ...entries: Entry[]) =>
  planFromNow(job, fold([...before, ...entries]), parseMoment(now)!);
const done = (step: PlanStep, end: number) => [
  told("began", clock(step.start), workOf(step)),
  told("finished", clock(end), workOf(step)),
];

describe("from now on", () => {
  it("a coat that ended late keeps its time, and the next waits from that", () => {
    const end = first.end + 37;
    const late = from(clock(end + 5), ...done(first, end));
    expect(stepOf(late.steps, first.id)).toMatchObject({
      state: "done",
      start: first.start,
      end,
      since: clock(end),
    });
    expect(stepOf(late.steps, second.id)).toMatchObject({
      state: "waiting",
      start: end + 180,
      until: clock(end + 180),
    });
    expect(late.next).toEqual([
      { person: 1, step: second.id, why: `waits until ${clock(end + 180).slice(11)}: Kelp on w dries` },
    ]);
    expect(late.now).toBe(clock(end + 5));
    // Three hours on it is ready, and on offer from then; what nobody has begun comes no earlier than now.
    const ready = stepOf(from(clock(end + 200), ...done(first, end)).steps, second.id);
    expect(ready).toMatchObject({ state: "ready", since: clock(end + 180), start: end + 200 });
  });

  it("dries in the air that was and is: at 10 C at half the pace, from when that was read", () => {
    // An hour of the label at 20 C, and the two that are left take four.
    const cold = told("air", clock(first.end + 60), { temperature: 10, humidity: 50 });
    const planned = from(clock(first.end + 61), ...done(first, first.end), cold);
    const due = first.end + 60 + 240;
    const second10 = stepOf(planned.steps, second.id);
    expect(second10.waitsFor.find(({ step }) => step === first.id)!.until).toBe(due);
    expect(second10.start).toBeGreaterThanOrEqual(due);
  });

  it("who is not there does nothing; what is left out is waited for by nothing; what is to be done again is open", () => {
    const away = told("hours", clock(first.end), { who: "Wren", from: clock(480), to: clock(first.end) });
    const tomorrow = stepOf(from(clock(first.end + 1), ...done(first, first.end), away).steps, second.id);
    expect(tomorrow.day).toBe(2);
    const skipped = told("skipped", clock(first.start), { ...workOf(first), why: "it covers" });
    const onward = stepOf(from(clock(first.start + 1), skipped).steps, second.id);
    expect(onward.start).toBe(first.start + 1);
    const again = told("again", clock(first.end + 10), { ...workOf(first), why: "bled" });
    const after = from(clock(first.end + 11), ...done(first, first.end), again).steps;
    expect(stepOf(after, first.id)).toMatchObject({ state: "done", start: first.start });
    // Onto a coat that is dry for it.
    expect(stepOf(after, `${first.id}/again`)).toMatchObject({ state: "waiting", start: first.end + 180 });
  });

  it("tells what is on the wall and no longer designed, piece by piece once", () => {
    const gone = { work: [{ wall: "w", act: "coat", of: "region", ids: ["w/f/block-9"], coat: 1 }] };
    const whole = from(clock(first.start), told("finished", clock(first.start), gone));
    expect(whole.walls[0]!.findings.filter(({ code }) => code === "painted-otherwise")).toMatchObject([
      { severity: "check", say: expect.stringContaining("a piece is on the wall already") },
    ]);
    expect(from(clock(first.start)).walls[0]!.findings.map(({ code }) => code)).not.toContain(
      "painted-otherwise",
    );
  });

  it("of a paint that was weighed tells what is used, left and needed, by the painter's own use", () => {
    // Two alike coats: half of the need is gone as planned. A litre was there; a third more than that is used.
    const planned = plan(job).paint.find(({ colour }) => colour === "kelp")!;
    const tin = 1000;
    const stocked = {
      ...job,
      paints: job.paints.map((paint) =>
        paint.id === "kelp" ? { ...paint, onHandMl: tin, packs: [] } : paint,
      ),
    };
    const half = planned.need_ml / 2;
    const at = (minute: number, left_ml: number) =>
      planFromNow(
        stocked,
        fold([
          ...before,
          ...done(first, first.end),
          told("weighed", clock(first.end + minute), { paint: "kelp", left_ml }),
        ]),
        parseMoment(clock(first.end + minute + 1))!,
      ).forecast!;
    const [kelp] = at(3, tin - (half * 4) / 3);
    // One piece of work beside the usual, which has the weight of one: the root of 4/3 is taken.
    const own = Math.pow(4 / 3, 1 / 2);
    expect(kelp).toMatchObject({ paint: "kelp" });
    expect(kelp!.needs_ml).toBeCloseTo(half * own, 6);
    expect(kelp!.used_ml).toBeCloseTo((half * 4) / 3, 6);
    expect(kelp!.high_ml / kelp!.needs_ml).toBeCloseTo(
      // Half of what painters differ by is left, and all that one piece differs by from the next.
      Math.exp(1.2816 * Math.sqrt(0.04 / 2 + 0.04)),
      6,
    );
    expect(kelp!.low_ml * kelp!.high_ml).toBeCloseTo(kelp!.needs_ml ** 2, 6);
    expect(at(5, 3 * half)).toMatchObject([{ verdict: "enough" }]);
    expect(at(7, half / 4)).toMatchObject([{ verdict: "short", stopAt: second.id }]);
  });

  it("what is told as done a little after midnight was done on that day, and its day is set up and closed in it", () => {
    const early = told("finished", clock(16), { work: plan(job).steps.flatMap(workToTell) });
    const { steps } = planFromNow(job, fold([early]), parseMoment("2027-01-11T01:16")!);
    expect(Math.min(...steps.map(({ day }) => day))).toBe(1);
    expect(steps.filter(({ state }) => state !== "done")).toEqual([]);
  });

  it("what two do together is told by one; beside him is whoever is at nothing else by then", () => {
    const walls = ["u", "v"].map((id) => ({
      ...{ id, base: "oyster", width: 3000, height: 2400 },
      fixtures: [{ id: `p-${id}`, kind: "plate", x: 300, y: 1100, width: 86, height: 86 }],
    }));
    const three = parsed({
      ...oneWall({}, {}),
      walls,
      finishes: walls.map(({ id }) => ({
        ...{ id: `f-${id}`, on: id, kind: "stripes", colours: ["kelp", "oyster"] },
        fit: { by: "count", count: 8 },
      })),
      work: { start: "2027-01-11", crew: 3 },
    });
    const { steps } = plan(three);
    const [off, wash] = ["u/plates-off", "v/wash-wall"].map((id) => steps.find((step) => step.id === id)!);
    expect(wash!.people).toHaveLength(2);
    const setUp = steps.filter(({ kind, day }) => kind === "set-up" && day === 1);
    for (const busy of [1, 2, 3])
      for (const washer of [1, 2, 3].filter((hand) => hand !== busy)) {
        const name = (hand: number) => `Hand ${hand}`;
        const entries = [
          ...setUp.map((step, place) =>
            entryOf(900 + place, clock(500), "finished", { work: workToTell(step) }, name(place + 1)),
          ),
          entryOf(910, clock(540), "began", { work: workToTell(off!) }, name(busy)),
          entryOf(911, clock(541), "began", { work: workToTell(wash!) }, name(washer)),
        ];
        const now = planFromNow(three, fold(entries), parseMoment(clock(542))!);
        const running = now.steps.find(({ id }) => id === wash!.id)!;
        expect([busy, washer, running.people]).toEqual([
          ...[busy, washer],
          [1, 2, 3].filter((hand) => hand !== busy),
        ]);
      }
  });

  it("without a first day begins on the day of the first entry", () => {
    const undated = { ...job, work: { ...job.work, start: undefined } };
    const late = planFromNow(undated, fold(before), parseMoment("2027-01-12T09:00")!);
    expect(late.days[0]!.date).toBe("2027-01-11");
    expect(planFromNow(undated, fold([]), parseMoment("2027-01-14T09:00")!).days[0]!.date).toBe("2027-01-14");
  });
});
