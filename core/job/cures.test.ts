import { describe, expect, it } from "vitest";
import { applyChange } from "../finishes/applyChange";
import { wallOf } from "./tests/finishes";

type Finish = { kind: string } & Record<string, unknown>;

/** The findings of a finish on a wall, and those left when the one with this code is cured by its button. */
function cured(code: string, finish: Finish, wall: object = {}) {
  const before = wallOf([finish], wall).findings;
  const finding = before.find((candidate) => candidate.code === code);
  expect(finding?.change, `${code}: ${before.map((other) => other.code).join()}`).toBeDefined();
  const { path, set } = finding!.change!;
  const after = applyChange(finish, { path, set });
  return { after, left: wallOf([after], wall).findings.map((other) => other.code) };
}

const bench = { id: "bench", kind: "furniture", x: 900, y: 0, width: 1500, height: 820 };
const plate = { id: "s", kind: "plate", x: 310, y: 1150, width: 86, height: 86 };
const block = (shape: object): Finish => ({ kind: "blocks", blocks: [{ colour: "kelp", ...shape }] });
const bands = (list: object[]): Finish => ({ kind: "bands", bands: list });
const lines = (list: unknown[], more: object = {}): Finish => ({ kind: "tape-lines", lines: list, ...more });
const chevron = (more: object): Finish => ({
  kind: "chevron",
  columns: { by: "count", count: 10 },
  rows: { by: "count", count: 4 },
  rise: 300,
  colours: ["kelp", "brine"],
  ...more,
});
const rectangle = { shape: "rectangle", x: 700, y: 0, width: 1900, height: 1350 };

describe("a button cures", () => {
  it.each<[string, Finish, object]>([
    ["near-miss", bands([{ from: 900, to: 1143, colour: "kelp" }]), { fixtures: [plate] }],
    ["near-miss", block({ ...rectangle, x: 401 }), { fixtures: [plate] }],
    ["off-wall", bands([{ from: 2650, to: 2800, colour: "kelp" }]), {}],
    ["off-wall", block({ ...rectangle, x: 5000 }), {}],
    ["off-wall", block({ shape: "circle", centre: [-900, 300], radius: 400 }), {}],
    [
      "off-wall",
      { kind: "arches", centre: [9000, 0], outerRadius: 900, bands: [{ width: 200, colour: "kelp" }] },
      {},
    ],
    [
      "cut-off",
      { kind: "arches", centre: [2000, 1500], outerRadius: 1300, bands: [{ width: 200, colour: "kelp" }] },
      {},
    ],
    [
      "cut-off",
      { kind: "arches", centre: [2000, 1500], outerRadius: 1300, bands: [{ width: 1250, colour: "kelp" }] },
      {},
    ],
    [
      "shape-crosses",
      block({
        shape: "polygon",
        points: [
          [500, 500],
          [1500, 1500],
          [1500, 500],
          [500, 1500],
        ],
      }),
      {},
    ],
    ["lines-up-with-nothing", block({ ...rectangle, x: 555, y: 333 }), { fixtures: [bench] }],
    [
      "loose-end",
      lines([
        {
          through: [
            [1000, 0],
            [1000, 9],
          ],
        },
        [
          [1000, 700],
          [2500, 900],
        ],
      ]),
      {},
    ],
    ["fill-in-opening", lines([], { fills: [{ at: [9000, 0], colour: "kelp" }] }), {}],
    [
      "acute-angle",
      lines([
        {
          through: [
            [0, 1000],
            [4000, 1000],
          ],
        },
        {
          through: [
            [0, 900],
            [4000, 1500],
          ],
        },
      ]),
      {},
    ],
    [
      "near-miss",
      lines([
        {
          through: [
            [404, 0],
            [404, 9],
          ],
        },
      ]),
      { fixtures: [plate] },
    ],
    [
      "out-of-reach",
      { kind: "arches", centre: [2000, -300], outerRadius: 900, bands: [{ width: 200, colour: "kelp" }] },
      {},
    ],
    ["out-of-reach", block({ shape: "circle", centre: [2000, 2300], radius: 200 }), {}],
    ["acute-angle", chevron({ rise: 3500 }), {}],
    [
      "acute-angle",
      {
        kind: "diamonds",
        columns: { by: "count", count: 12 },
        rows: { by: "count", count: 1 },
        colours: ["kelp"],
      },
      {},
    ],
    ["line-eats-pattern", chevron({ lineWidth: 300, uprights: true }), {}],
    ["slit-tape", chevron({ lineWidth: 20 }), {}],
  ])("%s of %o", (code, finish, wall) => {
    expect(cured(code, finish, wall).left).not.toContain(code);
  });

  it("bands that overlap, narrowing the gap until they only meet", () => {
    const overlapping = bands([
      { around: "s", gap: 100, colour: "kelp" },
      { from: 1300, to: 1500, colour: "brine" },
    ]);
    // The plate ends at 1236; with a gap of 64 its band ends at 1300.
    const { after, left } = cured("bands-overlap", overlapping, { fixtures: [plate] });
    expect(after.bands).toMatchObject([{ gap: 64 }, {}]);
    expect(left).not.toContain("bands-overlap");
  });

  it("faces that two colours cannot part, with the base as a third", () => {
    const threeWays = [
      [
        [0, 1300],
        [2000, 1300],
      ],
      [
        [2000, 1300],
        [2000, 2600],
      ],
      [
        [2000, 1300],
        [4000, 100],
      ],
    ];
    const shuffled = lines(threeWays, { shuffle: { colours: ["kelp", "brine"], seed: 3 } });
    expect(cured("equal-neighbours", shuffled).after.shuffle).toMatchObject({
      colours: ["kelp", "brine", "oyster"],
    });
  });

  it("a wedge under a ceiling that is out: the bands follow it", () => {
    const survey = {
      stations: [
        { x: 0, down: 1200, up: 1430 },
        { x: 4200, down: 1200, up: 1400 },
      ],
    };
    const wall = { survey, width: undefined, height: undefined };
    const { after } = cured("taper-shows", bands([{ from: 1150, to: 1300, colour: "kelp" }]), wall);
    // The ceiling is at 1415 in the middle.
    expect(after).toMatchObject({ datum: "ceiling", bands: [{ from: 115, to: 265 }] });
  });
});

