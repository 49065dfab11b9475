import { idsInStretches } from "../plan/workOfStep";
import { describe, expect, it } from "vitest";
import { parseJob } from "./parseJob";
import { dash, document, planned, printsOf, reed } from "./tests/stencils";

describe("a field", () => {
  it.each([
    // 4000 / 400 and 2400 / 600: ten columns and four rows from a side; a middle on the wall's cuts a half at both ends.
    [{ start: { x: "left", y: "top" } }, 40, 0],
    [{ start: { x: "right", y: "floor" } }, 40, 0],
    [{ start: { x: "joint", y: "joint" } }, 40, 0],
    // Middles at 0, 400 ... 4000: eleven columns, the outer ones half; four rows.
    [{ start: { x: "centre", y: "top" } }, 36, 8],
    // Middles at 0, 600 ... 2400: five rows, of which the upper and the lower are half.
    [{ start: { x: "left", y: "centre" } }, 30, 20],
    // Every other column 300 lower: its upper row stays whole, three whole ones and two halves.
    [{ start: { x: "left", y: "top" }, layout: "half-drop" }, 35, 10],
    // Every other row 200 to the right: nine whole and two halves.
    [{ start: { x: "left", y: "top" }, layout: "brick" }, 38, 4],
    [{ start: { x: 200, y: 300 } }, 40, 0],
  ] as const)("%o has as many whole and part prints as are counted by hand", (finish, whole, partial) => {
    expect(printsOf(finish).counts).toEqual({ whole, partial });
  });

  it("tells the share of each print that is cut, and what cuts it or bends its sheet", () => {
    const { list } = printsOf({ start: { x: 200, y: "top" } }, { width: 3800, height: 2300 });
    const last = list.filter(({ column }) => column === 10);
    // The tenth middle at 3800 stands on the end: half of it; the fourth row has 100 under the floor: 100 of 400 are off.
    expect(last.map(({ share, cutBy }) => [share, cutBy])).toEqual([
      [0.5, ["right"]],
      [0.5, ["right"]],
      [0.5, ["right"]],
      [expect.closeTo(0.5, 9) as number, ["right"]],
    ]);
    const first = list.filter(({ column }) => column === 1);
    expect(first.map(({ share, bends }) => [share, [...bends].sort()])).toEqual([
      [1, ["ceiling", "left"]],
      [1, ["left"]],
      [1, ["left"]],
      [1, ["floor", "left"]],
    ]);
  });

  it("sums to the open area on the wall, and its paint to that at 20 m2 a litre", () => {
    const openings = [{ id: "hatch", kind: "window", x: 1000, y: 800, width: 900, height: 700 }];
    const whole = planned({ start: { x: "left", y: "top" } }, { openings });
    const [prints] = whole.walls[0]!.prints!;
    // By counting: leaves of columns 3 to 5 have their middles at 1000, 1400, 1800; rows at 2100, 1500, 900, 300.
    const clip = (low: number, high: number, from: number, to: number) =>
      Math.max(0, Math.min(high, to) - Math.max(low, from));
    let open = 0;
    for (let x = 200; x < 4000; x += 400)
      for (let y = 300; y < 2400; y += 600)
        open += 64_000 - clip(x - 80, x + 80, 1000, 1900) * clip(y - 200, y + 200, 800, 1500);
    const printed = prints!.list.reduce((sum, { share }) => sum + share * 64_000, 0);
    expect(printed).toBeCloseTo(open, 3);
    const kelp = whole.paint.find(({ colour }) => colour === "kelp")!;
    expect(kelp.printed_m2).toBeCloseTo(open / 1e6, 9);
    expect(kelp.terms).toMatchObject({
      film_ml: expect.closeTo((open / 1e6 / 20) * 1000, 6) as number,
      tools_ml: 25,
    });
  });

  it("is set out by a reading every few columns and rows, and the sheet's registers carry between, so that nothing is seen to add up", () => {
    const { marks } = planned({ start: { x: "left", y: "top" } }).walls[0]!;
    // 2.5 % of 400 are 10 mm, at half a millimetre a print twenty of them; no more than four go by the sheet. Of four rows the first is read.
    expect(marks.filter(({ axis }) => axis === "x").map(({ at }) => at)).toEqual([200, 1800, 3400]);
    expect(marks.filter(({ axis }) => axis === "y").map(({ at }) => at)).toEqual([2100]);
    // With a tape in tenths of an inch and more the sheet carries less far: 10 / (8 / 2) = 2.5, so two.
    const coarse = planned({ start: { x: "left", y: "top" } }, {}, { tapeDivision: 8 }).walls[0]!.marks;
    expect(coarse.filter(({ axis }) => axis === "x").map(({ at }) => at)).toEqual([
      200, 1000, 1800, 2600, 3400,
    ]);
  });

  it("calls a row of bricks by one number in every column, the one whose shifted prints alone reach the wall too", () => {
    const wall = { width: 1200, height: 1200 };
    const { walls } = planned({ layout: "brick", start: { x: "left", y: "top" } }, wall);
    const { prints, marks } = walls[0]!;
    const called = prints![0]!.list.map(({ column, row, at }) => [column, row, at[0]]);
    expect(called.sort((a, b) => a[2]! - b[2]!)).toEqual([
      [1, 2, 0],
      [2, 1, 200],
      [2, 2, 400],
      [3, 1, 600],
      [3, 2, 800],
      [4, 1, 1000],
      [4, 2, 1200],
    ]);
    const uses = marks.map(({ at, use }) => `${at}: ${use}`);
    expect(uses).toContain("900: the middle of row 1");
    expect(uses).toContain("400: the middle of column 2, even rows");
  });

  it("is printed whole columns at a time: minutes, loads, cleaning and copies", () => {
    const whole = planned({ start: { x: "left", y: "top" } });
    const [prints] = whole.walls[0]!.prints!;
    // 64,000 mm2 at 20 m2 a litre are 3.2 ml; a load of 8 ml prints two. 40 at 1.5 min, and the sheet cleaned once, 8 min.
    expect([prints!.loads, prints!.minutes]).toEqual([20, 68]);
    const step = whole.steps.find(({ kind }) => kind === "print")!;
    expect(step.say).toBe(
      "w: print in kelp, 40 prints, 20 loads rolled off on paper; clean the sheet after every 20; every 4th by its reading, those between by the sheet's registers. Whole columns, up to column 10: its middle reads 3800 mm.",
    );
    // Columns of four are six minutes; work is not begun for less than a quarter of an hour, three of them.
    expect(idsInStretches(step, "print").map((ids) => ids.length)).toEqual([12, ...Array<number>(7).fill(4)]);
    // 20 min to clean and dry one, 30 min between: one, and one more.
    expect(whole.sundries.find(({ item }) => item === "stencil-sheet")!.count).toBe(2);
    const brushed = planned({ start: { x: "left", y: "top" }, method: "brush", fixing: "adhesive" });
    // Every 5 prints of 2.5 min: 12.5 between, so two, and one more.
    expect(brushed.sundries.find(({ item }) => item === "stencil-sheet")!.count).toBe(3);
    expect(brushed.steps.find(({ kind }) => kind === "print")!.cautions.join(" ")).toMatch(/flames/);
  });

  it("goes on around the corner of a run in one count of columns, each print's parts adding up", () => {
    const walls = ["a", "b"].map((id) => ({ id, width: 2100, height: 2400, base: "oyster" }));
    const whole = planned(
      { on: "r", start: { x: "left", y: "top" } },
      {},
      { walls, runs: [{ id: "r", walls: ["a", "b"] }] },
    );
    const all = whole.walls.flatMap(({ prints }) => prints![0]!.list);
    // The sixth middle, at 2200 of the run, is 100 from the corner: the leaf keeps 160 - 0 on the second wall.
    expect(new Set(all.map(({ column }) => column)).size).toBe(11);
    const sums = new Map<string, number>();
    for (const { id, share } of all) sums.set(id, (sums.get(id) ?? 0) + share);
    for (const [id, sum] of sums)
      expect([id, sum]).toEqual([id, expect.closeTo(id.includes("c10r") ? 0.5 : 1, 9)]);
  });

  it("is offered from other starts, the best first, each with its ends, cuts and whole columns", () => {
    const { offers } = planned({ start: { x: "centre", y: "top" } }).walls[0]!;
    const [best] = offers;
    // Whole from a side: ten columns of 400 and four rows of 600, nothing cut; as it lies, half a column at both ends.
    expect(best).toMatchObject({ verdict: "good", score: 100, change: { set: { start: { y: "top" } } } });
    expect(best!.why).toEqual([
      "A column of 400 mm at both ends.",
      "No print is cut.",
      // Forty at a minute and a half.
      "1 h of printing, cleaning and waiting not counted.",
      "10 columns run uncut from bottom to top.",
    ]);
    const chosen = offers.find(({ isChosen }) => isChosen)!;
    expect(chosen.why.slice(0, 2)).toEqual([
      "A column of 200 mm at both ends.",
      "8 of 44 prints are cut, and take twice as long.",
    ]);
    expect(chosen.score).toBeLessThan(best!.score);
  });

  it("is cleaned up after: each colour washed, then marks rubbed out and edges touched up, in that wall's own time", () => {
    const mixed = {
      id: "two",
      repeat: { x: 400, y: 600 },
      overlays: [
        {
          id: "1",
          cuts: [
            { slot: "leaf", path: "M -80 -200 h 60 v 400 h -60 z" },
            { slot: "seed", path: "M 20 -200 h 60 v 400 h -60 z" },
          ],
        },
      ],
    };
    const finish = { stencil: "two", colours: { leaf: "kelp", seed: "brine" } };
    const { steps } = planned(finish, {}, { stencils: [mixed] });
    const end = Math.max(...steps.filter(({ kind }) => kind === "print").map((step) => step.end));
    const washed = steps.filter(({ kind }) => kind === "wash-tools");
    expect(washed.map(({ colour }) => colour).sort()).toEqual(["brine", "kelp"]);
    for (const kind of ["wash-tools", "rub-out", "touch-up"]) {
      const own = steps.filter((step) => step.kind === kind);
      expect([kind, own.length > 0]).toEqual([kind, true]);
      for (const step of own) expect(step.start).toBeGreaterThanOrEqual(end);
    }
  });

  it("shades while the sheet lies: half as long again, a third of the holes in the second paint, a brush for it", () => {
    const two = { width: 800, height: 600 };
    const start = { x: "left", y: "top" };
    const plain = planned({ start }, two);
    const shaded = planned({ start, shades: { leaf: "brine" } }, two);
    const print = (plan: typeof plain) => plan.steps.find(({ kind }) => kind === "print")!;
    // Forty prints of 1.5 min and half as much again, and the sheet cleaned once, 8 min.
    expect(planned({ start, shades: { leaf: "brine" } }).walls[0]!.prints![0]!.minutes).toBe(40 * 2.25 + 8);
    expect(print(shaded).say).toContain("each shaded in brine towards one edge");
    // Leaves of 160 by 400, twice, three tenths of them.
    const brine = shaded.paint.find(({ colour }) => colour === "brine")!;
    expect(brine.printed_m2).toBeCloseTo(2 * 0.064 * 0.3, 9);
    expect(plain.paint.some(({ colour }) => colour === "brine")).toBe(false);
    expect(shaded.sundries.map(({ item }) => item)).toContain("stencil-brush-40");
    expect(plain.sundries.map(({ item }) => item)).not.toContain("stencil-brush-40");
    const wrong = parseJob(document({ start, shades: { stem: "brine" } }, two));
    expect(wrong.ok ? [] : wrong.problems.map(({ path }) => path)).toEqual(["finishes[0].shades.stem"]);
  });

  it("takes a copy cut short where the painter has one, and says where it is used", () => {
    // Ten columns of sheets 480 wide on 4000, four rows of 680 on 2400: those of the top row reach over it, of both end columns out.
    const advised = (topSheet: boolean) =>
      planned({ start: { x: "left", y: "top" }, topSheet }).walls[0]!.findings.find(
        ({ code }) => code === "cut-copies",
      )!;
    expect(advised(false).say).toContain("10 sheets reach over the ceiling and 8 over the ends");
    expect(advised(false).change!.set).toEqual({ topSheet: true });
    expect(advised(true).say).toMatch(/^8 sheets reach over the ends/);
    const sheets = (topSheet: boolean) => {
      const whole = planned({ start: { x: "left", y: "top" }, topSheet });
      const row = whole.tables![0]!.rows.find(({ place }) => place === "column 2, row 1")!;
      return [whole.sundries.find(({ item }) => item === "stencil-sheet")!.count, row.by];
    };
    expect(sheets(false)).toEqual([2, "bent at ceiling"]);
    expect(sheets(true)).toEqual([3, "top sheet"]);
  });

  it("waits until the base may be taped over, and what is printed later until that is dry", () => {
    const base = planned({}, { baseState: "paint" });
    const coat = base.steps.filter(({ kind }) => kind === "base").at(-1)!;
    expect(base.steps.find(({ kind }) => kind === "print")!.start - coat.end).toBeGreaterThanOrEqual(1440);
  });
});

