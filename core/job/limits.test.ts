import { describe, expect, it } from "vitest";
import { faultsOfAreas, faultsOfTape } from "./tests/faultsOfPlan";
import { emitPlan } from "./emitPlan";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { paints, parsed } from "./tests/jobs";

const document = (more: object) => ({
  format: "jacaranda-job/1",
  name: "Limits",
  paints,
  walls: [{ id: "w", base: "oyster", width: 4000, height: 2600 }],
  finishes: [],
  ...more,
});
const job = (more: object) => parsed(document(more));
const stripes = (id: string, direction: unknown, count: number) => ({
  id,
  on: "w",
  kind: "stripes",
  direction,
  colours: ["kelp", "brine", "lantern"],
  fit: { by: "count", count },
});

describe("a job of too much", () => {
  it("stops before it is worked out, on every wall, and says of what there is too much", () => {
    const whole = plan(
      job({
        walls: ["w", "v"].map((id) => ({ id, base: "oyster", width: 4000, height: 2600 })),
        finishes: [stripes("a", 30, 2000), stripes("b", 120, 2000)],
      }),
    );
    expect(whole.walls.map(({ findings }) => findings.map(({ code, severity }) => [code, severity]))).toEqual(
      [[["too-much", "stop"]], [["too-much", "stop"]]],
    );
    expect(whole.walls[0]!.findings[0]!.say).toContain("80000 pieces of line");
    // It is still there as it was measured.
    expect(whole.walls[0]!.surface_m2).toBeCloseTo(10.4, 9);
  });

  it("loses only its day plan when there are too many steps", () => {
    const whole = plan(
      job({
        walls: [{ id: "w", base: "oyster", width: 1e5, height: 1e5 }],
        finishes: [stripes("a", "vertical", 2)],
        work: { rates: { rolling_m2_min: 0.01, cuttingIn_m_min: 0.01 } },
      }),
    );
    expect(whole.findings.map(({ code }) => code)).toContain("too-much");
    expect([whole.steps, whole.work]).toEqual([[], null]);
    expect(whole.walls[0]!.regions).toHaveLength(2);
    expect(whole.paint.some(({ need_ml }) => need_ml > 0)).toBe(true);
  });

  it("lists alike findings up to a number, and counts the rest", () => {
    const through = Array.from({ length: 40 }, (_, index) => ({
      through: [
        [index * 20, 0],
        [4000 - index * 17, 2600],
      ],
    }));
    const [wall] = plan(job({ finishes: [{ id: "l", on: "w", kind: "tape-lines", lines: through }] })).walls;
    const count = (code: string) => wall!.findings.filter((finding) => finding.code === code).length;
    expect([count("acute-angle"), count("more-alike")]).toEqual([30, 1]);
  });
});

it("what is too thin to be a line, a band or a side is refused at its place", () => {
  const refused = (finish: object) => {
    const answer = parseJob(document({ finishes: [{ id: "f", on: "w", ...finish }] }));
    return answer.ok ? [] : answer.problems.map(({ path }) => path);
  };
  const lines = (lineWidth: number) => ({
    kind: "tape-lines",
    lines: [
      {
        through: [
          [0, 0],
          [900, 900],
        ],
      },
    ],
    lineWidth,
  });
  expect([refused(lines(0.005)), refused(lines(0)), refused(lines(1))]).toEqual([
    ["finishes[0].lineWidth"],
    [],
    [],
  ]);
  const bands = (...edges: number[]) => ({
    kind: "bands",
    bands: [0, 2].map((at) => ({ from: edges[at], to: edges[at + 1], colour: "kelp" })),
  });
  expect(refused(bands(100, 100.05, 300, 400))).toEqual(["finishes[0].bands[0].to"]);
  expect(refused(bands(100, 200, 200.05, 400))).toEqual(["finishes[0].bands[1].from"]);
  expect(refused(bands(100, 200, 200, 400))).toEqual([]);
  const shape = (x: number) => ({
    kind: "blocks",
    blocks: [
      {
        shape: "polygon",
        points: [
          [0, 0],
          [x, 0],
          [500, 900],
        ],
        colour: "kelp",
      },
    ],
  });
  expect([refused(shape(0.05)), refused(shape(500))]).toEqual([["finishes[0].blocks[0].points[1]"], []]);
});

describe("a run of two walls", () => {
  const run = { runs: [{ id: "r", walls: ["left", "right"] }] };
  const walls = [
    { id: "left", base: "oyster", width: 4000, height: 2600 },
    { id: "right", base: "oyster", width: 3000, height: 2600 },
  ];

  it("is never taped while it is wet around the corner, nor painted under that tape, nor looked over with it on", () => {
    const band = (on: string, colour: string) => ({
      id: on,
      on,
      kind: "bands",
      bands: [{ from: 0, to: 1200, colour }],
    });
    const finishes = [band("left", "kelp"), band("right", "lantern")];
    for (const school of ["finish", "coat-by-coat"]) {
      for (const peel of ["wet", "dry"]) {
        const two = job({ ...run, walls, finishes, school, edges: { peel }, work: { crew: 2 } });
        const whole = plan(two);
        expect(faultsOfTape(two, whole)).toEqual([]);
        const step = (kind: string, wall: string) =>
          whole.steps.filter((one) => one.kind === kind && one.wall === wall);
        // Lantern is lighter and goes first, on the right; the corner is taped on it for the kelp on the left.
        const corner = whole.walls[1]!.tape.find(({ corner: other }) => other === "left")!;
        const [laid] = step("tape", "right").filter(({ round }) => round === corner.round);
        const [first] = step("paint", "right");
        expect(laid!.start).toBeGreaterThanOrEqual(first!.end + 1440);
        const kelp = step("paint", "left").at(-1)!;
        expect(step("touch-up", "right")[0]!.start).toBeGreaterThanOrEqual(kelp.end);
      }
    }
  });

  it("tells the wall that loses its plan which one stops it", () => {
    const points = [
      [9000, 100],
      [9900, 900],
      [9000, 900],
      [9900, 100],
    ];
    const finishes = [
      { id: "f", on: "r", kind: "blocks", blocks: [{ shape: "polygon", points, colour: "kelp" }] },
    ];
    const whole = plan(job({ ...run, walls, finishes }));
    const stops = whole.walls.map(({ findings }) =>
      findings.filter(({ severity }) => severity === "stop").map(({ code }) => code),
    );
    for (const [index, { regions }] of whole.walls.entries()) {
      if (regions.length === 0) expect(stops[index]!.length).toBeGreaterThan(0);
    }
    expect(faultsOfAreas(whole)).toEqual([]);
  });
});

it("thousands of pieces that hang together are grouped without filling the engine's stack", () => {
  const whole = plan(job({ finishes: [stripes("a", 40, 60), stripes("b", 130, 50)] }));
  expect(faultsOfAreas(whole)).toEqual([]);
  expect(emitPlan(whole).length).toBeGreaterThan(1000);
});
