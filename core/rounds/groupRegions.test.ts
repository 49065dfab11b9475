import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { arrange } from "../geometry/arrange";
import { circleContour, rectangleContour } from "../geometry/contour";
import { curveLength, segment, type Curve } from "../geometry/curve";
import { interiorPoint } from "../geometry/interiorPoint";
import type { Pattern } from "../pattern/pattern";
import { groupRegions, orderRounds } from "./groupRegions";
import { listPasses } from "./listPasses";

/** A pattern whose regions are the faces of curves, coloured in their order. */
function patternOf(curves: readonly Curve[], colourOf: (index: number) => string): Pattern {
  const { faces, edges } = arrange(
    curves.map((curve) => ({ curve, source: "line" })),
    0.01,
  );
  const regions = faces.map((face, index) => ({
    id: `r${index}`,
    name: "",
    colour: colourOf(index),
    finish: "f",
    noun: "piece",
    numbers: [],
    technique: "rolled",
    face,
    at: interiorPoint(face),
  }));
  return {
    regions,
    edges,
    lines: [],
    centres: [],
    tapedLines: [],
    diagonals: [],
    motifs: [],
    placements: [],
    cutPieces: 0,
    effects: [],
    bricks: [],
    sheets: [],
  };
}

const roundsOf = (pattern: Pattern, base: string) =>
  orderRounds([groupRegions([{ pattern, base }], [], () => ({ lightness: 50 }))])[0]![0]!;

/** Whether two regions of one group share more than the millimetre that counts as only touching. */
function touchInOneGroup({ regions, edges }: Pattern, groups: readonly number[]): boolean {
  const shared = new Map<string, number>();
  for (const { left, right, curve } of edges) {
    if (left === null || right === null || regions[left]!.colour === regions[right]!.colour) continue;
    if (groups[left] === 0 || groups[left] !== groups[right]) continue;
    const pair = [left, right].sort((a, b) => a - b).join();
    shared.set(pair, (shared.get(pair) ?? 0) + curveLength(curve));
  }
  return [...shared.values()].some((length) => length > 1);
}

describe("rounds", () => {
  it("a wheel of five sectors around a hub, none base, takes four", () => {
    const spokes = Array.from({ length: 5 }, (_, k) => {
      const angle = (k * 2 * Math.PI) / 5 + 0.1;
      return segment(
        { x: 200 * Math.cos(angle), y: 200 * Math.sin(angle) },
        { x: 900 * Math.cos(angle), y: 900 * Math.sin(angle) },
      );
    });
    const pattern = patternOf(
      [...circleContour({ x: 0, y: 0 }, 200), ...circleContour({ x: 0, y: 0 }, 900), ...spokes],
      String,
    );
    expect(pattern.regions).toHaveLength(6);
    const groups = roundsOf(pattern, "base");
    expect(Math.max(...groups)).toBe(4);
    expect(touchInOneGroup(pattern, groups)).toBe(false);
  });

  it("full lines with no two neighbours alike take two, and neighbours are never in one", () => {
    const end = fc.integer({ min: 1, max: 99 });
    fc.assert(
      fc.property(fc.array(fc.tuple(end, end), { minLength: 1, maxLength: 12 }), (ends) => {
        const lines = ends.map(([a, b], k) =>
          segment({ x: 0, y: a * 10 + k * 0.37 }, { x: 2000, y: b * 10 + k * 0.53 }),
        );
        const pattern = patternOf(
          [...rectangleContour(0, 0, 2000, 1000), ...lines],
          (index) => `colour ${index}`,
        );
        const groups = roundsOf(pattern, "base");
        expect(Math.max(...groups)).toBeLessThanOrEqual(2);
        expect(touchInOneGroup(pattern, groups)).toBe(false);
      }),
    );
  });

  it("regions left in base are in no round, and a strip of base frees its sides", () => {
    const lines = [700, 1400].map((x) => segment({ x, y: 0 }, { x, y: 1000 }));
    const pattern = patternOf(
      [...rectangleContour(0, 0, 2100, 1000), ...lines],
      (index) => ["red", "base", "blue"][index]!,
    );
    const middle = pattern.regions.findIndex((region) => region.at.x > 700 && region.at.x < 1400);
    const recoloured = {
      ...pattern,
      regions: pattern.regions.map((region, index) => ({
        ...region,
        colour: index === middle ? "base" : `colour ${index}`,
      })),
    };
    expect([...roundsOf(recoloured, "base")].sort()).toEqual([0, 1, 1]);
  });
});

it("a paint that is opened for a round on one wall is used in that round on the others", () => {
  const wall = (...colours: string[]) => {
    const lines = colours
      .slice(1)
      .map((_, k) => segment({ x: (k + 1) * 700, y: 0 }, { x: (k + 1) * 700, y: 900 }));
    const pattern = patternOf([...rectangleContour(0, 0, colours.length * 700, 900), ...lines], String);
    const regions = pattern.regions.map((region) => ({
      ...region,
      colour: colours[Math.floor(region.at.x / 700)]!,
    }));
    return groupRegions([{ pattern: { ...pattern, regions }, base: "base" }], [], (colour) => ({
      lightness: colour === "pale" ? 90 : 20,
      marks: colour === "pearl",
    }));
  };
  // The second wall has two rounds, pale before deep; deep alone on the first fits in with it.
  const [[first], [second]] = orderRounds([wall("deep"), wall("pale", "deep")]) as [number[][], number[][]];
  expect(first).toEqual([2]);
  expect(second).toEqual([1, 2]);
  // What tape marks goes last, however pale it is.
  const [[pearly]] = orderRounds([wall("pearl", "pale", "pearl", "deep")]) as [number[][]];
  expect(pearly).toEqual([2, 1, 2, 1]);
});

it("passes follow the school: each group finished, or one coat everywhere and then the next", () => {
  expect(listPasses([2, 3], "finish")).toEqual([
    { round: 1, group: 1 },
    { round: 2, group: 2 },
  ]);
  expect(listPasses([2, 3], "coat-by-coat").map(({ group, coat }) => [coat, group])).toEqual([
    [1, 1],
    [1, 2],
    [2, 1],
    [2, 2],
    [3, 2],
  ]);
  expect(listPasses([], "coat-by-coat")).toEqual([]);
});