it("what falls out of a sheet is a stop told with its place, and a thin bridge something to decide", () => {
  const ring = "M -90 -90 h 180 v 180 h -180 z M -30 -30 v 60 h 60 v -60 z";
  const thin = "M 92.4 -90 h 20 v 180 h -20 z";
  const cuts = [ring, thin].map((path) => ({ slot: "leaf", path }));
  const whole = planned({}, {}, { stencils: [{ ...reed, overlays: [{ id: "1", cuts }] }, dash] });
  const sheets = whole.findings.filter(({ code }) => /stencil|bridge/.test(code));
  expect(sheets.map(({ code, severity }) => [code, severity])).toEqual([
    ["stencil-island", "stop"],
    ["thin-bridge", "check"],
  ]);
  expect(whole.stencils![0]).toMatchObject({
    open_mm2: { leaf: 180 * 180 - 3600 + 3600 },
    islands: [{ overlay: "1", area_mm2: 3600 }],
    bridges: [{ overlay: "1", width: expect.closeTo(2.4, 6) as number }],
  });
});

it("a sheet whose holes cross too often is a stop in words, and never thrown", () => {
  const corners = Array.from(
    { length: 700 },
    (_, index) => `L ${((index * 7919) % 397) - 198} ${((index * 104_729) % 593) - 296}`,
  );
  const cuts = [{ slot: "leaf", path: `M 0 0 ${corners.join(" ")} Z` }];
  const whole = planned({}, {}, { stencils: [{ ...reed, overlays: [{ id: "1", cuts }] }, dash] });
  const stops = [...whole.findings, ...whole.walls[0]!.findings].filter(
    ({ severity }) => severity === "stop",
  );
  expect(stops.map(({ code }) => code)).toContain("too-much");
  expect(whole.stencils!.map(({ id }) => id)).toEqual(["dash"]);
});

