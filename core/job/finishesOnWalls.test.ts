import fc from "fast-check";
import polygonClipping, { type Polygon } from "polygon-clipping";
import { describe, expect, it } from "vitest";
import { randomSurvey } from "../wall/tests/surveys";
import { emitPlan } from "./emitPlan";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import type { Plan, PlanPoint, PlanWall } from "./planTypes";
import { paints, parsed } from "./tests/jobs";

const [width, height] = [4000, 2600];
const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

function planOf(finishes: readonly object[], wall: object = {}): Plan {
  const document = {
    format: "jacaranda-job/1",
    name: "Finishes",
    paints,
    walls: [{ id: "w", base: "oyster", width, height, ...wall }],
    finishes: finishes.map((finish, index) => ({ id: `f${index}`, on: "w", ...finish })),
  };
  return JSON.parse(emitPlan(plan(parsed(document)))) as Plan;
}
const wallOf = (finishes: readonly object[], wall: object = {}) => planOf(finishes, wall).walls[0]!;
const areasOf = ({ regions }: PlanWall, colour: string) =>
  regions.filter((region) => region.colour === colour).map(({ area_m2 }) => area_m2);
const cutLength = ({ tape }: PlanWall) => sum(tape.filter(({ cuts }) => cuts).map(({ length }) => length));

describe("arches", () => {
  const arch = (more: object = {}) => ({
    kind: "arches",
    centre: [2000, 0],
    outerRadius: 1400,
    bands: [{ width: 240, colour: "kelp" }, { gap: 40 }, { width: 160, colour: "brine" }],
    ...more,
  });
  const half = (outer: number, inner: number) => (Math.PI / 2) * (outer ** 2 - inner ** 2) * 1e-6;

  it("have half rings of pi/2 (Ro^2 - Ri^2), and strings from the outermost", () => {
    const wall = wallOf([arch()]);
    expect(sum(areasOf(wall, "kelp"))).toBeCloseTo(half(1400, 1160), 9);
    expect(sum(areasOf(wall, "brine"))).toBeCloseTo(half(1120, 960), 9);
    expect(wall.radii.map(({ radius, centre }) => [radius, centre])).toEqual(
      [1400, 1160, 1120, 960].map((radius) => [radius, [2000, 0]]),
    );
    // One pin on the floor: one reading. Edges against the base: pi r each.
    expect(wall.marks.map(({ on, at }) => [on, at])).toEqual([["bottom", 2000]]);
    expect(cutLength(wall)).toBeCloseTo(Math.PI * (1400 + 1160 + 1120 + 960), 6);
  });

  it("are cut off at edges and openings: a quarter, a ring, a ring less a window", () => {
    const corner = wallOf([arch({ centre: [0, 0] })]);
    expect(sum(areasOf(corner, "kelp"))).toBeCloseTo(half(1400, 1160) / 2, 9);
    const ring = arch({ centre: [2000, 1300], outerRadius: 1000, from: 0, to: 360 });
    expect(sum(areasOf(wallOf([ring]), "kelp"))).toBeCloseTo(2 * half(1000, 760), 9);
    // A window of 200 x 200 wholly within the band, from 800 to 1000 right of the centre at its height.
    const window = { id: "o", kind: "window", x: 2780, y: 1250, width: 100, height: 100 };
    expect(sum(areasOf(wallOf([ring], { openings: [window] }), "kelp"))).toBeCloseTo(
      2 * half(1000, 760) - 0.01,
      9,
    );
    expect(
      wallOf([arch({ from: 0, to: 90 })]).regions.filter(({ colour }) => colour === "kelp"),
    ).toHaveLength(1);
  });

  it("say when the pin cannot be held and when the ceiling cuts them off", () => {
    const codes = (more: object) => wallOf([arch(more)]).findings.map(({ code }) => code);
    expect(codes({})).toEqual([]);
    expect(codes({ centre: [2000, -300] })).toEqual(["out-of-reach"]);
    expect(codes({ centre: [2000, 1300] })).toEqual(["cut-off"]);
    expect(codes({ centre: [9000, 1300] })).toEqual(["off-wall"]);
  });
});

