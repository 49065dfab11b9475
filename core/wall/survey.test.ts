import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { isInsideContour } from "../geometry/contour";
import { segment } from "../geometry/curve";
import { checkSurvey } from "./checkSurvey";
import { findSlips } from "./findSlips";
import { judgeDatums } from "./judgeDatums";
import { judgeTaper } from "./judgeTaper";
import { wallSchema } from "./schema";
import { buildSurface } from "./surface";
import { shapeOfWall } from "./wallShape";
import { heightAt, offsetAt } from "./polyline";
import { randomSurvey } from "./tests/surveys";

const wallOf = (survey: object, more: object = {}) =>
  wallSchema.parse({ id: "w", base: "b", survey, ...more });
const build = (survey: object, more: object = {}) => buildSurface(wallOf(survey, more));
const areaOf = (survey: object, more: object = {}) => build(survey, more).surface!.area / 1e6;

/** Readings of a ceiling that falls 17 mm over 4.2 m, `gap` above the level line at the left. */
const fallingCeiling = (gap: number) => ({
  stations: [
    { x: 0, down: 2400 - gap, up: gap },
    { x: 4200, down: 2400 - gap, up: gap - 17 },
  ],
});

describe("the surface of a surveyed wall", () => {
  it("has the area of its trapezoids, to 1e-9", () => {
    // Heights 2400 and 2383 over 4200: 4.2 x 2.3915; with 100 of skirting and 60 of cornice 4.2 x 2.2315.
    expect(areaOf(fallingCeiling(1200))).toBeCloseTo(4.2 * 2.3915, 9);
    expect(areaOf(fallingCeiling(1200), { skirting: 100, cornice: 60 })).toBeCloseTo(4.2 * 2.2315, 9);
    const bent = {
      stations: [
        { x: 0, down: 1000, up: 1400 },
        { x: 1000, down: 1100, up: 1400 },
        { x: 3000, down: 1100, up: 1500 },
      ],
      left: [
        { y: -1000, off: 0 },
        { y: 1400, off: 48 },
      ],
    };
    // Heights 2400, 2500, 2600: 2.45 + 5.1; the left end takes a triangle 48 wide and 2400 high.
    expect(areaOf(bent)).toBeCloseTo(2.45 + 5.1 - (0.048 * 2.4) / 2, 9);
  });

  it("has steps where two stations stand at one x, and openings cut out", () => {
    const notched = {
      stations: [
        { x: 0, down: 1000, up: 1500 },
        { x: 1200, down: 1000, up: 1500 },
        { x: 1200, down: 1000, up: 1100 },
        { x: 3000, down: 1000, up: 1100 },
      ],
    };
    expect(areaOf(notched)).toBeCloseTo(1.2 * 2.5 + 1.8 * 2.1, 9);
    const arch = {
      id: "o",
      kind: "door",
      shape: "arch",
      x: 1500,
      y: -1000,
      width: 900,
      height: 1900,
      rise: 450,
    };
    const area = 1.2 * 2.5 + 1.8 * 2.1 - (0.9 * 1.45 + (Math.PI * 0.45 ** 2) / 2);
    expect(areaOf(notched, { openings: [arch] })).toBeCloseTo(area, 9);
  });

  it("ends where a ceiling comes down to the skirting, as under a stair", () => {
    const stair = {
      stations: [
        { x: 0, down: 1000, up: 1000 },
        { x: 2000, down: 1000, up: 0 },
      ],
      right: [{ y: 0, off: 0 }],
    };
    expect(areaOf(stair)).toBeCloseTo(2 * 1.5, 9);
    // Down to nothing at the right: a triangle, and the skirting of 100 leaves the similar one with 1900 of height.
    const toNothing = { stations: [stair.stations[0], { x: 2000, down: 0, up: 0 }] };
    expect(areaOf(toNothing)).toBeCloseTo(2, 9);
    expect(areaOf(toNothing, { skirting: 100 })).toBeCloseTo(2 * (1900 / 2000) ** 2, 9);
  });

  it("takes an end that bends right on the riser of a step", () => {
    const bent = {
      stations: [
        { x: 0, down: 0, up: 0 },
        { x: 0, down: 0, up: 796 },
        { x: 2, down: 0, up: 269 },
      ],
      left: [
        { y: 2, off: -1 },
        { y: 1, off: 0 },
        { y: 0, off: 1 },
      ],
    };
    // From the bend at (0, 1) up the riser to 796, down to 269 at the right end, and back along the level line.
    expect(areaOf(bent) * 1e6).toBeCloseTo((2 * (796 + 269)) / 2 - 0.5, 6);
  });

  it("agrees with counting points, for random surveys", () => {
    fc.assert(
      fc.property(randomSurvey, (survey) => {
        const wall = wallOf(survey);
        const { surface } = buildSurface(wall);
        fc.pre(surface !== null);
        const { floor, ceiling, left, right } = shapeOfWall(wall);
        const { minX, maxX, minY, maxY } = surface!.extent;
        for (let i = 0; i < 12; i++) {
          for (let j = 0; j < 12; j++) {
            const x = minX + ((maxX - minX) * (i + 0.37)) / 12;
            const y = minY + ((maxY - minY) * (j + 0.53)) / 12;
            const inside =
              y > heightAt(floor, x, "highest") &&
              y < heightAt(ceiling, x, "lowest") &&
              x > offsetAt(left, y) &&
              x < offsetAt(right, y);
            expect(isInsideContour({ x, y }, surface!.outline)).toBe(inside);
          }
        }
      }),
    );
  });

  it("is refused with a reason where sides cross, and openings must lie on it", () => {
    const crossing = {
      stations: [
        { x: 0, down: 1000, up: 1000 },
        { x: 2000, down: 1000, up: 1000 },
      ],
      left: [
        { y: -1000, off: 0 },
        { y: 1000, off: 2500 },
      ],
    };
    expect(build(crossing)).toMatchObject({ surface: null, findings: [{ code: "outline-crosses" }] });
    const window = (y: number) => ({
      openings: [{ id: "o", kind: "window", x: 100, y, width: 500, height: 400 }],
    });
    // The ceiling is 183 above the line at the right and 200 at the left: 196.8 over the window's far side.
    const low = fallingCeiling(200);
    expect(build(low, window(-204)).surface).not.toBeNull();
    expect(build(low, window(-202)).findings).toMatchObject([{ code: "opening-outside", severity: "stop" }]);
  });
});

