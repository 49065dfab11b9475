import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { arcByAngles, segment } from "../geometry/curve";
import type { PatternEdge } from "../pattern/pattern";
import { joinEdges } from "./joinEdges";
import { joinPulls } from "./joinPulls";
import { sideOf } from "./planTape";
import type { EdgePiece } from "./tapePiece";
import { cutFromRolls, pullsOfLine } from "./cutFromRolls";
import { usualTapesMm } from "../trade/constants";
import { tapeForLine, totalTape, isLittleLeft } from "./totalTape";

describe("tape to buy", () => {
  it("has laps where pulls meet and a tail at each end", () => {
    // One pull reaches 900 mm; two reach 900 + 875 = 1775; three 2650. Tails of 40 mm at both ends.
    expect(tapeForLine(900)).toBe(980);
    expect(tapeForLine(901)).toBe(901 + 25 + 80);
    expect(tapeForLine(1775)).toBe(1775 + 25 + 80);
    expect(tapeForLine(2650)).toBe(2650 + 50 + 80);
    expect(tapeForLine(10)).toBe(90);
  });

  it("is rounded up to rolls", () => {
    // 40 lines of 900 take 40 x 980 = 39200 mm: one roll of 41 m, a reserve of 4.6 % that is told; 41 take 40180, and 2 % are
    // too little: two rolls.
    const pieces = (count: number, width: number) => new Array(count).fill({ length: 900, width });
    const [roll, ...more] = totalTape(pieces(40, 24), usualTapesMm);
    expect([roll!.widthMm, roll!.rolls, more.length]).toEqual([24, 1, 0]);
    expect([roll!.runM, roll!.buyM, roll!.offcutM].map((m) => Number(m.toFixed(6)))).toEqual([36, 39.2, 1.8]);
    expect(isLittleLeft(roll!)).toBe(true);
    const [two] = totalTape(pieces(41, 24), usualTapesMm);
    expect([two!.rolls, isLittleLeft(two!)]).toEqual([2, false]);
    expect(two!.offcutM).toBeCloseTo(41.82, 6);
    expect(totalTape([], usualTapesMm)).toEqual([]);
    // 20 mm is slit from 24; 60 mm takes two tapes of 36 that overlap, so 4 x 0.9 m of line run to 7.2 m of tape.
    expect(totalTape([...pieces(1, 20), ...pieces(4, 60)], usualTapesMm)).toMatchObject([
      { widthMm: 24, runM: 0.9 },
      { widthMm: 36, runM: 7.2 },
    ]);
    // Where 72 mm can be had, one of those is slit.
    expect(totalTape(pieces(4, 60), [...usualTapesMm, 72])).toMatchObject([{ widthMm: 72, runM: 3.6 }]);
  });
});

it("a tape runs across a junction in one pull; what lies apart, aside or on the other side is a pull of its own", () => {
  const piece = (ax: number, ay: number, bx: number, by: number, more: object = {}) =>
    ({
      path: [segment({ x: ax, y: ay }, { x: bx, y: by })],
      length: Math.hypot(bx - ax, by - ay),
      width: 24,
      lies: "left",
      against: null,
      centred: false,
      ...more,
    }) as unknown as EdgePiece;
  const lengths = (...pieces: EdgePiece[]) =>
    joinPulls(pieces)
      .map(({ length }) => Math.round(length * 1e6) / 1e6)
      .sort((a, b) => a - b);
  // An upright in twelve pieces, drawn either way.
  const twelve = Array.from({ length: 12 }, (_, k) =>
    k % 2 === 0 ? piece(500, 200 * k, 500, 200 * (k + 1)) : piece(500, 200 * (k + 1), 500, 200 * k),
  );
  expect(lengths(...twelve)).toEqual([2400]);
  expect(lengths(piece(0, 0, 300, 400), piece(300, 400, 600, 800))).toEqual([1000]);
  expect(lengths(piece(0, 0, 300, 400), piece(300, 400, 900, 400))).toEqual([500, 600]);
  expect(lengths(piece(0, 0, 0, 500), piece(0, 510, 0, 900), piece(0.5, 500, 0.5, 800))).toEqual([
    300, 390, 500,
  ]);
  expect(lengths(piece(0, 0, 0, 500), piece(0, 500, 0, 900, { lies: "right" }))).toEqual([400, 500]);
});

