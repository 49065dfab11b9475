import { idsDone } from "../plan/workOfStep";
import fc from "fast-check";
import { stencilLibrary } from "../stencil/library";
import { expect, it } from "vitest";
import { randomSurvey } from "../wall/tests/surveys";
import { emitPlan } from "./emitPlan";
import { layOutJob } from "./layOutJob";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { edgesInRounds, roundsOfJob } from "./roundsOfJob";
import type { Plan } from "../plan/planTypes";
import type { PlanStep } from "../plan/planDayTypes";
import type { Job } from "./schema";
import { anyFinish } from "./tests/anyFinish";
import { runsOf } from "@/core/tests/runsOf";

const label = fc.record({
  material: fc.constantFrom("wall-paint", "limewash", "pearl-coat", "metallic-paint", "gloss"),
  coats: fc.integer({ min: 1, max: 3 }),
  recoat_min: fc.integer({ min: 0, max: 400 }),
  tapeOver_min: fc.integer({ min: 0, max: 3000 }),
  touchDry_min: fc.integer({ min: 0, max: 200 }),
});
const condition = fc.record({
  kind: fc.constantFrom("crack", "patch", "gloss", "grease", "bare-plaster", "old-paint", "varnish", "wax"),
});
const fixture = fc.record({ kind: fc.constantFrom("plate", "radiator", "shelf", "furniture") });
const wall = fc.record({
  survey: randomSurvey,
  texture: fc.constantFrom("smooth", "light", "heavy", "brick"),
  state: fc.constantFrom(
    { baseState: "on" },
    { baseState: "paint" },
    { baseState: "paint", primer: "ground" },
  ),
  conditions: fc.array(condition, { maxLength: 2 }),
  fixtures: fc.array(fixture, { maxLength: 2 }),
  finishes: fc.array(anyFinish, { minLength: 1, maxLength: 2 }),
});
const anyJob = fc
  .record({
    walls: fc.array(wall, { minLength: 1, maxLength: 3 }),
    labels: fc.array(label, { minLength: 4, maxLength: 4 }),
    school: fc.constantFrom("finish", "coat-by-coat"),
    edges: fc.record({
      seal: fc.constantFrom("colour", "caulk", "press"),
      curves: fc.constantFrom("tape", "hand"),
      straight: fc.constantFrom("tape", "hand"),
      peel: fc.constantFrom("auto", "wet", "dry"),
    }),
    work: fc.record({
      crew: fc.integer({ min: 1, max: 3 }),
      temperature: fc.integer({ min: 8, max: 35 }),
      humidity: fc.integer({ min: 20, max: 85 }),
      secondCoat: fc.constantFrom("label", "touch", "next-day"),
    }),
  })
  .map(({ walls, labels, ...rest }) => ({
    format: "jacaranda-job/1",
    name: "Any work",
    ...rest,
    stencils: stencilLibrary,
    paints: [
      ...["oyster", "kelp", "brine", "lantern"].map((id, index) => ({ id, ...labels[index]! })),
      { id: "ground", material: "primer" },
    ],
    walls: walls.map(({ survey, texture, state, conditions, fixtures }, index) => ({
      id: `w${index}`,
      base: "oyster",
      survey,
      texture,
      ...state,
      conditions,
      fixtures: fixtures.map(({ kind }, place) => ({
        id: `x${place}`,
        kind,
        x: 300 + 400 * place,
        y: -300,
        width: 90,
        height: 90,
      })),
    })),
    finishes: walls.flatMap(({ finishes }, index) =>
      finishes.map((finish, place) => ({ id: `f${index}-${place}`, on: `w${index}`, ...finish })),
    ),
  }));

/** Steps of a wall by kind, and what the days promise of them. */
class Days {
  constructor(
    readonly job: Job,
    readonly plan: Plan,
  ) {}
  readonly paintOf = (id: string) => this.job.paints.find((paint) => paint.id === id)!;
  readonly wait = (minutes: number) => minutes * this.plan.work!.factor - 1e-6;
  steps(wallId: string | undefined, ...kinds: PlanStep["kind"][]): PlanStep[] {
    return this.plan.steps.filter(({ kind, wall: on }) => kinds.includes(kind) && on === wallId);
  }
  coatsOf(wallId: string, region: string): PlanStep[] {
    return this.steps(wallId, "paint").filter((step) => idsDone(step, "coat").includes(region));
  }
}