describe("tapers", () => {
  const verdictAt = (gap: number, distance = 2500) => {
    const { surface } = build(fallingCeiling(gap));
    return judgeTaper(segment({ x: 0, y: 0 }, { x: 4200, y: 0 }), "top", surface!, distance)!;
  };

  it("of 17 mm over 4.2 m show 120 mm under the ceiling and not 1.2 m under it", () => {
    expect(verdictAt(120)).toMatchObject({ first: 120, last: 103, verdict: "will show" });
    expect(verdictAt(1200)).toMatchObject({ first: 1200, last: 1183, verdict: "won't show" });
    // The eye compares within 300 mm of a side: the narrow end is 17 mm nearer than the other.
    expect(verdictAt(318).verdict).toBe("won't show");
    expect(verdictAt(316).verdict).toBe("will show");
    // From 60 m the eye resolves 17.4 mm.
    expect(verdictAt(120, 60000).verdict).toBe("won't show");
    // 17 mm would be unnoticed of 680; but further off than 300 nobody compares.
    expect(verdictAt(120).clearAt).toBe(300);
  });

  it("at a step are those of its two sides, not the step", () => {
    const { surface } = build({
      stations: [
        { x: 0, down: 1000, up: 500 },
        { x: 900, down: 1000, up: 500 },
        { x: 900, down: 1000, up: 300 },
        { x: 2000, down: 1000, up: 309 },
      ],
    });
    const taper = judgeTaper(segment({ x: 0, y: 0 }, { x: 2000, y: 0 }), "top", surface!, 2500)!;
    expect(taper).toMatchObject({ first: 300, last: 309, verdict: "may show" });
  });

  it("decide the datum: level in mid-wall, split where that hides, else along the ceiling", () => {
    const adviceAt = (gap: number, distance = 2500) => {
      const { surface } = build(fallingCeiling(gap));
      return judgeDatums(surface!, 0, distance)!;
    };
    expect(adviceAt(1200).recommended).toBe("level");
    expect(adviceAt(400).recommended).toBe("level");
    // From 30 m the eye resolves 8.7 mm, and half of 17 is 8.5; from 2.5 m it sees 2.5 % of 120.
    expect(adviceAt(120, 30_000).recommended).toBe("split");
    expect(adviceAt(120).recommended).toBe("ceiling");
    const of = (choice: string) => adviceAt(120).datums.find((datum) => datum.choice === choice)!;
    expect(of("level")).toMatchObject({ left: 120, right: 103, taper: 17, rise: 0, verdict: "will show" });
    expect(of("ceiling")).toMatchObject({ left: 120, right: 120, rise: -17, verdict: "won't show" });
    expect(of("split")).toMatchObject({ left: 120, right: 111.5, rise: -8.5, verdict: "will show" });
    expect(of("floor")).toMatchObject({ left: 120, right: 103, rise: 0 });
  });
});