describe("pulls cut from rolls", () => {
  it("reach along their line with laps and tails, none longer than one pull", () => {
    // 2000 mm: two pulls reach 1775, the third covers the last 225 and its lap of 25; tails at both ends.
    expect(pullsOfLine(2000)).toEqual([940, 900, 290]);
    fc.assert(
      fc.property(fc.double({ min: 1, max: 20_000, noNaN: true }), (length) => {
        const pulls = pullsOfLine(length);
        const reach = pulls.reduce((sum, pull) => sum + pull, 0) - (pulls.length - 1) * 25 - 80;
        expect(reach).toBeCloseTo(length, 6);
        for (const [index, pull] of pulls.entries()) {
          const tails = (index === 0 ? 40 : 0) + (index === pulls.length - 1 ? 40 : 0);
          expect(pull - tails).toBeLessThanOrEqual(900 + 1e-9);
          // The last one holds on to its lap.
          expect(pull - tails).toBeGreaterThan(index > 0 ? 25 - 1e-9 : 0);
        }
      }),
    );
  });

  it("take no more rolls than the bound of their method, and every roll holds what is cut from it", () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 50, max: 980 }), { maxLength: 60 }), (pulls) => {
        const total = pulls.reduce((sum, pull) => sum + pull, 0);
        const { rolls, offcutMm } = cutFromRolls(pulls, 2000);
        expect(rolls * 2000 - total).toBeCloseTo(offcutMm, 6);
        expect(offcutMm).toBeGreaterThanOrEqual(0);
        // Two pulls always fit on a roll, and no two rolls are both half empty.
        expect(rolls).toBeLessThanOrEqual(Math.max(Math.ceil(total / 1000), Math.min(1, pulls.length)));
        expect(rolls).toBeGreaterThanOrEqual(Math.ceil(total / 2000));
      }),
    );
    // Two of 1200 leave 800 each: four of 400 are cut from those ends.
    expect(cutFromRolls([400, 1200, 400, 1200, 400, 400], 2000)).toEqual({ rolls: 2, offcutMm: 0 });
    expect(cutFromRolls([], 2000)).toEqual({ rolls: 0, offcutMm: 0 });
  });
});

describe("pieces of tape", () => {
  const edge = (
    from: number,
    to: number,
    ax: number,
    ay: number,
    bx: number,
    by: number,
    left: number | null,
    right: number | null,
  ): PatternEdge => ({
    from,
    to,
    curve: segment({ x: ax, y: ay }, { x: bx, y: by }),
    left,
    right,
    sources: ["line"],
  });

  it("run on where nothing meets them, whichever way their edges were drawn", () => {
    const [stretch, ...more] = joinEdges([
      edge(0, 1, 0, 0, 0, 10, 0, 1),
      edge(2, 1, 0, 30, 0, 10, 1, 0),
      edge(2, 3, 0, 30, 0, 40, 0, 1),
    ]);
    expect(more).toEqual([]);
    expect(stretch).toMatchObject({ length: 40, left: 0, right: 1 });
    expect(stretch!.path.map((curve) => curve.a.y)).toEqual([0, 10, 30]);
  });

  it("end at corners, at junctions, and where a neighbour changes", () => {
    expect(joinEdges([edge(0, 1, 0, 0, 0, 10, 0, 1), edge(1, 2, 0, 10, 10, 10, 0, 1)])).toHaveLength(2);
    expect(
      joinEdges([
        edge(0, 1, 0, 0, 0, 10, 0, 1),
        edge(1, 2, 0, 10, 0, 20, 0, 2),
        edge(1, 3, 0, 10, 9, 10, 1, 2),
      ]),
    ).toHaveLength(3);
    expect(joinEdges([edge(0, 1, 0, 0, 0, 10, 0, 1), edge(1, 2, 0, 10, 0, 20, 0, null)])).toHaveLength(2);
  });

  it("lie on the side that a painter would name", () => {
    const up = segment({ x: 0, y: 0 }, { x: 0, y: 5 });
    const right = segment({ x: 0, y: 0 }, { x: 5, y: 1 });
    expect([sideOf(up, true), sideOf(up, false), sideOf(right, true), sideOf(right, false)]).toEqual([
      "left",
      "right",
      "above",
      "below",
    ]);
    const counterClockwise = arcByAngles({ x: 0, y: 0 }, 100, 0, 1);
    const clockwise = arcByAngles({ x: 0, y: 0 }, 100, 1, 0);
    expect([sideOf(counterClockwise, true), sideOf(clockwise, true)]).toEqual(["inside", "outside"]);
  });
});
