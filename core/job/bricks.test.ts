import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { bricksOf, planned, rounded } from "./tests/bricks";
import { runsOf } from "@/core/tests/runsOf";

describe("courses", () => {
  it.each([
    // Ten faces of 68 leave 90 for nine beds; eleven 22 for ten, which is too narrow.
    ["near", 770, 10, 10, 68],
    // 2655: 34 x 68 = 2312 leave 343 for 33; 33 leave 411 for 32, 12.84, further from 10.
    ["near", 2655, 34, 343 / 33, 68],
    // Kept: 2655 / 78 = 34.04, so a 35th course of 2655 - 34 x 78 = 3.
    ["keep", 2655, 35, 10, 3],
    [{ by: "count", count: 33 }, 2655, 33, 411 / 32, 68],
    [{ by: "keep" }, 770, 10, 10, 68],
  ] as const)("%o over %i mm", (courses, height, count, bed, lowest) => {
    const work = bricksOf({ courses }, { height });
    expect([work.courses, rounded(work.bed), work.perpend]).toEqual([count, rounded(bed), 10]);
    const last = work.list.filter(({ course }) => course === count);
    expect(rounded(last[0]!.box[3])).toBe(lowest);
    // Course 1 hangs from the top, the others one pitch of face and bed under each other.
    for (const { course, box } of work.list)
      expect(rounded(box[1] + box[3])).toBe(rounded(height - (course - 1) * (68 + bed)));
  });

  it("of more faces than the height holds are stopped", () => {
    const { findings, regions } = planned({ courses: { by: "count", count: 12 } }).walls[0]!;
    expect(findings.map(({ code, severity }) => [code, severity])).toContainEqual(["too-narrow", "stop"]);
    expect(regions).toEqual([]);
  });
});

describe("bonds", () => {
  const firstsOf = (finish: object) => {
    const { list } = bricksOf(finish);
    return [1, 2, 3, 4].map((course) => {
      const own = list.filter((brick) => brick.course === course);
      return [own.length, rounded(own[0]!.box[2]), rounded(own.at(-1)!.box[2])];
    });
  };

  it.each([
    // 2380 is ten pitches of 238. Half: 119 to the right, so 109 and its joint at the left; nine whole, and 119 at the right.
    [
      "half",
      [
        [10, 228, 228],
        [11, 109, 119],
        [10, 228, 228],
        [11, 109, 119],
      ],
    ],
    // A third more each course: 79.333 and 158.667 from the left.
    [
      "third",
      [
        [10, 228, 228],
        [11, 69.333, 158.667],
        [11, 148.667, 79.333],
        [10, 228, 228],
      ],
    ],
    [
      "stack",
      [
        [10, 228, 228],
        [10, 228, 228],
        [10, 228, 228],
        [10, 228, 228],
      ],
    ],
    // Headers of 109 every 119, centred on the faces above: one from 59.5, before it the last 49.5 of another.
    [
      "header",
      [
        [10, 228, 228],
        [21, 49.5, 59.5],
        [10, 228, 228],
        [21, 49.5, 59.5],
      ],
    ],
  ] as const)("%s", (bond, firsts) => {
    expect(firstsOf({ bond })).toEqual(firsts);
  });

  it.each([
    ["right", 2152],
    ["centre", 1190 - 114],
    ["joint", 1190 + 5],
  ] as const)("a start %s puts a brick where it says", (start, left) => {
    const { list } = bricksOf({ start });
    expect(list.filter(({ course }) => course === 1).map(({ box }) => rounded(box[0]))).toContain(left);
  });

  it("the best start leaves no end narrower than any other would, and says so where one is narrow", () => {
    const ends = (start: string, width: number) => bricksOf({ start }, { width }).endPiece_mm;
    fc.assert(
      fc.property(fc.integer({ min: 600, max: 5000 }), (width) => {
        const best = ends("best", width);
        for (const start of ["left", "right", "centre", "joint"])
          expect(best).toBeGreaterThanOrEqual(ends(start, width) - 0.2);
      }),
      runsOf(25),
    );
    const narrow = planned({}, { width: 2410 }).walls[0]!.findings.find(({ code }) => code === "end-piece")!;
    // Ten pitches and 30: the course that begins whole ends in 30.
    expect(narrow).toMatchObject({ severity: "check", change: { set: { start: "best" } } });
    expect(narrow.say).toMatch(/only 30 mm/);
  });
});