describe("what has no button", () => {
  it("a texture that lets paint creep, but only where something is taped", () => {
    const codes = (texture: string, finishes: Finish[]) =>
      wallOf(finishes, { texture }).findings.map(({ code }) => code);
    expect(codes("brick", [block(rectangle)])).toEqual(["texture-bleeds"]);
    expect(codes("light", [block(rectangle)])).toEqual([]);
    expect(codes("brick", [])).toEqual([]);
  });

  it("taped lines and uprights that just miss a plate, which others of their finish do not", () => {
    const gaps = (finish: Finish) =>
      wallOf([finish], { fixtures: [plate] })
        .findings.filter(({ code }) => code === "near-miss")
        .map(({ say }) => /passes ([\d.]+) mm/.exec(say)![1]);
    // The plate reaches from 310 to 396; a plumb line at 404 passes it by 8 mm, one at 420 clears it.
    expect(
      gaps(
        lines(
          [404, 420].map((x) => ({
            through: [
              [x, 0],
              [x, 9],
            ],
          })),
        ),
      ),
    ).toEqual(["8"]);
    // Ten columns of 400 mm: the first upright stands 4 mm beside it.
    expect(gaps(chevron({ uprights: true }))).toEqual(["4"]);
    expect(gaps(chevron({}))).toEqual([]);
  });

  it("lines struck by eye: so much of the wall may change colour as they are long times how far they stray", () => {
    const [finding] = wallOf([
      lines(
        [
          {
            through: [
              [1000, 0],
              [1000, 9],
            ],
          },
        ],
        { byEye: 20 },
      ),
    ]).findings;
    expect(finding).toMatchObject({ code: "by-eye", say: expect.stringContaining("0.05 m2") as string });
  });

  it("lines thrown at random, that are apart as asked, and alike for one seed", () => {
    const thrown = (random: object) => wallOf([lines([], { random })]);
    const few = thrown({ count: 6, seed: 4, leastAngle: 25, leastFace: "0.1 m2" });
    expect(few.lines).toHaveLength(6);
    expect(thrown({ count: 6, seed: 4, leastAngle: 25, leastFace: "0.1 m2" }).lines).toEqual(few.lines);
    expect(Math.min(...few.regions.map(({ area_m2 }) => area_m2))).toBeGreaterThan(0.1);
    const angles = few.lines.map(({ path: [a, b] }) => Math.atan2(b[1] - a[1], b[0] - a[0]));
    const crosses = (i: number, j: number) => {
      const [[a, b], [c, d]] = [few.lines[i]!.path, few.lines[j]!.path];
      const side = (p: number[], q: number[], r: number[]) =>
        (q[0]! - p[0]!) * (r[1]! - p[1]!) - (q[1]! - p[1]!) * (r[0]! - p[0]!);
      return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
    };
    angles.forEach((angle, i) =>
      angles.slice(i + 1).forEach((other, k) => {
        const turn = Math.abs(angle - other) % Math.PI;
        if (crosses(i, i + 1 + k))
          expect(Math.min(turn, Math.PI - turn)).toBeGreaterThan((24.8 * Math.PI) / 180);
      }),
    );
    expect(thrown({ count: 40, seed: 1, leastAngle: 40 }).findings.map(({ code }) => code)).toContain(
      "no-room",
    );
  });
});
