import { expect, it } from "vitest";
import { fold } from "../journal/fold";
import { parseMoment } from "../journal/moment";
import { entryOf } from "../journal/tests/entries";
import { workToTell } from "../plan/workOfStep";
import { createSequence } from "../trade/randomSequence";
import { ownPaces } from "./ownPace";
import { plan } from "./plan";
import { planFromNow } from "./planFromNow";
import { oneWall, parsed } from "./tests/jobs";

/* Ten stripes of 300 mm: lines at 300 to 2700, of which 7.5 mm (a fortieth of a stripe) is not seen from 2.5 m. */
const job = parsed(
  oneWall(
    { width: 3000, height: 2400, skirting: 0 },
    { fit: { by: "count", count: 10 } },
    { work: { start: "2027-01-11" }, edges: { seal: "press" } },
  ),
);
let count = 0;
const clock = (minutes: number) =>
  `2027-01-11T${String(Math.floor(minutes / 60)).padStart(2, "0")}:${String(minutes % 60).padStart(2, "0")}`;
const told = (minute: number, kind: string, payload: object) =>
  entryOf(++count, clock(minute), kind, payload);
const from = (...entries: ReturnType<typeof told>[]) =>
  planFromNow(job, fold(entries), parseMoment("2027-01-11T16:00")!);
const read = (minute: number, of: string, expected: number, is: number) =>
  told(minute, "measured", { finish: "f", of, axis: "x", expected, read: is });

it("a pattern that runs away does so by least squares, and is taken back over as many steps as hide it", () => {
  const { drift, findings } = from(read(540, "f/3", 900, 903), read(600, "f/5", 1500, 1506));
  const [one] = drift!;
  expect(one).toMatchObject({ finish: "f", axis: "x", checks: 2, shows: "may show" });
  // Lines 3 and 5 are steps 2 and 4 of 8: 3 and 6 mm are 1.5 a step from nothing, 12 at the last line.
  expect([one!.offset_mm, one!.perStep_mm, one!.atEnd_mm].map((mm) => Math.round(mm * 1e6) / 1e6)).toEqual([
    0, 1.5, 12,
  ]);
  expect(one!.choices).toMatchObject([
    { choice: "leave", worst_mm: 12, shows: "may show", minutes: 0 },
    // The 6 mm of now are less than the eye sees: the next line may take them back.
    { choice: "spread", over: 1, shows: "won't show", minutes: job.work.rates.marking_min },
  ]);
  expect(findings.find(({ code }) => code === "drifts")).toMatchObject({
    severity: "check",
    say: expect.stringContaining("12"),
    remedy: expect.stringContaining("over the next step:"),
  });
});

it("one reading tells how far it is off and no trend; what is off by more than is seen is done again, or taken back in steps that are not", () => {
  const [one] = from(read(600, "f/5", 1500, 1520)).drift!;
  expect(one).toMatchObject({ offset_mm: 20, perStep_mm: 0, atEnd_mm: 20, shows: "will show", checks: 1 });
  expect(one!.choices).toMatchObject([
    { choice: "leave", shows: "will show" },
    // 20 over 7.5 is 2.7: three steps of 6.7.
    { choice: "spread", over: 3, shows: "won't show" },
    // Five lines so far, a quarter of an hour each but one minute.
    { choice: "redo", over: 5, minutes: 70, shows: "won't show" },
  ]);
  // Read again where it was, the last word counts; within what is not seen it is no finding.
  const right = from(read(600, "f/5", 1500, 1520), read(640, "f/5", 1500, 1501));
  expect(right.drift![0]).toMatchObject({ offset_mm: 1, shows: "won't show" });
  expect(right.findings.map(({ code }) => code)).not.toContain("drifts");
});

