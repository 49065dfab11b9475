import fc from "fast-check";
import polygonClipping, { type Polygon } from "polygon-clipping";
import { describe, expect, it } from "vitest";
import { parseJob } from "./parseJob";
import { areasOf, cutLength, height, ringArea, sum, wallOf, width } from "./tests/finishes";
import { paints } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

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

  it("give heights for a batten where no pin can be held: on the circle, and no chord more than 1 mm off it", () => {
    expect(wallOf([arch()]).ordinates).toEqual([]);
    const [outer, ...inner] = wallOf([arch({ centre: [2000, -500] })]).ordinates;
    expect(inner.map(({ radius }) => radius)).toEqual([1160, 1120, 960]);
    // On the wall from 2000 - sqrt(1400^2 - 500^2) = 692.3 on: steps of 100 sag 100^2 / (8 x 1400) = 0.9.
    expect(outer!.points.map(({ x }) => x)).toEqual(Array.from({ length: 27 }, (_, k) => 700 + 100 * k));
    for (const { x, y } of outer!.points) expect(Math.hypot(x - 2000, y + 500)).toBeCloseTo(1400, 6);
    expect(outer!.points[13]).toMatchObject({ x: 2000, along: "2000 mm", up: "900 mm" });
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
    // Ten zigzags of ten slopes and nine uprights, each under one tape as wide as the line.
    const centred = lined.tape.filter((piece) => piece.centred);
    expect(centred.every(({ width: tape, over }) => tape === 24 && over === "oyster")).toBe(true);
    expect(sum(centred.map(({ length }) => length))).toBeCloseTo(100 * Math.hypot(400, 260) + 9 * height, 5);
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
    expect(lined.tape.filter(({ centred }) => centred)).toHaveLength(160);
    expect(cutLength(lined)).toBeCloseTo(160 * Math.hypot(250, 260), 5);
  });
});

describe("blocks and bands", () => {
  it("sizes a block from what stands before it, hidden parts and all", () => {
    const bench = { id: "bench", kind: "furniture", x: 900, y: 0, width: 1500, height: 820 };
    const block = { shape: "rectangle", around: "bench", side: 150, above: 500, colour: "kelp" };
    const wall = wallOf([{ kind: "blocks", blocks: [block] }], { fixtures: [bench] });
    expect(areasOf(wall, "kelp")).toEqual([expect.closeTo(1.8 * 1.32, 9)]);
    // The top up the wall's end, then two plumb sides along the level line; the foot is the floor.
    expect(wall.marks.map(({ axis, at }) => [axis, at])).toEqual([
      ["y", 1320],
      ["x", 750],
      ["x", 2550],
    ]);
    // It is square when both diagonals read sqrt(1800^2 + 1320^2) = 2232.1.
    expect(wall.diagonals.map(({ reading }) => reading)).toEqual(["2232 mm", "2232 mm"]);
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
          // Places within 0.01 mm are one, which may move a side of up to 5 m by that much at one end: 25 mm2.
          expect(Math.abs(sum(own.map(({ area_m2 }) => area_m2)) - area)).toBeLessThan(25e-6);
        });
        expect(sum(wall.regions.map(({ area_m2 }) => area_m2))).toBeCloseTo(10.4, 6);
      }),
      runsOf(60),
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

describe("finishes that lie over each other", () => {
  const stripes = { kind: "stripes", colours: ["kelp", "oyster"], fit: { by: "count", count: 10 } };
  const disc = {
    kind: "blocks",
    blocks: [{ shape: "circle", centre: [2000, 1300], radius: 500, colour: "brine" }],
  };

  it("show the earlier one where the later leaves it, and hidden lines divide nothing", () => {
    const wall = wallOf([stripes, disc]);
    expect(areasOf(wall, "brine")).toEqual([expect.closeTo(Math.PI * 0.25, 9)]);
    // The disc is symmetrical about the line at 2000 between a kelp and an oyster stripe: half of it from each.
    expect(sum(areasOf(wall, "kelp"))).toBeCloseTo(5.2 - (Math.PI * 0.25) / 2, 9);
    // It reaches from 1500 to 2500: stripes 5 and 6 (1600 to 2400) are cut in two, those beside them only notched.
    expect(wall.regions).toHaveLength(10 + 1 + 2);
    const covered = wallOf([disc, stripes]);
    expect(covered.regions).toHaveLength(10);
    expect(covered.findings.map(({ code }) => code)).not.toContain("tiny-face");
  });

  it("are set out by the lines that are seen", () => {
    const over = {
      kind: "blocks",
      blocks: [{ shape: "rectangle", x: 0, y: 0, width: 2200, height: 2600, colour: "brine" }],
    };
    const marks = wallOf([stripes, over]).marks.filter(({ axis }) => axis === "x");
    // Stripe lines at 2400 to 3600; those under the block are not marked, its own side is.
    expect(marks.map(({ at }) => at)).toEqual([2200, 2400, 2800, 3200, 3600]);
  });
});
