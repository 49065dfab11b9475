import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { blankFor } from "./blanks";
import { cutSheet } from "./cutSheet";
import { stencilSchema } from "./schema";

const sheetOf = (...overlays: (string | [slot: string, path: string])[][]) =>
  cutSheet(
    stencilSchema.parse({
      id: "reed",
      repeat: { x: 400, y: 600 },
      overlays: overlays.map((cuts, index) => ({
        id: `${index + 1}`,
        cuts: cuts.map((cut) =>
          typeof cut === "string" ? { slot: "leaf", path: cut } : { slot: cut[0], path: cut[1] },
        ),
      })),
    }),
  );
const rectangle = (x: number, y: number, width: number, height: number) =>
  `M ${x} ${y} h ${width} v ${height} h ${-width} z`;

describe("what is open", () => {
  const openOf = (...paths: string[]) => sheetOf(paths).slots[0]!.openMm2;

  it("is the closed form for lines, arcs and Béziers, whichever way they run", () => {
    expect(openOf("M -80 -200 L 80 -200 L 80 200 L -80 200 Z")).toBeCloseTo(64_000, 6);
    expect(openOf("M-80-200H80V200H-80z")).toBeCloseTo(64_000, 6);
    for (const sweep of [0, 1]) {
      expect(openOf(`M -50 0 A 50 50 0 0 ${sweep} 50 0 A 50 50 0 0 ${sweep} -50 0 Z`)).toBeCloseTo(
        Math.PI * 2500,
        6,
      );
      // Three quarters of a disc and the triangle in the last.
      const large = openOf(`M 0 50 A 50 50 0 1 ${sweep} ${sweep ? 50 : -50} 0 Z`);
      expect(large).toBeCloseTo(Math.PI * 2500 * 0.75 + 1250, 6);
    }
    // A parabola between (0,0) and (90,0) with its control point at (45, 60): two thirds of 90 by 30.
    expect(openOf("M 0 0 Q 45 60 90 0 Z")).toBeCloseTo(1800, 6);
    expect(openOf("M 90 0 Q 45 60 0 0 Z")).toBeCloseTo(1800, 6);
    // An ellipse of 60 by 30 as the format's arcs, which become Béziers within 3 in 10,000.
    expect(openOf("M -60 0 A 60 30 0 0 1 60 0 A 60 30 0 0 1 -60 0 Z") / (Math.PI * 1800)).toBeCloseTo(1, 3);
  });

  it("counts what overlaps once, and what lies within as open where both run the same way", () => {
    expect(openOf(rectangle(0, 0, 100, 100), rectangle(50, 50, 100, 100))).toBeCloseTo(17_500, 6);
    expect(openOf(`${rectangle(0, 0, 100, 100)} ${rectangle(20, 20, 40, 40)}`)).toBeCloseTo(10_000, 6);
    expect(openOf(`${rectangle(0, 0, 100, 100)} M 20 20 v 40 h 40 v -40 z`)).toBeCloseTo(8_400, 6);
  });

  it("is what points that fall into random rectangles count", () => {
    const side = fc.integer({ min: 1, max: 9 });
    const box = fc.record({
      x: fc.integer({ min: 0, max: 10 }),
      y: fc.integer({ min: 0, max: 10 }),
      width: side,
      height: side,
    });
    fc.assert(
      fc.property(fc.array(box, { minLength: 1, maxLength: 6 }), (boxes) => {
        let cells = 0;
        for (let x = 0; x < 20; x++)
          for (let y = 0; y < 20; y++)
            if (boxes.some((b) => x >= b.x && x < b.x + b.width && y >= b.y && y < b.y + b.height))
              cells += 1;
        const paths = boxes.map((b) => rectangle(b.x * 10, b.y * 10, b.width * 10, b.height * 10));
        expect(openOf(...paths)).toBeCloseTo(cells * 100, 4);
      }),
    );
  });
});

describe("islands", () => {
  it("are what nothing holds, within one cut or between several, each with its place and size", () => {
    const ring = `${rectangle(-100, -100, 200, 200)} M -30 -30 v 60 h 60 v -60 z`;
    const [island, ...others] = sheetOf([ring]).islands;
    expect(others).toEqual([]);
    expect(island).toMatchObject({ overlay: "1", areaMm2: expect.closeTo(3600, 6) as number });
    expect([Math.abs(island!.at.x) < 30, Math.abs(island!.at.y) < 30]).toEqual([true, true]);
    // Four bars that meet at their corners hold nothing in their middle.
    const bars = [
      rectangle(0, 0, 100, 20),
      rectangle(0, 80, 100, 20),
      rectangle(0, 20, 20, 60),
      rectangle(80, 20, 20, 60),
    ];
    expect(sheetOf(bars).islands.map(({ areaMm2 }) => Math.round(areaMm2))).toEqual([3600]);
    // In overlays of their own they do not meet.
    expect(sheetOf(...bars.map((bar) => [bar])).islands).toEqual([]);
    expect(sheetOf([rectangle(0, 0, 100, 20), rectangle(0, 30, 100, 20)]).islands).toEqual([]);
  });
});