describe("chevron and diamonds", () => {
  const chevron = (more: object = {}) => ({
    kind: "chevron",
    columns: { by: "count", count: 10 },
    rows: { by: "count", count: 10 },
    rise: 260,
    colours: ["kelp"],
    ...more,
  });

  it("has rows of a column's width times the row, and parallelograms between uprights", () => {
    const rows = wallOf([chevron({ colours: ["kelp", "brine"] })]);
    // Ten rows and the cut one below; whole rows are 4000 x 260.
    const whole = rows.regions.filter(({ area_m2 }) => Math.abs(area_m2 - 4 * 0.26) < 1e-9);
    expect(whole).toHaveLength(9);
    // Each zigzag between two rows is ten slopes of sqrt(400^2 + 260^2); nine of them are whole.
    const slope = Math.hypot(400, 260);
    expect(cutLength(rows)).toBeCloseTo(10 * 10 * slope, 5);
    const cells = wallOf([chevron({ uprights: true, colours: ["kelp", "brine"] })]);
    expect(cells.regions.filter(({ area_m2 }) => Math.abs(area_m2 - 0.4 * 0.26) < 1e-9)).toHaveLength(90);
    expect(cells.marks).toHaveLength(9 + 9);
  });

  it("loses half the line's width at each side of a cell, and more up and down where lines slope", () => {
    const lined = wallOf([chevron({ uprights: true, lineWidth: 24 })]);
    // Inner cells: (400 - 24) wide, 260 - 24 sqrt(1 + 0.65^2) high; the two outer columns lose 12 only.
    const high = 260 - 24 * Math.sqrt(1 + 0.65 ** 2);
    const near = (area: number) =>
      lined.regions.filter((region) => Math.abs(region.area_m2 - area * 1e-6) < 1e-9);
    expect(near(376 * high)).toHaveLength(8 * 9);
    expect(near(388 * high)).toHaveLength(2 * 9);
  });

  it("takes the count whose width is closest, ties to the wider", () => {
    const widths = (width: number) =>
      wallOf([chevron({ columns: { by: "near", width }, uprights: true })]).marks.filter(
        ({ axis }) => axis === "x",
      ).length + 1;
    expect(widths(390)).toBe(10);
    // 4000 / 9 = 444.4 and 4000 / 8 = 500: 472.2 is halfway, and goes to the wider.
    expect(widths((4000 / 9 + 500) / 2)).toBe(8);
  });

  it("is whole rhombi of half their box, tip to tip", () => {
    const diamonds = {
      kind: "diamonds",
      columns: { by: "count", count: 8 },
      rows: { by: "count", count: 5 },
      colours: ["kelp", "brine"],
    };
    const wall = wallOf([diamonds]);
    expect(areasOf(wall, "kelp")).toHaveLength(40);
    for (const area of areasOf(wall, "kelp")) expect(area).toBeCloseTo((0.5 * 0.52) / 2, 9);
    expect(sum(areasOf(wall, "brine"))).toBeCloseTo(10.4 / 2, 9);
    // Inside 7 x 4 whole cells between, 2 x 7 + 2 x 4 halves at the edges, 4 quarters.
    expect(areasOf(wall, "brine")).toHaveLength(28 + 22 + 4);
    expect(cutLength(wall)).toBeCloseTo(40 * 4 * Math.hypot(250, 260), 5);
    const lined = wallOf([{ ...diamonds, lineWidth: 20 }]);
    // The edges stand ab / sqrt(a^2 + b^2) from the middle; half a line of 20 comes off.
    const share = 1 - 10 / ((250 * 260) / Math.hypot(250, 260));
    for (const area of areasOf(lined, "kelp")) expect(area).toBeCloseTo(0.13 * share * share, 9);
  });
});

