import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";

const wallOf = (finish: object, more: object = {}) =>
  plan(
    parsed(
      oneWall(
        { width: 3000, height: 2600, skirting: 0 },
        {},
        {
          ...more,
          finishes: [{ id: "f", on: "w", ...finish }],
        },
      ),
    ),
  );
const bands = (gap: number, second = "brine") => ({
  kind: "bands",
  bands: [
    { from: 800, to: 1000, colour: "kelp" },
    { from: 1000 + gap, to: 1300, colour: second },
  ],
});
const betweenOf = (job: ReturnType<typeof wallOf>) => job.walls[0]!.tape.filter(({ centred }) => centred);

describe("a gap narrower than the tape", () => {
  it("has one tape, slit to it, that serves both edges and stays until the last colour is on", () => {
    const job = wallOf(bands(15));
    // 3 m between the bands in one piece of 15 mm; the outer edges of both bands have theirs.
    expect(betweenOf(job).map(({ width, length, path }) => [width, length, path[0]![1]])).toEqual([
      [15, 3000, 1007.5],
    ]);
    expect(new Set([betweenOf(job)[0]!.cuts, betweenOf(job)[0]!.andCuts])).toEqual(
      new Set(["kelp", "brine"]),
    );
    expect(job.walls[0]!.tape.filter(({ cuts }) => cuts).length).toBe(3);
    const slit = job.walls[0]!.findings.find(({ code }) => code === "slit-tape")!;
    expect(slit.say).toContain("15 mm");
    expect(slit.say).toContain("18 mm");
    // Both bands in one colour: one tape all the same.
    expect(betweenOf(wallOf(bands(15, "kelp")))).toMatchObject([{ width: 15, cuts: "kelp" }]);
    expect(betweenOf(wallOf(bands(24)))).toEqual([]);
    const tapes = { edges: { tapes: [48, 13, 24, 24] } };
    expect(wallOf(bands(12.7), tapes).walls[0]!.findings.map(({ code }) => code)).not.toContain("slit-tape");
    expect(
      wallOf(bands(15), tapes).walls[0]!.findings.find(({ code }) => code === "slit-tape")!.say,
    ).toContain("24 mm");
    expect(wallOf(bands(24)).walls[0]!.findings.map(({ code }) => code)).not.toContain("slit-tape");
  });

  it("is none where the paint is between the two edges: a strip of 18 mm has a tape on either side", () => {
    const job = wallOf({
      kind: "blocks",
      blocks: [{ shape: "rectangle", x: 1000, y: 800, width: 18, height: 500, colour: "kelp" }],
    });
    expect(betweenOf(job)).toEqual([]);
    const upright = job.walls[0]!.tape.filter(
      ({ path }) => path[0]![0] === path.at(-1)![0] && path[0]![1] > 0,
    );
    expect(upright.map(({ lies, path, over }) => [lies, path[0]![0], over]).sort()).toEqual([
      ["left", 1000, "oyster"],
      ["right", 1018, "oyster"],
    ]);
  });

  it("of arches is slit along the curve", () => {
    const job = wallOf({
      kind: "arches",
      centre: [1500, 0],
      outerRadius: 1200,
      bands: [{ width: 200, colour: "kelp" }, { gap: 12 }, { width: 150, colour: "brine" }],
    });
    const [tape, ...more] = betweenOf(job);
    // Half a circle at the middle radius of 1200 - 200 - 6 mm.
    expect([more.length, tape!.width, tape!.flexible]).toEqual([0, 12, true]);
    expect(tape!.length).toBeCloseTo(Math.PI * 994, 6);
    expect(job.walls[0]!.findings.map(({ code }) => code)).toContain("slit-tape");
  });
});

