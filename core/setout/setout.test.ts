import { describe, expect, it } from "vitest";
import { segment } from "../geometry/curve";
import type { SetOutLine } from "../pattern/pattern";
import { wallSchema } from "../wall/schema";
import { buildSurface } from "../wall/surface";
import { chooseLevelLine } from "./chooseLevelLine";
import { listMarks } from "./listMarks";

const surfaceOf = (more: object = {}) =>
  buildSurface(wallSchema.parse({ id: "w", base: "b", width: 4000, height: 2600, skirting: 100, ...more }))
    .surface!;
const lineOf = (kind: SetOutLine["kind"], x1: number, y1: number, x2: number, y2: number): SetOutLine => ({
  id: `w/f/${kind}`,
  index: 0,
  kind,
  path: segment({ x: x1, y: y1 }, { x: x2, y: y2 }),
  use: "stripe 1 | stripe 2",
});

const patternOf = (lines: SetOutLine[]) => ({
  lines: lines.map((line) => ({ ...line, finish: "f", key: line.id, line: `f/${line.id}` })),
  centres: [],
  tapedLines: [],
  diagonals: [],
});

describe("marks", () => {
  it("are one a plumb or level line and two a slanted one, each from the wall's own datum", () => {
    const lines = [
      lineOf("plumb", 500.4, 100, 500.4, 2600),
      lineOf("level", 0, 812.7, 4000, 812.7),
      lineOf("slant", 0, 300, 2300, 2600),
    ];
    const { marks, checks } = listMarks(patternOf(lines), surfaceOf(), 1);
    expect(marks.map(({ on, axis, at, reading }) => [on, axis, at, reading])).toEqual([
      ["left", "y", 300, 300],
      ["left", "y", 812.7, 813],
      ["level", "x", 500.4, 500],
      ["top", "x", 2300, 2300],
    ]);
    expect(marks[2]!.error).toBeCloseTo(-0.4, 9);
    expect(checks.map(({ on, at }) => [on, at])).toEqual([
      ["right", 812.7],
      ["top", 500.4],
      ["right", 4000],
    ]);
  });

  it("are made in one walk: up the left end, along, up the right end, along the top, and no way back for the other end of a line", () => {
    const lines = [
      lineOf("slant", 0, 2000, 3000, 2600),
      lineOf("slant", 1000, 100, 4000, 900),
      lineOf("slant", 0, 700, 4000, 300),
      lineOf("plumb", 2500, 100, 2500, 2600),
    ];
    const { marks } = listMarks(patternOf(lines), surfaceOf(), 1);
    expect(marks.map(({ on, at }) => [on, at])).toEqual([
      ["left", 700],
      ["left", 2000],
      ["level", 2500],
      ["bottom", 1000],
      ["right", 300],
      ["right", 900],
      ["top", 3000],
    ]);
  });

  it("never step: a tenth of a division lost at each mark would show at the last", () => {
    const true24 = Array.from({ length: 23 }, (_, k) => ((k + 1) * 4000) / 24);
    const { marks } = listMarks(
      patternOf(true24.map((x) => lineOf("plumb", x, 100, x, 2600))),
      surfaceOf(),
      1,
    );
    for (const { error } of marks) expect(Math.abs(error)).toBeLessThanOrEqual(0.5);
    expect(23 * Math.abs(167 - 4000 / 24)).toBeGreaterThan(7);
  });
});

describe("the level line", () => {
  const window = (y: number, height: number) => ({
    openings: [{ id: "o", kind: "window", x: 900, y, width: 900, height, casing: 50 }],
  });

  it("stands at 1.2 m where nothing is in its way, lower on a low wall", () => {
    expect(chooseLevelLine(surfaceOf())).toBe(1200);
    expect(chooseLevelLine(surfaceOf({ height: 1500 }))).toBe(800);
  });

  it("clears openings with their casings, and plates, by the nearer side within reach", () => {
    // The casing reaches from 850 to 1950: 40 below it is 810, 40 above is out of reach.
    expect(chooseLevelLine(surfaceOf(window(900, 1000)))).toBe(810);
    const plate = { fixtures: [{ id: "p", kind: "plate", x: 500, y: 1150, width: 80, height: 80 }] };
    // 40 clear of 1150 to 1230 is 1110 or 1270, of which 1270 is nearer to 1200.
    expect(chooseLevelLine(surfaceOf(plate))).toBe(1270);
  });

  it("gives way to a door that leaves no height free", () => {
    expect(chooseLevelLine(surfaceOf(window(0, 2400)))).toBe(1200);
  });
});