it.each([
  [{ stencil: "ree" }, "finishes[0].stencil", /there is no stencil "ree"/],
  [{ colours: {} }, "finishes[0].colours.leaf", /expected the paint/],
  [{ colours: { leaf: "kelp", stem: "kelp" } }, "finishes[0].colours.stem", /has no colour "stem"/],
  [{ colours: { leaf: "kel" } }, "finishes[0].colours.leaf", /there is no paint/],
  [{ start: { x: { on: "hatch" } } }, "finishes[0].start.x.on", /opening or fixture/],
])("a document that names what is not there is refused at its place %#", (finish, path, message) => {
  const answer = parseJob(document(finish));
  expect(answer.ok ? [] : answer.problems[0]).toMatchObject({
    path,
    message: expect.stringMatching(message) as string,
  });
});

it("starts tell how long their prints take at the painter's own pace", () => {
  const minutesOf = (rates: object) =>
    planned({ method: "roller" }, {}, { work: { rates } }).walls[0]!.offers.map(({ why }) => {
      const [cut, prints] = /(\d+) of (\d+) prints are cut/.exec(why.join(" "))?.slice(1).map(Number) ?? [];
      const told = /(?:(\d+) h)? ?(?:(\d+)(?: min)?)? of printing/.exec(why.join(" "))!;
      return [60 * Number(told[1] ?? 0) + Number(told[2] ?? 0), cut, prints] as const;
    });
  for (const [minutes, cut, prints] of minutesOf({ stencilRoller_min: 7 }))
    if (cut !== undefined) expect(minutes).toBe(7 * (prints! + cut));
  expect(minutesOf({ stencilRoller_min: 7 })[0]![0]).toBeGreaterThan(
    minutesOf({ stencilRoller_min: 3 })[0]![0],
  );
});