describe("blocks and bands", () => {
  it("sizes a block from what stands before it, hidden parts and all", () => {
    const bench = { id: "bench", kind: "furniture", x: 900, y: 0, width: 1500, height: 820 };
    const block = { shape: "rectangle", around: "bench", side: 150, above: 500, colour: "kelp" };
    const wall = wallOf([{ kind: "blocks", blocks: [block] }], { fixtures: [bench] });
    expect(areasOf(wall, "kelp")).toEqual([expect.closeTo(1.8 * 1.32, 9)]);
    // Two plumb sides and one top; the foot is the floor.
    expect(wall.marks.map(({ axis, at }) => [axis, at])).toEqual([
      ["x", 2550],
      ["y", 1320],
      ["x", 750],
    ]);
  });

  it("lays later blocks over earlier ones, as clipping polygons does", () => {
    const corner = fc.tuple(fc.integer({ min: -500, max: 4500 }), fc.integer({ min: -500, max: 3000 }));
    fc.assert(
      fc.property(fc.array(fc.tuple(corner, corner, corner), { minLength: 2, maxLength: 4 }), (triangles) => {
        const turn = ([a, b, c]: (typeof triangles)[number]) =>
          (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
        fc.pre(triangles.every((triangle) => Math.abs(turn(triangle)) > 20000));
        const colours = ["kelp", "brine", "lantern", "kelp"];
        const blocks = triangles.map((points, index) => ({
          shape: "polygon",
          points,
          colour: colours[index],
        }));
        const wall = wallOf([{ kind: "blocks", blocks }]);
        const box: Polygon = [
          [
            [0, 0],
            [width, 0],
            [width, height],
            [0, height],
          ],
        ];
        triangles.forEach((points, index) => {
          const later = triangles.slice(index + 1).map((other): Polygon => [other]);
          const seen = polygonClipping.difference(polygonClipping.intersection([points], box), ...later);
          const area = sum(seen.map((polygon) => sum(polygon.map(ringArea)))) / 1e6;
          const own = wall.regions.filter(({ id }) => new RegExp(`/block-${index + 1}[a-z]*$`).test(id));
          expect(sum(own.map(({ area_m2 }) => area_m2))).toBeCloseTo(area, 6);
        });
        expect(sum(wall.regions.map(({ area_m2 }) => area_m2))).toBeCloseTo(10.4, 6);
      }),
      { numRuns: 60 },
    );
  });

  it("lets bands follow a floor or a ceiling with their full height all along", () => {
    const survey = {
      stations: [
        { x: 0, down: 1200, up: 1400 },
        { x: 2500, down: 1215, up: 1395 },
        { x: 4000, down: 1230, up: 1383 },
      ],
    };
    const wall = { survey, width: undefined, height: undefined };
    const bands = (datum: string, from: number, to: number) =>
      wallOf([{ kind: "bands", datum, above: "brine", bands: [{ from, to, colour: "kelp" }] }], wall);
    expect(sum(areasOf(bands("floor", 300, 480), "kelp"))).toBeCloseTo(4 * 0.18, 9);
    const ceiling = bands("ceiling", 120, 200);
    expect(sum(areasOf(ceiling, "kelp"))).toBeCloseTo(4 * 0.08, 9);
    expect(sum(areasOf(ceiling, "brine"))).toBeCloseTo(4 * 0.12, 9);
    // Level from the line: 100 to 300 above it.
    expect(sum(areasOf(bands("level", 100, 300), "kelp"))).toBeCloseTo(4 * 0.2, 9);
  });

  it("leaves the same gap above and below what a band lies around, and refuses what overlaps", () => {
    const plate = { id: "s", kind: "plate", x: 500, y: 1100, width: 86, height: 86 };
    const around = (more: object = {}) => ({
      kind: "bands",
      bands: [{ around: "s", gap: 60, colour: "kelp" }],
      ...more,
    });
    const wall = wallOf([around()], { fixtures: [plate] });
    expect(wall.marks.map(({ at }) => at)).toEqual([1040, 1246]);
    const answer = parseJob({
      format: "jacaranda-job/1",
      name: "x",
      paints,
      walls: [{ id: "w", base: "oyster", width, height }],
      finishes: [
        { id: "f", on: "w", ...around() },
        {
          id: "g",
          on: "w",
          kind: "bands",
          bands: [
            { from: 9, to: 90, colour: "kelp" },
            { from: 80, to: 120, colour: "kelp" },
          ],
        },
      ],
    });
    expect(answer.ok ? [] : answer.problems.map(({ path }) => path)).toEqual(["finishes[1].bands[1].from"]);
  });
});

describe("taped lines", () => {
  const lines = (list: readonly object[], more: object = {}) => ({
    kind: "tape-lines",
    lines: list,
    ...more,
  });
  const through = (...points: [number, number][]) => ({ through: points });
  const inside = fc.tuple(fc.integer({ min: 1, max: width - 1 }), fc.integer({ min: 1, max: height - 1 }));

  it("make 1 + n + crossings faces of n full lines", () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(inside, inside), { minLength: 1, maxLength: 12 }), (pairs) => {
        fc.pre(pairs.every(([a, b]) => Math.hypot(a[0] - b[0], a[1] - b[1]) > 50));
        // Crossings by solving each pair of lines; three through a point, or one near an edge, is another test.
        const crossings: number[][] = [];
        for (const [i, [a, b]] of pairs.entries()) {
          for (const [c, d] of pairs.slice(i + 1)) {
            const det = (b[0] - a[0]) * (d[1] - c[1]) - (b[1] - a[1]) * (d[0] - c[0]);
            fc.pre(Math.abs(det) > 1000);
            const t = ((c[0] - a[0]) * (d[1] - c[1]) - (c[1] - a[1]) * (d[0] - c[0])) / det;
            crossings.push([a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1])]);
          }
        }
        const isClear = ([x, y]: number[]) =>
          [x!, width - x!, y!, height - y!].every((gap) => Math.abs(gap) > 0.1);
        fc.pre(crossings.every(isClear));
        fc.pre(
          crossings.every((p, k) =>
            crossings.slice(k + 1).every((q) => Math.hypot(p[0]! - q[0]!, p[1]! - q[1]!) > 0.1),
          ),
        );
        const within = crossings.filter(([x, y]) => x! > 0 && x! < width && y! > 0 && y! < height).length;
        const wall = wallOf([lines(pairs.map(([a, b]) => through(a, b)))]);
        expect(wall.regions).toHaveLength(1 + pairs.length + within);
        expect(sum(wall.regions.map(({ area_m2 }) => area_m2))).toBeCloseTo(10.4, 6);
      }),
      { numRuns: 60 },
    );
  });

  it("bear lines through one point, on each other, along an edge, and ends just short of a line", () => {
    const star = [0, 45, 90, 135].map((angle) => {
      const [dx, dy] = [Math.cos((angle * Math.PI) / 180) * 100, Math.sin((angle * Math.PI) / 180) * 100];
      return through([2000, 1300], [2000 + dx, 1300 + dy]);
    });
    expect(wallOf([lines(star)]).regions).toHaveLength(8);
    expect(
      wallOf([lines([...star, star[1]!, through([0, 0], [4000, 0]), through([0, 5], [0, 900])])]).regions,
    ).toHaveLength(8);
    // A stub from the upright line to 0.6 mm before the edge joins it; one that stops in mid-wall is loose.
    const joined = wallOf([
      lines([
        through([1000, 0], [1000, 10]),
        [
          [1000.4, 700],
          [3999.4, 900],
        ],
      ]),
    ]);
    expect(joined.regions).toHaveLength(3);
    const loose = wallOf([
      lines([
        through([1000, 0], [1000, 10]),
        [
          [1000, 700],
          [2500, 900],
        ],
      ]),
    ]);
    expect([loose.regions.length, loose.findings.map(({ code, at: place }) => [code, place])]).toEqual([
      2,
      [["loose-end", [2500, 900]]],
    ]);
  });

  it("are filled by a point, and fills survive a line that is moved", () => {
    const fills = [
      { at: [200, 200], colour: "kelp" },
      { at: [3900, 2500], colour: "brine" },
    ];
    const area = (x: number) => areasOf(wallOf([lines([through([x, 0], [x, 9])], { fills })]), "kelp");
    expect([area(1000), area(1500)]).toEqual([[expect.closeTo(2.6, 9)], [expect.closeTo(3.9, 9)]]);
    const hatch = { id: "o", kind: "window", x: 100, y: 100, width: 300, height: 300 };
    const wall = wallOf([lines([through([1000, 0], [1000, 9])], { fills })], { openings: [hatch] });
    expect(wall.findings.map(({ code }) => code)).toEqual(["fill-in-opening"]);
  });

  it("are shuffled without equal neighbours, alike for one seed; two colours do for full lines", () => {
    fc.assert(
      fc.property(
        fc.array(fc.tuple(inside, inside), { minLength: 1, maxLength: 9 }),
        fc.integer({ min: 0, max: 99 }),
        (pairs, seed) => {
          fc.pre(pairs.every(([a, b]) => Math.hypot(a[0] - b[0], a[1] - b[1]) > 50));
          const finish = lines(
            pairs.map(([a, b]) => through(a, b)),
            { shuffle: { colours: ["kelp", "brine"], seed } },
          );
          const wall = wallOf([finish]);
          expect(wall.findings.map(({ code }) => code)).not.toContain("equal-neighbours");
          expect(wallOf([finish]).regions).toEqual(wall.regions);
          expect(wall.regions.every(({ colour }) => colour !== "oyster")).toBe(true);
        },
      ),
      { numRuns: 40 },
    );
    const three = lines([
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
    ]);
    const shuffled = wallOf([{ ...three, shuffle: { colours: ["kelp", "brine"], seed: 3 } }]);
    expect(shuffled.findings.map(({ code }) => code)).toEqual(["equal-neighbours"]);
  });

  it("leave the base as wide as the tape, in one piece where lines cross", () => {
    const cross = [through([0, 1300], [9, 1300]), through([1000, 0], [1000, 9])];
    const wall = wallOf([lines(cross, { lineWidth: 24, shuffle: { colours: ["kelp"], seed: 1 } })]);
    const base = areasOf(wall, "oyster");
    expect(base).toEqual([expect.closeTo((4000 * 24 + 2600 * 24 - 24 * 24) / 1e6, 9)]);
    expect(areasOf(wall, "kelp")).toHaveLength(4);
  });

  it("warn of corners under 15 degrees", () => {
    const at = (rise: number) =>
      wallOf([lines([through([0, 1000], [4000, 1000]), through([0, 900], [4000, 900 + rise])])]).findings.map(
        ({ code }) => code,
      );
    // tan 15 degrees is 0.268: 1072 over 4000.
    expect(at(1060)).toEqual(["acute-angle"]);
    expect(at(1085)).toEqual([]);
  });
});