function checkTape(days: Days, wallId: string): void {
  const planned = days.plan.walls.find(({ id }) => id === wallId)!;
  for (const round of new Set(planned.tape.map((piece) => piece.round))) {
    const taped = days.steps(wallId, "tape").filter((step) => step.round === round);
    expect(taped.length).toBeGreaterThan(0);
    const start = taped[0]!.start;
    for (const { over, overRegion } of planned.tape.filter((piece) => piece.round === round)) {
      if (over === null) continue;
      const isBase = days.coatsOf(wallId, overRegion!).length === 0;
      const ground = isBase ? days.steps(wallId, "base") : days.coatsOf(wallId, overRegion!);
      const before = ground.filter((step) => step.start < start);
      // What is under the tape has been painted, unless it was on the wall from the first.
      if (!isBase) expect(before.length).toBeGreaterThan(0);
      for (const { end } of before) {
        expect(start).toBeGreaterThanOrEqual(end + days.wait(days.paintOf(over).tapeOverMin));
      }
    }
  }
}

function checkCoats(days: Days, wallId: string): void {
  const planned = days.plan.walls.find(({ id }) => id === wallId)!;
  const { edges, work } = days.job;
  for (const region of planned.regions) {
    const coats = days.coatsOf(wallId, region.id).sort((a, b) => a.start - b.start);
    const isPainted = days.plan.rounds.some(({ regions }) => regions.includes(region.id));
    expect(new Set(coats.map(({ coat }) => coat)).size).toBe(
      isPainted ? days.paintOf(region.colour).coats : 0,
    );
    const { recoatMin, touchDryMin } = days.paintOf(region.colour);
    const least = work.secondCoat === "touch" ? Math.min(touchDryMin, recoatMin) : recoatMin;
    coats.forEach((step, place) => {
      const former = coats.slice(0, place).filter(({ coat }) => coat! < step.coat!);
      for (const { end } of former) expect(step.start).toBeGreaterThanOrEqual(end + days.wait(least));
      const seals = [...days.steps(wallId, "tape"), ...days.steps(wallId, "seal")];
      for (const { end } of seals.filter(({ round }) => round === step.round)) {
        expect(step.start).toBeGreaterThanOrEqual(end);
      }
    });
  }
  const hasSeals = days.steps(wallId, "seal").some(({ round }) => round !== 0);
  const inRounds = planned.tape.filter(({ round }) => round > 0);
  if (edges.seal === "caulk" || inRounds.length === 0) expect(hasSeals).toBe(false);
  const dried = days.steps(wallId, "peel").filter(({ id }) => !id.endsWith("/peel-base"));
  // Wet tape is left to dry only where it parts colours that cannot be wet together.
  const parts = planned.tape.some(({ andCuts }) => andCuts !== undefined);
  if (planned.peel.when === "dry") expect(dried.length > 0).toBe(inRounds.length > 0);
  else if (edges.peel === "wet" || !parts) expect(dried).toEqual([]);
  for (const { round, start } of dried) {
    const painted = days.steps(wallId, "paint").filter((step) => step.round === round);
    for (const { end } of painted) expect(start).toBeGreaterThanOrEqual(end);
  }
}

/** No tape leaves before the last coat of what is beside it is on, none is laid after painting there began. */
function checkLeaving(days: Days, wallId: string): void {
  const planned = days.plan.walls.find(({ id }) => id === wallId)!;
  const laidOut = layOutJob(days.job);
  const rounds = roundsOfJob(laidOut, days.job.school);
  const pieces = edgesInRounds(laidOut, rounds).laid.get(wallId)!.flat();
  const stepOf = (id: string) => days.plan.steps.find((step) => step.id === id)!;
  const groupOf = (round: number) => rounds.find((own) => own.round === round)!.group;
  const masks = planned.tape.filter(({ round }) => round === 0);
  // Masks around a base are on before it and come off with its last coat, or after it.
  for (const { laidIn, offIn } of masks) {
    const [laid, off] = [stepOf(laidIn!), stepOf(offIn!)];
    for (const { start, end, id } of days.steps(wallId, "prime", "base")) {
      expect(laid.end).toBeLessThanOrEqual(start);
      if (id !== offIn) expect(end).toBeLessThanOrEqual(off.start);
    }
  }
  planned.tape.slice(masks.length).forEach(({ laidIn, offIn, round, centred, over }, index) => {
    const [laid, off] = [stepOf(laidIn!), stepOf(offIn!)];
    expect([laid.kind, laid.round]).toEqual(["tape", round]);
    const { upTo } = pieces[index]!;
    const beside = days
      .steps(wallId, "paint")
      .filter((step) =>
        upTo.some((side) => side.paint === step.colour && side.group === groupOf(step.round!)),
      );
    const staysOn = centred && days.job.edges.seal !== "caulk";
    // A line's tape stays for all that is beside it, but comes off and is laid anew around a coat of what is under it.
    const under = days.steps(wallId, "paint").filter((step) => step.colour === over && step.round! > round);
    const until = staysOn ? Math.min(Infinity, ...under.map((step) => step.round!)) : round + 1;
    const own = beside.filter((step) => step.round! >= round && step.round! < until);
    expect(own.length).toBeGreaterThan(0);
    for (const { start, end, id } of own) {
      expect(laid.end).toBeLessThanOrEqual(start);
      if (id !== offIn && !id.startsWith(`${offIn}/`)) expect(end).toBeLessThanOrEqual(off.start);
    }
  });
}