describe("bridges", () => {
  const bridgesOf = (...paths: string[]) =>
    sheetOf(paths).bridges.map(({ width }) => Math.round(width * 1000) / 1000);

  it("are the least material between two cuts, wherever it is, under 3 mm", () => {
    expect(bridgesOf(rectangle(0, 0, 50, 100), rectangle(52.4, 20, 50, 100))).toEqual([2.4]);
    expect(bridgesOf(rectangle(0, 0, 50, 100), rectangle(53, 0, 50, 100))).toEqual([]);
    // Corner to corner: 1.5 by 2.
    expect(bridgesOf(rectangle(0, 0, 50, 50), rectangle(51.5, 52, 50, 50))).toEqual([2.5]);
    const [bridge] = sheetOf([
      ["a", rectangle(0, 0, 50, 100)],
      ["b", rectangle(52.4, 20, 50, 100)],
    ]).bridges;
    expect(bridge!.at).toMatchObject({ x: 51.2 });
    expect(bridge!.at.y).toBeGreaterThanOrEqual(20);
    expect(bridge!.at.y).toBeLessThanOrEqual(100);
  });

  it("stand within one cut where it comes near to itself, not at the tip between two edges that meet", () => {
    // A square U whose legs stand 2 apart over 60, and a V cut into a square.
    expect(bridgesOf("M 0 0 h 42 v 80 h -20 v -60 h -2 v 60 h -20 z")).toEqual([2]);
    expect(bridgesOf("M 0 0 h 100 v 100 h -49 l -1 -80 l -1 80 h -49 z")).toEqual([]);
    // A ring that is not quite closed: the material within hangs on 1.6.
    expect(bridgesOf("M 0 0 h 80 v 80 h -38.4 v -20 h 18.4 v -40 h -40 v 40 h 20 v 20 h -40 z")).toEqual([
      1.6,
    ]);
  });

  it("are as sampled distances tell on random discs", () => {
    const disc = fc.record({
      x: fc.integer({ min: -60, max: 60 }),
      y: fc.integer({ min: -60, max: 60 }),
      r: fc.integer({ min: 4, max: 20 }),
    });
    fc.assert(
      fc.property(fc.array(disc, { minLength: 2, maxLength: 5 }), (discs) => {
        const gaps = discs.flatMap((a, index) =>
          discs.slice(index + 1).map((b) => Math.hypot(a.x - b.x, a.y - b.y) - a.r - b.r),
        );
        // Discs that touch or overlap are one cut, which may come near to itself.
        fc.pre(gaps.every((gap) => gap > 0.2));
        const thin = gaps.filter((gap) => gap < 2.85).sort((a, b) => a - b);
        const found = sheetOf(
          discs.map(
            ({ x, y, r }) => `M ${x - r} ${y} a ${r} ${r} 0 0 1 ${2 * r} 0 a ${r} ${r} 0 0 1 ${-2 * r} 0 z`,
          ),
        ).bridges.filter(({ width }) => width < 2.95);
        expect(found.length).toBeGreaterThanOrEqual(thin.length);
        thin.forEach((gap, index) => expect(Math.abs(found[index]!.width - gap)).toBeLessThan(0.11));
      }),
    );
  });
});

it("finds that a motif is the same turned by half, and when it is not", () => {
  const leaf = "M 0 -60 C 40 -20 40 20 0 60 C -40 20 -40 -20 0 -60 Z";
  expect(sheetOf([leaf]).hasHalfTurn).toBe(true);
  expect(sheetOf([leaf, rectangle(50, 0, 20, 20)]).hasHalfTurn).toBe(false);
  expect(sheetOf([leaf, rectangle(50, 0, 20, 20), rectangle(-70, -20, 20, 20)]).hasHalfTurn).toBe(true);
  // Of two colours each has to be.
  expect(
    sheetOf([
      ["a", rectangle(50, 0, 20, 20)],
      ["b", rectangle(-70, -20, 20, 20)],
    ]).hasHalfTurn,
  ).toBe(false);
});

it.each([
  ["", /is no path data|does not begin|encloses/],
  ["M 0 0 L 10", /is no path data/],
  ["L 0 0 L 10 0 L 10 10 Z", /does not begin with M/],
  ["M 0 0 L 10 0", /encloses nothing/],
  ["M 0 0 L 1e9 0 L 0 10 Z", /reaches beyond/],
  ["M 0 0 L NaN 0 L 0 10 Z", /is no path data/],
  [`M 0 0 ${"L 1 1 L 2 0 ".repeat(10_001)} Z`, /has over 20000 commands/],
  [`M 0 0 ${"C 900 9000 -900 9000 1 0 ".repeat(400)} Z`, /over 40000 pieces/],
])("refuses a path %#", (path, message) => {
  const parsed = stencilSchema.safeParse({
    id: "s",
    repeat: { x: 10, y: 10 },
    overlays: [{ id: "1", cuts: [{ slot: "a", path }] }],
  });
  expect(parsed.success).toBe(false);
  expect(parsed.error!.issues[0]!.message).toMatch(message);
});

it("a sheet of 2,000 edges is searched for bridges in well under 300 ms", () => {
  const paths = Array.from({ length: 100 }, (_, index) => {
    const [x, y] = [(index % 10) * 60 - 300, Math.floor(index / 10) * 60 - 300];
    const points = Array.from({ length: 20 }, (_, k) => {
      const radius = k % 2 === 0 ? 26 : 20;
      return `${x + radius * Math.cos((k * Math.PI) / 10)} ${y + radius * Math.sin((k * Math.PI) / 10)}`;
    });
    return `M ${points.join(" L ")} Z`;
  });
  const start = performance.now();
  const { slots, bridges } = sheetOf(paths);
  expect(performance.now() - start).toBeLessThan(1500);
  expect([slots[0]!.contours.length, bridges]).toEqual([100, []]);
});

it.each([
  [120, 200, "A4"],
  [210, 300, "A3"],
  [420, 297, "A3"],
  [500, 400, "A2"],
  [600, 600, null],
])("plastic of %i by %i is cut from %s", (width, height, name) => {
  const plastic = { minX: -width / 2, maxX: width / 2, minY: -height / 2, maxY: height / 2 };
  expect(blankFor({ plastic })).toBe(name);
});
