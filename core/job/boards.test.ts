import { describe, expect, it } from "vitest";
import { fold } from "../journal/fold";
import { parseMoment } from "../journal/moment";
import { entryOf } from "../journal/tests/entries";
import type { Plan } from "../plan/planTypes";
import { boardsJob, lightAfter } from "./tests/boards";
import { agreedOf } from "./agreed";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { planFromNow } from "./planFromNow";
import { takeSet } from "./takeSet";

const stepOf = (whole: Plan, id: string) => whole.steps.find((step) => step.id === id)!;
const coatsOf = (whole: Plan, board: string) =>
  whole.steps.filter(({ id }) => id.startsWith(`boards/${board}/coat-`));
const mlOf = (whole: Plan, board: string) => whole.boards!.find(({ id }) => id === board)!.paint;

describe("boards are work before the walls'", () => {
  // A2: 0.42 x 0.594 = 0.24948 m2. Wall paint goes 11 m2 a litre, limewash 6.5, the mineral primer 7; rolling takes 0.45 m2 a minute, and
  // a visit to a colour 5 minutes.
  it("a colour has two full coats on A2, each when the one before takes it", () => {
    const whole = plan(boardsJob({ boards: [{ id: "b1", of: { paint: "kelp" } }] }));
    const [first, second, ...more] = coatsOf(whole, "b1");
    expect(more).toEqual([]);
    expect(mlOf(whole, "b1")).toEqual([{ paint: "kelp", ml: expect.closeTo(2 * 22.68, 2) }]);
    // 0.24948 / 0.45 + 5 = 5.55, in whole minutes.
    expect(first!.minutes).toBe(6);
    expect(second!.start).toBeGreaterThanOrEqual(first!.end + 180);
    // The film of the wall, 5 of 10 m2 twice, and the boards': all is bought.
    const kelp = whole.paint.find(({ colour }) => colour === "kelp")!;
    expect(kelp.terms.film_ml).toBeCloseTo((2 * 5 * 1000) / 11 + 45.36, 1);
    expect(whole.sundries.find(({ item }) => item === "sample-board")!.count).toBe(1);
    // 45.36 ml at 20 a litre, and the wall's two coats of 5 m2: no tin of the board is counted whole.
    const [board] = whole.boards!;
    expect(board!.cost).toBeCloseTo(0.907, 2);
    expect(board!.repaint.cost).toBeCloseTo(((2 * 5000) / 11 / 1000) * 20, 1);
    expect(board!.repaint.minutes).toBeGreaterThan(4 * board!.minutes);
  });

  it("a board of a finish has the coats and waits that the wall gets: primer, and three of lime", () => {
    const whole = plan(boardsJob({ boards: [{ id: "b1", of: { finish: "m" } }] }));
    const coats = coatsOf(whole, "b1");
    expect(coats.map(({ does }) => does.map(({ act, with: paint }) => `${act} ${paint!}`))).toEqual([
      ["prime mineral"],
      ["coat lime"],
      ["coat lime"],
      ["coat lime"],
    ]);
    const [primed, ...limed] = coats.map(({ does }) => does[0]!.ml!);
    expect(primed).toBeCloseTo(249.48 / 7, 1);
    for (const ml of limed) expect(ml).toBeCloseTo(249.48 / 6.5, 1);
    const waits = coats.slice(1).map(({ start }, place) => start - coats[place]!.end);
    [720, 180, 180].forEach((least, place) => expect(waits[place]).toBeGreaterThanOrEqual(least));
  });

  it("a set lies side by side in its shares: of eight stripes four in what stands for the kelp", () => {
    const whole = plan(boardsJob({ boards: [{ id: "b1", of: { set: "s1" } }] }));
    // 5 of 10 m2 are stripes of kelp, the others oyster; the oyster under the limewash is not seen.
    const shares = new Map(mlOf(whole, "b1").map(({ paint, ml }) => [paint, ml]));
    expect(shares.get("rust")! / shares.get("oyster")!).toBeCloseTo(5 / 5, 2);
    expect(shares.has("kelp")).toBe(false);
  });

  it("nothing of what is asked goes on a wall, and no tape for it, until every light has come by", () => {
    const whole = plan(boardsJob({ boards: [{ id: "b1", of: { paint: "kelp" } }] }));
    const decide = stepOf(whole, "boards/b1/decide");
    expect(decide.start - coatsOf(whole, "b1").at(-1)!.end).toBeGreaterThanOrEqual(24 * 60);
    for (const step of whole.steps)
      if (step.wall === "w" && step.does.some(({ act, with: paint }) => act === "tape" || paint === "kelp"))
        expect(step.start, step.id).toBeGreaterThanOrEqual(decide.end);
    // What is not asked about goes on: the other wall is primed by then.
    expect(stepOf(whole, "v/m/prime-1").start).toBeLessThan(decide.start);
    const [board] = whole.boards!;
    expect(board!.looks.map(({ light }) => light).sort()).toEqual(["evening", "lamp", "midday", "morning"]);
    for (const look of board!.looks)
      expect(lightAfter(look)).toBeGreaterThanOrEqual(coatsOf(whole, "b1").at(-1)!.end + 60);
    for (const look of board!.looks) expect(lightAfter(look)).toBeLessThan(decide.start + 60);
  });

  it("no air shortens the looks, and cold lengthens what dries alone", () => {
    const at = (temperature: number) => {
      const whole = plan(boardsJob({ work: { temperature }, boards: [{ id: "b1", of: { paint: "kelp" } }] }));
      const [first, second] = coatsOf(whole, "b1");
      return {
        dried: second!.start - first!.end,
        looked: stepOf(whole, "boards/b1/decide").start - second!.end,
      };
    };
    expect(at(30).looked).toBeGreaterThanOrEqual(24 * 60);
    expect(at(12).dried).toBeGreaterThan(at(30).dried);
  });

  it("a chip is judged the same day; a patch goes on the clean wall before its marks, and is told where it stays", () => {
    const chip = plan(boardsJob({ boards: [{ id: "b1", of: { paint: "kelp" }, as: "chip" }] }));
    expect(coatsOf(chip, "b1")).toHaveLength(1);
    expect(stepOf(chip, "boards/b1/decide").day).toBe(coatsOf(chip, "b1")[0]!.day);
    const patch = plan(boardsJob({ boards: [{ id: "b1", of: { paint: "kelp" }, as: "patch" }] }));
    const [first] = coatsOf(patch, "b1");
    expect(first!.start).toBeGreaterThanOrEqual(stepOf(patch, "w/wash-wall").end + 60);
    expect(stepOf(patch, "w/mark").start).toBeGreaterThanOrEqual(stepOf(patch, "boards/b1/decide").end);
    expect(patch.findings.map(({ code }) => code)).toContain("patch-stays");
    expect(chip.findings.map(({ code }) => code)).not.toContain("patch-stays");
  });

  it("what a board is of has to be there", () => {
    for (const of of [{ set: "s9" }, { paint: "none" }, { finish: "f9" }]) {
      const answer = parseJob(boardsJob.document({ boards: [{ id: "b1", of }] }));
      expect(answer.ok ? [] : answer.problems.map(({ path }) => path)).toEqual([
        `boards[0].of.${Object.keys(of)[0]!}`,
      ]);
    }
  });
});