it("boxes, shares and joints are what is counted by hand around an opening", () => {
  const openings = [{ id: "hatch", kind: "window", x: 595, y: 200, width: 714, height: 400 }];
  const work = bricksOf({ bond: "stack" }, { openings });
  // 10 x 10 faces; the hatch reaches from the middle of the joint before the third (595 is 119 into it: half of it).
  const open = (brick: (typeof work.list)[number]) => {
    const [x, y, width, height] = brick.box;
    const over = Math.max(0, Math.min(x + width, 1309) - Math.max(x, 595));
    const up = Math.max(0, Math.min(y + height, 600) - Math.max(y, 200));
    return 1 - (over * up) / (width * height);
  };
  for (const brick of work.list) expect(brick.share).toBeCloseTo(open(brick), 9);
  // Two columns lie wholly behind it for the courses from 200 to 600: feet at 234, 312, 390, 468; and more in part.
  expect(work.list).toHaveLength(100 - 2 * 4);
  // Six courses lose four faces each. Beside the hatch 595 - 476 = 119 and 1418 - 1309 = 109 are left of four; under it 44 of
  // a height (200 - 156), over it 14 (614 - 600). At its corners a whole width and a leg of 24, or a whole height and a strip.
  const sizes = work.pieces.map(({ width, height, count, part }) => [width, height, count, part ?? false]);
  expect(sizes.sort((a, b) => Number(b[0]) - Number(a[0]) || Number(b[1]) - Number(a[1]))).toEqual([
    [228, 68, 100 - 6 * 4, false],
    [228, 44, 4, true],
    [228, 14, 2, true],
    [119, 68, 4 + 1, true],
    [119, 24, 1, true],
    [119, 14, 1, true],
    [109, 68, 4 + 1, true],
    [109, 24, 1, true],
    [109, 14, 1, true],
  ]);
  // Nine beds of 2.38 m, middles at 73 + 78 k; five of them (229, 307, 385, 463, 541) between 200 and 600 lose 0.714.
  expect(work.bed_m).toBeCloseTo(9 * 2.38 - 5 * 0.714, 9);
  // Ten perpends of 10 x 0.068 m at 233 + 238 k, the last one along the right end; 709, 947 and 1185 lose what of the faces' heights lies between 200 and 600.
  const lost = Array.from({ length: 10 }, (_, course) => course * 78).reduce(
    (sum, low) => sum + Math.max(0, Math.min(low + 68, 600) - Math.max(low, 200)),
    0,
  );
  expect(work.perpend_m).toBeCloseTo(10 * 0.68 - (3 * lost) / 1000, 9);
});

describe("tones", () => {
  const accents = [{ colour: "slate-tide", share: 0.15 }];
  it("take their shares, touch none of their own, and come again with the same seed alone", () => {
    const work = bricksOf({ accents, seed: 4 });
    const accent = work.list.filter(({ tone }) => tone === "slate-tide");
    expect(accent).toHaveLength(Math.round(0.15 * work.list.length));
    const touches = ([x, y, width, height]: readonly number[], [u, v, w, h]: readonly number[]) => {
      const over = Math.min(x! + width!, u! + w!) - Math.max(x!, u!);
      const up = Math.min(y! + height!, v! + h!) - Math.max(y!, v!);
      return (over > 0 && up > -work.bed - 1) || (up > 0 && over > -work.perpend - 1);
    };
    accent.forEach((brick, index) => {
      for (const other of accent.slice(index + 1)) expect(touches(brick.box, other.box)).toBe(false);
    });
    const places = (seed: number) =>
      bricksOf({ accents, seed })
        .list.flatMap(({ id, tone }) => (tone === "slate-tide" ? [id] : []))
        .join();
    expect(places(4)).toBe(accent.map(({ id }) => id).join());
    expect(places(5)).not.toBe(places(4));
  });

  it("are stamped downwards, no load over what it carries and no print far from the one before", () => {
    const work = bricksOf({ fade: 6 });
    const inTurn = [...work.list].sort((a, b) => a.order - b.order);
    expect(inTurn.map(({ order }) => order)).toEqual(inTurn.map((_, index) => index + 1));
    inTurn.slice(1).forEach((brick, index) => {
      const before = inTurn[index]!;
      // Of two loads that are woven into each other the second comes back into the course before.
      expect(brick.course).toBeGreaterThanOrEqual(before.course - 1);
      if (brick.load !== before.load) return expect(brick.nthOfLoad).toBe(1);
      expect(brick.nthOfLoad).toBe(before.nthOfLoad + 1);
      expect(brick.nthOfLoad).toBeLessThanOrEqual(6);
      expect(Math.abs(brick.box[0] - before.box[0])).toBeLessThanOrEqual(2 * 238);
    });
    // Fresh beside faded: the two neighbours of a course are seldom of one strength.
    const pairs = work.list.filter(({ course, n }) => course === 1 && n < 10);
    expect(pairs.length).toBeGreaterThan(5);
  });
});