describe("what is noticed", () => {
  const codesOf = (survey: object, more: object = {}) =>
    checkSurvey(build(survey, more).surface!, 2500).map(({ code, values }) => ({ code, ...values }));

  it("is how far floor, ceiling and ends are out, and by which way", () => {
    expect(codesOf(fallingCeiling(1200))).toEqual([
      // (A ceiling or floor that slopes makes no wall out of square.)
      { code: "out-of-level", side: "ceiling", out: 17, change: -17, clearAt: 300 },
    ]);
    const leaning = {
      stations: [
        { x: 0, down: 1000, up: 1000 },
        { x: 2000, down: 1000, up: 1000 },
      ],
      right: [
        { y: -1000, off: 0 },
        { y: 1000, off: -9 },
      ],
    };
    expect(codesOf(leaning)[0]).toEqual({ code: "out-of-plumb", side: "right", out: 9, inwards: -9 });
  });

  it("are diagonals that do not agree with the survey, hollows, and a line struck close to the ceiling", () => {
    const square = { stations: [{ x: 0, down: 1000, up: 1000 }], left: [], right: [] };
    const more = {
      width: 1500,
      diagonals: { rising: 2500, falling: 2600 },
      flatness: [{ at: [500, 0], gap: 5 }],
    };
    // 1500 x 2000 has diagonals of 2500. The survey has its own corners, so a diagonal that disagrees is a slip.
    expect(codesOf(square, more).map(({ code }) => code)).toEqual(["diagonal-disagrees", "not-flat"]);
    expect(codesOf(fallingCeiling(120)).map(({ code }) => code)).toContain("taper-shows");
  });
});

describe("likely slips", () => {
  const slips = (downs: number[], xs = downs.map((_, index) => index * 900)) =>
    findSlips({
      stations: downs.map((down, index) => ({ x: xs[index]!, down, up: 1300 })),
      left: [],
      right: [],
    }).map(({ station, read, likely }) => [station, read, likely]);
  const inches = (feet: number, rest: number) => (feet * 12 + rest) * 25.4;

  it("are readings that one common slip puts in line with their neighbours", () => {
    expect(slips([1210, 1311, 1213, 1214])).toEqual([[1, 1311, 1211]]);
    expect(slips([1210, 1212, 1204])).toEqual([]);
    expect(slips([1210, 1212, 1204, 1215])).toEqual([[2, 1204, 1214]]);
    expect(slips([121, 1211, 1212])).toEqual([[0, 121, 1210]]);
    expect(slips([12100, 1214])).toEqual([[0, 12100, 1210]]);
    expect(slips([1210, 2212])).toEqual([[1, 2212, 1212]]);
    // 4' 7" written as 7' 4" between two that read 4' 7".
    expect(slips([inches(4, 7), inches(7, 4), inches(4, 7)])).toEqual([[1, inches(7, 4), inches(4, 7)]]);
  });

  it("are not the slopes, sags and steps of real walls", () => {
    expect(slips([1210, 1240, 1270, 1300])).toEqual([]);
    expect(slips([1210, 1310])).toEqual([]);
    expect(slips([1210, 1230, 1205])).toEqual([]);
    expect(slips([1210, 1210, 1310, 1310], [0, 900, 900, 1800])).toEqual([]);
    fc.assert(
      fc.property(
        fc.array(fc.double({ min: -3, max: 3, noNaN: true }), { minLength: 2, maxLength: 9 }),
        fc.double({ min: -0.02, max: 0.02, noNaN: true }),
        (waves, slope) => {
          expect(slips(waves.map((wave, index) => 1200 + wave + slope * index * 900))).toEqual([]);
        },
      ),
    );
  });
});