function ringArea(ring: readonly (readonly number[])[]): number {
  return sum(ring.slice(1).map(([x, y], index) => (ring[index]![0]! * y! - x! * ring[index]![1]!) / 2));
}

const colour = fc.constantFrom("kelp", "brine", "lantern", "oyster");
const whole = fc.oneof(
  fc.record({ by: fc.constant("count"), count: fc.integer({ min: 1, max: 7 }) }),
  fc.record({ by: fc.constant("near"), width: fc.integer({ min: 250, max: 900 }) }),
);
const at = fc.tuple(fc.integer({ min: -300, max: 4000 }), fc.integer({ min: -1500, max: 1600 }));

/** Any finish but stripes, on any wall. */
const anyFinish = fc.oneof(
  fc
    .record({
      datum: fc.constantFrom("level", "floor", "ceiling"),
      from: fc.integer({ min: -400, max: 900 }),
      size: fc.integer({ min: 20, max: 500 }),
      colour,
      above: fc.option(colour, { nil: undefined }),
      below: fc.option(colour, { nil: undefined }),
    })
    .map(({ from, size, colour, ...rest }) => ({
      kind: "bands",
      bands: [{ from, to: from + size, colour }],
      ...rest,
    })),
  fc
    .record({ centre: at, radius: fc.integer({ min: 50, max: 1500 }), colour })
    .map((circle) => ({ kind: "blocks", blocks: [{ shape: "circle", ...circle }] })),
  fc
    .record({
      columns: whole,
      rows: whole,
      rise: fc.integer({ min: 30, max: 700 }),
      lineWidth: fc.constantFrom(0, 12),
      uprights: fc.boolean(),
      colours: fc.array(colour, { minLength: 1, maxLength: 3 }),
    })
    .map((chevron) => ({ kind: "chevron", ...chevron })),
  fc
    .record({
      columns: whole,
      rows: whole,
      lineWidth: fc.constantFrom(0, 12),
      colours: fc.array(colour, { minLength: 1, maxLength: 2 }),
    })
    .map((diamonds) => ({ kind: "diamonds", ...diamonds })),
  fc
    .record({
      centre: at,
      outerRadius: fc.integer({ min: 300, max: 1800 }),
      from: fc.integer({ min: -180, max: 170 }),
      turn: fc.integer({ min: 5, max: 360 }),
      colour,
    })
    .map(({ from, turn, colour, ...rest }) => ({
      kind: "arches",
      from,
      to: from + turn,
      bands: [{ width: 120, colour }, { gap: 40 }, { width: 100, colour: "kelp" }],
      ...rest,
    })),
);