describe("boards under way", () => {
  const job = boardsJob({ boards: [{ id: "b1", of: { set: "s1" } }] });
  const at = (clock: string) => `2026-12-07T${clock}`;
  const painted = entryOf(1, at("09:20"), "sample", {
    board: "b1",
    of: { set: "s1" },
    grade: "sample",
    coats: 1,
  });
  const planAt = (clock: string, ...entries: Parameters<typeof fold>[0]) =>
    planFromNow(job, fold(entries), parseMoment(at(clock))!);

  it("one that was painted has its coats; what is decided early is waited for no more", () => {
    const open = planAt("12:00", painted);
    expect(coatsOf(open, "b1").map(({ state }) => state)).toEqual(["done", "done"]);
    expect(stepOf(open, "boards/b1/decide").state).toBe("waiting");
    const yes = entryOf(2, at("11:00"), "decided", { of: { set: "s1" }, board: "b1", name: "Wren" });
    const agreed = planAt("12:00", painted, yes);
    expect(stepOf(agreed, "boards/b1/decide").state).toBe("done");
    expect(stepOf(agreed, "w/paint-1-kelp-1").start).toBeLessThan(stepOf(open, "w/paint-1-kelp-1").start);
  });

  it("a client's no in one light settles it, and it is not painted any more", () => {
    const no = entryOf(2, at("10:30"), "sample-look", {
      board: "b1",
      who: "client",
      light: "morning",
      verdict: "no",
    });
    const whole = planAt("12:00", no);
    expect(coatsOf(whole, "b1")).toEqual([]);
    expect(whole.decisions!.find(({ of }) => of.set === "s1")!.standing).toBe("refused");
    const open = stepOf(planAt("12:00"), "w/paint-1-kelp-1");
    expect(stepOf(whole, "w/paint-1-kelp-1").start).toBeLessThan(open.start);
  });

  it("what is agreed is frozen with its paints, and what is changed since is told; a board says what it could not tell", () => {
    const agreed = agreedOf(job, ["set", "s1"], { steps: [] });
    expect(agreed).toEqual([
      { paint: "rust", hex: "#a0522d", material: "wall-paint", sheen: "matt", coats: 2 },
    ]);
    const yes = entryOf(2, at("11:00"), "decided", { of: { set: "s1" }, board: "b1", agreed });
    const decision = planAt("12:00", painted, yes).decisions!.find(({ of }) => of.set === "s1")!;
    expect(decision).toMatchObject({ standing: "agreed" });
    expect(decision.changed).toBeUndefined();
    expect(decision.cautions!.join(" ")).toMatch(/sample paint.*1 coat; the wall gets 2/);
    const silk = {
      ...job,
      paints: job.paints.map((one) => (one.id === "rust" ? { ...one, sheen: "silk" as const } : one)),
    };
    const later = planFromNow(silk, fold([painted, yes]), parseMoment(at("12:00"))!);
    expect(later.decisions!.find(({ of }) => of.set === "s1")!.changed).toEqual([
      { paint: "rust", what: "sheen", told: "matt", now: "silk" },
    ]);
    expect(later.findings.map(({ code }) => code)).toContain("promise-broken");
  });

  it("a yes binds what lays a paint on, and the batch: another pile, or a batch that dries otherwise, is told", () => {
    const dried = (number: number, n: number, dry: string) =>
      entryOf(number, at("10:30"), "batch", { mix: "kelp", n, additions: [], dry });
    const first = dried(2, 1, "#48584f");
    const agreed = agreedOf(job, ["paint", "kelp"], planAt("11:00", painted, first));
    expect(agreed).toMatchObject([{ paint: "kelp", batch: 1, tools: ["brush", "tool-pile-short"] }]);
    const yes = entryOf(3, at("11:00"), "decided", { of: { paint: "kelp" }, agreed });
    const changedIn = (of: typeof job, ...more: Parameters<typeof fold>[0]) =>
      planFromNow(of, fold([painted, first, yes, ...more]), parseMoment(at("12:00"))!).decisions!.find(
        (one) => one.of.paint === "kelp",
      )!.changed;
    // Another batch of the same colour is none to speak of.
    expect(changedIn(job, dried(4, 2, "#48584f"))).toBeUndefined();
    expect(changedIn(job, dried(4, 2, "#5a6c62"))).toMatchObject([
      {
        paint: "kelp",
        what: "batch",
        told: "batch 1",
        now: expect.stringMatching(/^batch 2, \d+\.\d off it$/),
      },
    ]);
    const rough = { ...job, walls: job.walls.map((wall) => ({ ...wall, texture: "heavy" as const })) };
    expect(changedIn(rough)).toEqual([
      {
        paint: "kelp",
        what: "tools",
        told: "Short pile, 6 mm",
        now: "Brush, 60 mm and Long pile, 18 mm",
      },
    ]);
  });

  it("a board hangs where it was told last, and was painted when that was told first", () => {
    const hung = entryOf(2, at("11:30"), "sample", {
      ...{ board: "b1", of: { set: "s1" }, size: [300, 400] },
      ...{ wall: "w", place: [1200, 1500] },
    });
    const decision = planAt("12:00", painted, hung).decisions!.find(({ of }) => of.set === "s1")!;
    expect(decision.boards).toEqual([{ board: "b1", size: [300, 400], wall: "w", at: [1200, 1500] }]);
    const coats = coatsOf(planAt("12:00", painted, hung), "b1");
    expect(coats.map(({ end }) => end)).toEqual(
      coatsOf(planAt("12:00", painted), "b1").map(({ end }) => end),
    );
  });

  it("what is told weeks before the first day moves nothing; a board painted then is done then, and the walls begin on their day", () => {
    const early = parseMoment("2026-11-23T10:00")!;
    const no = entryOf(1, "2026-11-20T10:00", "decided", {
      of: { set: "s1", refused: true },
      words: "too warm",
    });
    const told = planFromNow(job, fold([no]), early);
    expect(told.days[0]!.date).toBe("2026-12-07");
    const board = entryOf(2, "2026-11-20T10:00", "sample", { board: "b1", of: { set: "s1" } });
    const whole = planFromNow(job, fold([board]), early);
    expect(coatsOf(whole, "b1").map(({ state }) => state)).toEqual(["done", "done"]);
    const walls = whole.steps.filter(({ wall }) => wall !== undefined);
    // 20 November is day 1, 7 December day 18.
    expect(Math.min(...walls.map(({ day }) => day))).toBe(18);
    const begun = entryOf(3, "2026-11-23T09:00", "finished", {
      work: [{ act: "wash", of: "wall", wall: "w", ids: ["w"] }],
    });
    const going = planFromNow(job, fold([begun]), early);
    expect(
      Math.min(
        ...going.steps
          .filter(({ wall, state }) => wall !== undefined && state !== "done")
          .map(({ day }) => day),
      ),
    ).toBe(1);
  });

  it("a set that is taken has no boards to paint any more", () => {
    const document = boardsJob.document({
      boards: [
        { id: "b1", of: { set: "s1" } },
        { id: "b2", of: { paint: "kelp" } },
      ],
    });
    const answer = parseJob(document);
    if (!answer.ok) throw new Error("it does not validate");
    const taken = takeSet(document, answer.job, "s1", { id: "s0b", name: "As it was" });
    expect(parseJob(taken).ok).toBe(true);
    expect((taken as unknown as { boards: { id: string }[] }).boards.map(({ id }) => id)).toEqual(["b2"]);
  });
});