it("a pace is what was timed beside five pieces at the usual one; what is told all at once teaches none", () => {
  const tape = plan(job).steps.find(({ id }) => id === "w/tape-1")!;
  const work = { work: workToTell(tape) };
  const took = (minutes: number) =>
    from(told(13 * 60, "began", work), told(13 * 60 + minutes, "finished", work)).rates ?? [];
  const usual = job.work.rates.taping_m_min;
  const [slow] = took(tape.minutes * 2);
  expect(slow).toMatchObject({ rate: "taping_m_min", usual, pieces: 1 });
  expect(slow!.yours).toBeCloseTo(usual * Math.pow(1 / 2, 1 / 6), 9);
  expect(slow!.high / slow!.yours).toBeCloseTo(Math.exp((1.2816 * 0.33) / Math.sqrt(1.2)), 9);
  expect(slow!.low * slow!.high).toBeCloseTo(slow!.yours ** 2, 9);
  expect(took(0)).toEqual([]);
  // Over the break nobody tapes: half an hour from noon comes off.
  const over = from(
    told(11 * 60 + 50, "began", work),
    told(12 * 60 + 20 + tape.minutes, "finished", work),
  ).rates!;
  expect(over[0]!.yours).toBeCloseTo(usual, 9);
});

it("is taken back over as few steps as hide it, and done again where it shows: as counting one by one finds", () => {
  // 7.5 mm are not seen: a fortieth of a stripe.
  const unseen = 7.5;
  for (const [line, off] of [
    [2, 7.4],
    [3, 7.6],
    [4, 15.1],
    [5, 31],
    [7, 44],
    [8, 90],
  ] as const) {
    const [drift] = from(read(600, `f/${line}`, line * 300, line * 300 + off)).drift!;
    const left = 9 - line;
    let over = 1;
    while (over < left && off / over > unseen) over++;
    const spread = drift!.choices.find(({ choice }) => choice === "spread");
    expect([line, spread?.over, spread?.shows === "won't show"]).toEqual([line, over, off / over <= unseen]);
    // One reading is an offset: all lines so far are off by it.
    const redo = drift!.choices.find(({ choice }) => choice === "redo");
    expect([line, redo?.over]).toEqual([line, off > unseen ? line : undefined]);
  }
});

it("a learned pace lies in its stated band as often as it says, whoever paints", () => {
  const walls = ["a", "b", "c", "d", "e", "f"].map((id) => ({
    id,
    base: "oyster",
    width: 3000,
    height: 2400,
  }));
  const many = parsed({
    ...oneWall({}, {}),
    walls,
    finishes: walls.map(({ id }) => ({
      ...{ id: `f-${id}`, on: id, kind: "stripes", colours: ["kelp", "oyster"] },
      fit: { by: "count", count: 10 },
    })),
    work: { start: "2027-01-11" },
    edges: { seal: "press" },
  });
  const whole = plan(many);
  const taping = whole.steps.filter(({ kind }) => kind === "tape");
  expect(taping).toHaveLength(6);
  const random = createSequence(11);
  const normal = () => Array.from({ length: 12 }, random).reduce((sum, one) => sum + one, -6);
  let held = 0;
  const runs = 1000;
  for (let run = 0; run < runs; run++) {
    // Painters differ by a third; five pieces tell as much as is known beforehand.
    const slower = Math.exp(0.33 * normal());
    const timed = taping.slice(0, 1 + (run % 6)).flatMap((step) => {
      const minutes = step.minutes * slower * Math.exp(Math.sqrt(5) * 0.33 * normal());
      const work = { work: workToTell(step) };
      return [
        told(13 * 60, "began", work),
        told(13 * 60 + Math.min(600, Math.round(minutes)), "finished", work),
      ];
    });
    const [pace] = ownPaces(whole, many, fold(timed));
    const real = many.work.rates.taping_m_min / slower;
    if (pace && pace.low <= real && real <= pace.high) held++;
  }
  expect(held / runs).toBeGreaterThanOrEqual(0.75);
  expect(held / runs).toBeLessThanOrEqual(0.85);
});