it("its paint is by printed area, its stamps by size, its days by six faces a minute", () => {
  const whole = planned({ bond: "stack" });
  const area = (100 * 228 * 68) / 1e6;
  const paint = whole.paint.find(({ colour }) => colour === "driftwood")!;
  expect(paint.printed_m2).toBeCloseTo(area, 9);
  expect(paint.terms.film_ml).toBeCloseTo((area / 16) * 1000, 6);
  expect(whole.steps.find(({ kind }) => kind === "stamp")!.minutes).toBe(Math.ceil(100 / 6));
  expect(whole.sundries.find(({ item }) => item === "sponge-block")!.count).toBe(1);
  // One reading a course from the level line; the lowest stands on the floor.
  expect(whole.walls[0]!.marks.map(({ at }) => rounded(at))).toEqual([
    78, 156, 234, 312, 390, 468, 546, 624, 702,
  ]);
});

it("taped, its joints are taped on what is dry, and peeled when the last face is dry to the tape", () => {
  const { steps, sundries } = planned({ way: "taped", bond: "stack" });
  const of = (kind: string) => steps.filter((step) => step.kind === kind);
  // 9 x 2.38 and 10 x 0.68 m at a metre a minute, and off at three.
  expect([of("tape-joints")[0]!.minutes, of("peel-joints")[0]!.minutes]).toEqual([29, 10]);
  expect(of("stamp")[0]!.start).toBeGreaterThanOrEqual(of("tape-joints")[0]!.end);
  expect(of("peel-joints")[0]!.start - of("stamp").at(-1)!.end).toBeGreaterThanOrEqual(60);
  expect(sundries.find(({ item }) => item === "brick-tape")!.count).toBe(1);
});

it("marks are rubbed out when the joints are off, however soon the faces are dry", () => {
  const quick = ["oyster", "driftwood", "slate-tide"].map((id) => ({ id, touchDry_min: 5 }));
  const { steps } = planned({ way: "taped" }, {}, { paints: quick });
  const of = (kind: string) => steps.find((step) => step.kind === kind)!;
  expect(of("rub-out").start).toBeGreaterThanOrEqual(of("peel-joints").end);
  expect(of("touch-up").start).toBeGreaterThanOrEqual(of("rub-out").end);
});

it("around a corner to a lower wall, courses go on as far as its own ceiling", () => {
  const walls = [770, 300].map((height, at) => ({ id: `w${at}`, width: 1000, height, base: "oyster" }));
  const whole = planned({ on: "r" }, {}, { walls, runs: [{ id: "r", walls: ["w0", "w1"] }] });
  // Ten courses of 68 with beds of 10; the seventh stands from 234 to 302, and the ceiling at 300 takes two of it.
  const lower = whole.walls[1]!.bricks![0]!.list;
  expect([...new Set(lower.map(({ course }) => course))]).toEqual([7, 8, 9, 10]);
  const top = lower.filter(({ course }) => course === 7);
  expect(new Set(top.map(({ box: [, y, , height] }) => `${rounded(y)} ${rounded(height)}`))).toEqual(
    new Set(["234 66"]),
  );
  expect(new Set(top.map(({ piece }) => piece))).toEqual(new Set(["part"]));
});

it("the bond goes on around the corner of a run", () => {
  const walls = ["a", "b"].map((id) => ({ id, width: 1000, height: 770, base: "oyster" }));
  const whole = planned({ on: "r" }, {}, { walls, runs: [{ id: "r", walls: ["a", "b"] }] });
  const [a, b] = whole.walls.map(({ bricks }) => bricks![0]!.list.filter(({ course }) => course === 1));
  // Four pitches are 952: the fifth brick turns the corner, 48 on the one wall and 180 on the other.
  expect(rounded(a!.at(-1)!.box[2])).toBe(48);
  expect(b![0]!.box.map(rounded).slice(0, 3)).toEqual([0, 702, 180]);
  expect(b![0]!.id).toBe(a!.at(-1)!.id);
});