function checkFrame(days: Days, wallId: string): void {
  const all = days.plan.steps.filter(({ kind }) => kind !== "set-up" && kind !== "close");
  expect([all[0]!.kind, all.at(-1)!.kind]).toEqual(["clear", "furniture-back"]);
  const [cover] = days.steps(undefined, "cover");
  const own = all.filter((step) => step.wall === wallId && step.round !== 0 && !/-base$/.test(step.id));
  if (own.length === 0) return;
  for (const { start } of own) expect(start).toBeGreaterThanOrEqual(cover!.end);
  const of = (kinds: PlanStep["kind"][]) => own.filter(({ kind }) => kinds.includes(kind));
  const lastOf = (...kinds: PlanStep["kind"][]) => Math.max(0, ...of(kinds).map(({ end }) => end));
  const firstOf = (...kinds: PlanStep["kind"][]) =>
    Math.min(Infinity, ...of(kinds).map(({ start }) => start));
  // A wall that is rolled all over in its first colour is set out on that.
  const isOver = of(["paint"]).some(({ does }) => does.some(({ past_mm = 0 }) => past_mm > 25));
  // Seams are struck when the paper comes to hang, where nothing else is.
  const papers = days.job.finishes.filter(({ kind }) => kind === "paper").map(({ id }) => `${wallId}/${id}/`);
  const isOfPaper = (id: string) => id === `${wallId}/end` || papers.some((paper) => id.startsWith(paper));
  const isLate = of(["mark"]).some(({ does }) =>
    does.some(({ of: what, ids }) => what === "mark" && ids.every(isOfPaper)),
  );
  const chain = [
    ["plates-off"],
    ["wash-wall"],
    ["prepare", "sand"],
    ["prime"],
    ["base"],
    ...(isOver || isLate ? [] : [["mark"]]),
    ["tape", "seal", "paint", "peel"],
    ["rub-out"],
    ["touch-up"],
    ["plates-back"],
  ] as PlanStep["kind"][][];
  chain.forEach((kinds, place) => {
    for (const later of chain.slice(place + 1))
      expect(firstOf(...later)).toBeGreaterThanOrEqual(lastOf(...kinds));
  });
  const fixed = days.job.walls
    .find(({ id }) => id === wallId)!
    .fixtures.some(({ kind }) => kind !== "furniture");
  expect([firstOf("plates-off") < Infinity, firstOf("plates-back") < Infinity]).toEqual([fixed, fixed]);
}

it("whatever is painted on whatever wall: waits are kept, every coat goes on once, and the room is left as it was found", () => {
  fc.assert(
    fc.property(anyJob, (document) => {
      const answer = parseJob(document);
      if (!answer.ok) {
        expect(
          answer.problems.map(({ path }) => path).filter((path) => !/^walls|^finishes.*lines/.test(path)),
        ).toEqual([]);
        return;
      }
      const whole = JSON.parse(emitPlan(plan(answer.job))) as Plan;
      if (!whole.work) {
        expect([whole.steps, whole.days]).toEqual([[], []]);
        return;
      }
      const days = new Days(answer.job, whole);
      for (const { id } of whole.walls) {
        checkTape(days, id);
        checkLeaving(days, id);
        checkCoats(days, id);
        checkFrame(days, id);
      }
      expect(whole.schools[0]).toMatchObject({ school: answer.job.school, days: whole.work.days });
      expect(whole.work.soonestEnd).toBeLessThanOrEqual(whole.work.end);
      expect(whole.days.flatMap(({ steps }) => steps)).toEqual(whole.steps.map(({ id }) => id));
    }),
    runsOf(80),
  );
});
