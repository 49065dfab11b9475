import { describe, expect, it } from "vitest";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";

/** A leaf of 160 by 400 in a cell of 400 by 600; its sheet reaches 40 over the cell all round. */
const reed = {
  id: "reed",
  repeat: { x: 400, y: 600 },
  overlays: [{ id: "1", cuts: [{ slot: "leaf", path: "M -80 -200 L 80 -200 L 80 200 L -80 200 Z" }] }],
};
const dash = {
  id: "dash",
  repeat: { x: 400, y: 120 },
  overlays: [
    { id: "1", cuts: [{ slot: "line", path: "M -150 -20 h 300 v 40 h -300 z" }] },
    { id: "2", cuts: [{ slot: "dot", path: "M -10 0 a 10 10 0 0 1 20 0 a 10 10 0 0 1 -20 0 z" }] },
  ],
};
const document = (finish: object, wall: object = {}, job: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Reeds",
  stencils: [reed, dash],
  paints: ["oyster", "kelp", "brine"].map((id) => ({ id, packs: [{ size: "120 ml", price: 5 }] })),
  walls: [{ id: "w", width: 4000, height: 2400, base: "oyster", ...wall }],
  finishes: [
    { id: "f", on: "w", kind: "stencil-field", stencil: "reed", colours: { leaf: "kelp" }, ...finish },
  ],
  ...job,
});
const planned = (...of: Parameters<typeof document>) => plan(parsed(document(...of)));
const printsOf = (...of: Parameters<typeof document>) => planned(...of).walls[0]!.prints![0]!;

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

  it("is set out by one plumb reading a column and one level one a row, so that nothing adds up", () => {
    const { marks } = planned({ start: { x: "left", y: "top" } }).walls[0]!;
    expect(marks.filter(({ axis }) => axis === "x").map(({ at }) => at)).toEqual(
      Array.from({ length: 10 }, (_, column) => 200 + 400 * column),
    );
    expect(marks.filter(({ axis }) => axis === "y").map(({ at }) => at)).toEqual([300, 900, 1500, 2100]);
  });

  it("is printed whole columns at a time: minutes, loads, cleaning and copies", () => {
    const whole = planned({ start: { x: "left", y: "top" } });
    const [prints] = whole.walls[0]!.prints!;
    // 64,000 mm2 at 20 m2 a litre are 3.2 ml; a load of 8 ml prints two. 40 at 1.5 min, and the sheet cleaned once, 8 min.
    expect([prints!.loads, prints!.minutes]).toEqual([20, 68]);
    const step = whole.steps.find(({ kind }) => kind === "print")!;
    expect(step.say).toBe(
      "w: print in kelp, 40 prints, 20 loads rolled off on paper; clean the sheet after every 20. Whole columns, up to column 10: its middle reads 3800 mm.",
    );
    expect(step.stretches).toHaveLength(10);
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
      "10 columns run from floor to ceiling uncut.",
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

  it("takes a copy cut short where the painter has one, and says where it is used", () => {
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

describe("a border", () => {
  const border = (along: object, more: object = {}) => ({
    kind: "stencil-border",
    stencil: "dash",
    colours: { line: "kelp", dot: "brine" },
    along,
    ...more,
  });

  it("takes the whole number of repeats nearest to its length, each stretched by the rest, or keeps them with parts at both ends", () => {
    const legsOf = (width: number, more: object = {}) => {
      const { border: borders, prints } = planned(border({ level: 1500 }, more), { width }).walls[0]!;
      const [{ length, repeats, stretch, verdict }] = borders![0]!.legs as [never] &
        { length: number; repeats: number; stretch: number; verdict: string }[];
      return {
        leg: [length, repeats, stretch, verdict],
        at: prints![0]!.list.map(({ at }) => at[0]),
        counts: prints![0]!.counts,
      };
    };
    const stretched = legsOf(3980);
    // 9.95 repeats: ten of 398; 2 of 400 are half a percent.
    expect(stretched.leg).toEqual([3980, 10, -2, "won't show"]);
    expect(stretched.at.slice(0, 2)).toEqual([199, 597]);
    expect(legsOf(150).leg.slice(0, 3)).toEqual([150, 1, -250]);
    const kept = legsOf(3980, { fit: "keep" });
    // Nine whole ones are 3600; 190 over at both ends, where 150 of 300 of the line and half its gap is.
    expect(kept.leg.slice(0, 3)).toEqual([3980, 9, 0]);
    expect([Math.min(...kept.at), Math.max(...kept.at)]).toEqual([-10, 3990]);
    expect(kept.counts.whole).toBe(18);
  });

  it("runs around a thing in four legs from its casing and the gap, the motif's upper side outwards", () => {
    const openings = [{ id: "hatch", kind: "window", x: 1500, y: 900, width: 900, height: 1000, casing: 60 }];
    const { border: borders, prints } = planned(border({ around: "hatch", gap: 60 }), { openings }).walls[0]!;
    expect(borders![0]!.legs.map(({ length, repeats }) => [length, repeats])).toEqual([
      [1140, 3],
      [1240, 3],
      [1140, 3],
      [1240, 3],
    ]);
    const lines = prints![0]!.list.filter(({ overlay }) => overlay === "1");
    expect(lines.map(({ row, column, at, turn }) => [row, column, at.map(Math.round), turn]).sort()).toEqual(
      [
        [1, 1, [1570, 2020], 0],
        [1, 2, [1950, 2020], 0],
        [1, 3, [2330, 2020], 0],
        [2, 1, [2520, 1813], -90],
        [2, 2, [2520, 1400], -90],
        [2, 3, [2520, 987], -90],
        [3, 1, [2330, 780], 180],
        [3, 2, [1950, 780], 180],
        [3, 3, [1570, 780], 180],
        [4, 1, [1380, 987], 90],
        [4, 2, [1380, 1400], 90],
        [4, 3, [1380, 1813], 90],
      ].sort(),
    );
  });

  it("finishes each repeat before the next where that is the school, waiting for what the next overlay lies on", () => {
    const steps = (order: string) =>
      planned(border({ level: 1500 }, { order }), { width: 1200 }).steps.filter(
        ({ kind }) => kind === "print",
      );
    const [all, ...others] = steps("repeat");
    expect([others.length, all!.prints!.length, all!.stretches!.length]).toEqual([0, 6, 3]);
    // Each repeat: 1.5, a wait of 15 for the first overlay under the second's sheet, 1.5; and the next sheet lies on both.
    expect(all!.minutes).toBeGreaterThanOrEqual(3 * 18);
    expect(all!.say).toMatch(/Whole repeats, up to print 3 of leg 1\.$/);
    // Overlay by overlay nobody waits within a repeat.
    expect(steps("overlay").map(({ prints }) => prints!.length)).toEqual([3, 3]);
  });

  it("has a motif of its own at the corners, printed after all else and in the same steps", () => {
    const openings = [{ id: "hatch", kind: "window", x: 1500, y: 900, width: 900, height: 1000, casing: 60 }];
    const finish = border({ around: "hatch", gap: 60 }, { corners: { motif: "reed" } });
    const whole = planned(finish, { openings });
    const { list } = whole.walls[0]!.prints![0]!;
    expect(list.map(({ order }) => order)).toEqual(list.map((_, index) => index + 1));
    const knots = list.filter(({ motif }) => motif === "f/reed");
    expect(knots.map(({ at, turn }) => [at, turn])).toEqual([
      [[1380, 2020], 0],
      [[2520, 2020], -90],
      [[2520, 780], -180],
      [[1380, 780], -270],
    ]);
    const printed = whole.steps.flatMap(({ prints = [] }) => prints);
    expect(printed.sort()).toEqual(list.map(({ id }) => id).sort());
  });

  it("follows a ceiling that slopes, and prints its overlays one after the other, or repeat by repeat", () => {
    const survey = {
      stations: [
        { x: 0, down: 1000, up: 1400 },
        { x: 4000, down: 1000, up: 1360 },
      ],
    };
    const wall = { width: undefined, height: undefined, survey };
    const { prints } = planned(border({ below: "ceiling", by: 120 }), wall).walls[0]!;
    const [first] = prints![0]!.list;
    expect(first!.turn).toBeCloseTo((Math.atan(-0.01) * 180) / Math.PI, 6);
    expect(first!.at[1]).toBeCloseTo(1400 - 120 - first!.at[0] * 0.01, 6);
    const overlays = (order: string) =>
      [...planned(border({ level: 1500 }, { order })).walls[0]!.prints![0]!.list]
        .sort((a, b) => a.order - b.order)
        .map(({ overlay }) => overlay)
        .slice(0, 4)
        .join();
    expect([overlays("overlay"), overlays("repeat")]).toEqual(["1,1,1,1", "1,2,1,2"]);
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