it("a gap between two blocks, of a whole ring, and beside further coats is slit too; edges apart or aside are not", () => {
  const rectangle = (x: number, y: number, width: number, height: number, colour: string) => {
    return { shape: "rectangle", x, y, width, height, colour };
  };
  // 10 mm between two blocks of one height; a third stands 10 mm away but only along a quarter.
  const blocks = [
    rectangle(300, 400, 600, 900, "kelp"),
    rectangle(910, 400, 600, 900, "brine"),
    rectangle(1520, 1075, 400, 900, "kelp"),
  ];
  const job = wallOf({ kind: "blocks", blocks });
  expect(betweenOf(job).map(({ width, length, path }) => [width, length, path[0]![0]])).toEqual([
    [10, 900, 905],
  ]);
  const slit = job.walls[0]!.findings.filter(({ code }) => code === "slit-tape");
  expect(slit.map(({ at }) => at)).toEqual([[905, 850]]);
  const ring = (from: number, to: number) => ({
    kind: "arches",
    centre: [1500, 1300],
    outerRadius: 900,
    from,
    to,
    bands: [{ width: 200, colour: "kelp" }, { gap: 12 }, { width: 150, colour: "brine" }],
  });
  const [whole, ...more] = betweenOf(wallOf(ring(0, 360)));
  expect([more.length, whole!.width]).toEqual([0, 12]);
  expect(whole!.length).toBeCloseTo(2 * Math.PI * 694, 6);
  // A stripe of brine 15 mm wide between two of kelp: kelp's second coat is taped on it with one tape, laid for that coat.
  const bands = {
    kind: "bands",
    bands: [
      { from: 800, to: 1000, colour: "kelp" },
      { from: 1000, to: 1015, colour: "brine" },
      { from: 1015, to: 1300, colour: "kelp" },
    ],
  };
  const again = wallOf(bands, { school: "coat-by-coat" });
  const order = again.rounds.map(({ coat }, place) => [place + 1, coat]);
  expect(order).toEqual([
    [1, 1],
    [2, 1],
    [3, 2],
    [4, 2],
  ]);
  const onBrine = again.walls[0]!.tape.filter(({ over, cuts }) => over === "brine" && cuts === "kelp");
  expect(onBrine.map(({ round, width, offIn }) => [round, width, offIn])).toEqual([
    [3, 15, "w/paint-3-kelp-2"],
  ]);
});

it("widths that are sold in inches are as ready-made as those in millimetres", () => {
  const zigzag = (lineWidth: string) =>
    wallOf({
      kind: "chevron",
      columns: { by: "count", count: 3 },
      rows: { by: "count", count: 4 },
      rise: 400,
      lineWidth,
      colours: ["kelp"],
    });
  for (const [width, sold] of [
    ["15/16 in", 24],
    ["1 7/16 in", 36],
    ["1 7/8 in", 48],
    ["36 mm", 36],
  ] as const) {
    const job = zigzag(width);
    expect(job.walls[0]!.findings.map(({ code }) => code)).not.toContain("slit-tape");
    expect(job.tapeTotals.map((total) => total.width)).toContain(sold);
  }
  expect(zigzag("1 1/4 in").walls[0]!.findings.map(({ code }) => code)).toContain("slit-tape");
});

it("further level lines are packs of the struck one, each proved by the floor at the far end", () => {
  // The floor lies 1200 under the line at the left and 1230 at the far end.
  const survey = {
    stations: [
      { x: 0, down: 1200, up: 1300 },
      { x: 3000, down: 1230, up: 1300 },
    ],
  };
  const bands = [{ from: -300, to: 450, colour: "kelp" }];
  const { survey: told } = plan(
    parsed(
      oneWall(
        { survey, width: undefined, height: undefined, skirting: 0 },
        {},
        { finishes: [{ id: "f", on: "w", kind: "bands", bands }] },
      ),
    ),
  ).walls[0]!;
  expect(told!.levelLine.lifts.map(({ by, reading, proof }) => [by, reading, proof.reading])).toEqual([
    [-300, "300 mm", "930 mm"],
    [450, "450 mm", "1680 mm"],
  ]);
});