describe("any finishes on any wall", () => {
  it("partition the surface: areas add up to it, outlines to the areas, ids are their own, marks within half a division", () => {
    fc.assert(
      fc.property(randomSurvey, fc.array(anyFinish, { minLength: 1, maxLength: 3 }), (survey, finishes) => {
        const document = {
          format: "jacaranda-job/1",
          name: "Any",
          paints,
          walls: [{ id: "w", base: "oyster", survey }],
          finishes: finishes.map((finish, index) => ({ id: `f${index}`, on: "w", ...finish })),
        };
        const answer = parseJob(document);
        if (!answer.ok) {
          expect(answer.problems.map(({ path }) => path)).toEqual([expect.stringMatching(/^walls/)]);
          return;
        }
        const [wall] = (JSON.parse(emitPlan(plan(answer.job))) as Plan).walls as [PlanWall];
        if (wall.findings.some(({ severity }) => severity === "stop")) {
          expect(wall.regions).toEqual([]);
          return;
        }
        // Places within 0.01 mm are one, which may move a needle's side by that much over its length.
        const sides = sum(
          wall.outline.map(([x, y], k) =>
            Math.hypot(x - wall.outline.at(k - 1)![0], y - wall.outline.at(k - 1)![1]),
          ),
        );
        const added = sum(wall.regions.map(({ area_m2 }) => area_m2));
        expect(Math.abs(added - wall.surface_m2)).toBeLessThan(1e-8 + 0.01 * sides * 1e-6);
        for (const { area_m2, outline, holes } of wall.regions) {
          const drawn = [outline, ...holes].map((ring) => ringArea([...ring, ring[0] as PlanPoint]));
          // Flattened arcs stand off by less than 0.1 mm.
          expect(Math.abs(sum(drawn) / 1e6 - area_m2)).toBeLessThan(0.0015);
        }
        expect(new Set(wall.regions.map(({ id }) => id)).size).toBe(wall.regions.length);
        for (const { error } of wall.marks) expect(Math.abs(error)).toBeLessThanOrEqual(0.5 + 1e-9);
      }),
      { numRuns: 120 },
    );
  });
});
