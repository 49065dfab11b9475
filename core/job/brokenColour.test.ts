import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { sharedStarts, strokesOf } from "../work/broken/strokes";
import { lampFor } from "../finishes/pearl/lamp";
import { spreadTones } from "../work/broken/spreadTones";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

const paints = [
  { id: "oyster" },
  { id: "kelp" },
  { id: "lime-stone", material: "limewash", hex: "#E4D9C0" },
  { id: "mineral-white", material: "mineral-primer", hex: "#F5F3EE" },
  { id: "dune", material: "metallic-plaster" },
  { id: "shell", material: "metallic-plaster" },
  { id: "mist", material: "pearl-coat" },
  { id: "chalk", material: "whitewash" },
];
const document = (finishes: object[], wall: object = {}, job: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Broken colour",
  paints,
  walls: [{ id: "w", width: 4000, height: 2600, base: "oyster", ...wall }],
  finishes: finishes.map((finish, index) => ({ id: `f${index + 1}`, on: "w", ...finish })),
  ...job,
});
const planned = (...of: Parameters<typeof document>) => plan(parsed(document(...of)));
const needOf = ({ paint }: ReturnType<typeof planned>, id: string) =>
  paint.find(({ colour }) => colour === id)!;
const codes = ({ findings, walls }: ReturnType<typeof planned>) =>
  [...findings, ...walls.flatMap((wall) => wall.findings)].map(({ code }) => code);
const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

const lime = { kind: "limewash", paint: "lime-stone", primer: "mineral-white" };

describe("limewash", () => {
  it("goes over the whole wall in one front, by hands, height and open time", () => {
    const result = planned([lime]);
    const [first, ...rest] = result.walls[0]!.coats!;
    // 10.4 m2 at 0.25 a minute; a front of 2.6 x 0.6 m; 10.4 m2 at 6.5 m2 a litre.
    expect(first).toMatchObject({
      coat: 1,
      colour: "lime-stone",
      hands: 1,
      unbroken: true,
      fits: true,
      open_min: 20,
    });
    expect(first!.minutes).toBeCloseTo(41.6, 9);
    expect(first!.front_min).toBeCloseTo((2.6 * 0.6) / 0.25, 9);
    expect(first!.need_ml).toBeCloseTo(1600, 9);
    expect(rest.map(({ coat }) => coat)).toEqual([2, 3]);
    // Three coats of 1600, roller and brush 210, 5 % of 4800; the primer's 10.4 / 7 of a litre, 210 and 5 %.
    expect(needOf(result, "lime-stone").need_ml).toBeCloseTo(4800 + 210 + 240, 6);
    expect(needOf(result, "mineral-white").need_ml).toBeCloseTo((10_400 / 7) * 1.05 + 210, 6);
  });

  it("cannot be joined where the edge sets sooner than the front is done, and a second hand cures it", () => {
    // At 30 C the edge stays wet half as long, 10 min; 4.5 m high the front takes 10.8.
    const wall = { height: 4500 };
    const alone = planned([lime], wall, { work: { temperature: 30 } });
    const [coat] = alone.walls[0]!.coats!;
    expect([coat!.front_min, coat!.open_min].map((minutes) => Math.round(minutes * 1e6) / 1e6)).toEqual([
      10.8, 10,
    ]);
    expect(coat!.fits).toBe(false);
    const found = alone.findings.find(({ code }) => code === "cannot-join-wet")!;
    expect(found.change).toMatchObject({ path: ["work"], set: { crew: 2 } });
    const two = planned([lime], wall, { work: { temperature: 30, crew: 2 } });
    expect(two.walls[0]!.coats![0]).toMatchObject({ hands: 2, fits: true });
    expect(codes(two)).not.toContain("cannot-join-wet");
    // All hands are on it, for half the time; from a tower that stands in two places, four minutes each.
    const step = two.steps.find(({ kind }) => kind === "limewash")!;
    expect([step.people, step.minutes]).toEqual([[1, 2], Math.ceil(18 / 0.25 / 2 + 2 * 4)]);
  });

  it("wants a mineral ground, as many coats of it as the old colour asks for, and is never touched up", () => {
    expect(codes(planned([{ ...lime, primer: undefined }]))).toContain("mineral-ground");
    const dark = paints.map((paint) => (paint.id === "oyster" ? { ...paint, hex: "#1C2430" } : paint));
    const result = planned([lime], {}, { paints: dark });
    expect(codes(result)).not.toContain("mineral-ground");
    expect(result.findings.find(({ code }) => code === "more-coats")?.change).toMatchObject({
      paint: "mineral-white",
    });
    const kinds = result.steps.map(({ kind }) => kind);
    expect(kinds).not.toContain("touch-up");
    expect(
      kinds.filter((kind) => ["mask-broken", "prime-broken", "limewash", "unmask-broken"].includes(kind)),
    ).toEqual(["mask-broken", "prime-broken", "limewash", "limewash", "limewash", "unmask-broken"]);
  });

  it("starts its strokes apart from those of the coat before", () => {
    const box = { minX: 0, maxX: 4000, minY: 0, maxY: 2600 };
    fc.assert(
      fc.property(fc.nat(9999), (seed) => {
        const coats = [1, 2, 3].map((coat) => strokesOf(box, coat, seed));
        for (const index of [1, 2]) {
          const share = sharedStarts(coats[index]!, coats[index - 1]!);
          // The plain way: every start against every other.
          const near = coats[index]!.filter(({ at }) =>
            coats[index - 1]!.some((other) => Math.hypot(other.at.x - at.x, other.at.y - at.y) < 100),
          );
          expect(share).toBeCloseTo(near.length / coats[index]!.length, 12);
          expect(share).toBeLessThan(0.25);
        }
      }),
      runsOf(30),
    );
  });
});

describe("trowelled metallic", () => {
  const metal = {
    kind: "trowelled",
    tones: [
      { paint: "dune", share: 3 },
      { paint: "shell", share: 2 },
    ],
    bare: 0.1,
    edge: "dune",
    section_m2: 0.5,
  };

  it("takes each tone by its share of what is not bare, in sections that add up to the wall", () => {
    const result = planned([metal]);
    // 10.4 m2 x 0.9 x 3/5 at 1.8 m2 a litre, two coats: 6240; a 230 mm roller's worth of tools and 5 % beside it.
    expect(needOf(result, "dune").terms.film_ml).toBeCloseTo(6240, 6);
    expect(needOf(result, "shell").terms.film_ml).toBeCloseTo(4160, 6);
    const [coat] = result.walls[0]!.coats!;
    expect(coat!.need_ml).toBeCloseTo((6240 + 4160) / 2, 6);
    expect(coat!.minutes).toBeCloseTo(10.4 / 0.06, 9);
    expect(sum(coat!.sections.map(({ area_m2 }) => area_m2))).toBeCloseTo(10.4, 6);
    for (const section of coat!.sections) {
      expect(section.area_m2).toBeLessThanOrEqual(0.5 + 1e-9);
      expect(section.minutes).toBeCloseTo(section.area_m2 / 0.06, 9);
    }
    // Each is below the one before, or at the top of the next column.
    const boxes = coat!.sections.map(({ box }) => box);
    boxes.slice(1).forEach(([x, y, , height], index) => {
      const [px, py, pw] = boxes[index]!;
      if (Math.abs(x - px) < 1e-6) expect(y + height).toBeCloseTo(py, 6);
      else expect([x, y + height]).toEqual([expect.closeTo(px + pw, 6), expect.closeTo(2600, 6)]);
    });
  });

  it("waits at its first section for the client, and goes on at once", () => {
    const { steps } = planned([metal]);
    const at = (kind: string) => steps.find((step) => step.kind === kind)!;
    expect(at("trowel-first").gate).toBe("client");
    const [first] = steps.filter(({ kind }) => kind === "trowel");
    expect(first!.waitsFor.map(({ step }) => step)).toContain("w/f1/first-section");
    expect(at("unmask-broken").start).toBe(at("trowel-edge").end);
  });

  it("is told where a section sets before it is joined, with the largest that does not", () => {
    // At 30 C 10 min: 0.6 m2 at 0.06 a minute.
    const hot = planned([{ ...metal, section_m2: 1 }], {}, { work: { temperature: 30 } });
    expect(hot.walls[0]!.coats![0]!.fits).toBe(false);
    const found = hot.findings.find(({ code }) => code === "cannot-join-wet")!;
    expect(found.change).toMatchObject({ finish: "f1", set: { section_m2: 0.6 } });
    expect(codes(planned([{ ...metal, section_m2: 0.6 }], {}, { work: { temperature: 30 } }))).not.toContain(
      "cannot-join-wet",
    );
  });
});

describe("a pearl coat", () => {
  const stripes = { kind: "stripes", fit: { by: "count", count: 8 }, colours: ["oyster", "kelp"] };

  it("lies on one paint of what is below, in lanes across each other", () => {
    const result = planned([stripes, { kind: "pearl", paint: "mist", over: "kelp" }]);
    // Four of eight stripes of 0.5 x 2.6 m.
    expect(needOf(result, "mist").area_m2).toBeCloseTo(5.2, 9);
    const [first, second] = result.walls[0]!.coats!;
    expect(sum(first!.sections.map(({ area_m2 }) => area_m2))).toBeCloseTo(5.2, 6);
    // Upright lanes of 230 mm from the first kelp stripe's left, 500, to the wall's end: 3500 / 230, less those on oyster.
    for (const { box } of first!.sections) expect([box[2] <= 230 + 1e-6, box[3]]).toEqual([true, 2600]);
    // Level lanes: 2600 / 230.
    expect(second!.sections).toHaveLength(Math.ceil(2600 / 230));
    const effect = result.walls[0]!.effects![0]!;
    expect(effect.regions).toHaveLength(4);
    // On the stripes once those take tape.
    const [mask, stripe] = ["mask-broken", "paint"].map((kind) =>
      result.steps.filter((step) => step.kind === kind),
    );
    expect(mask![0]!.start - stripe!.at(-1)!.end).toBeGreaterThanOrEqual(24 * 60);
  });

  it("does not go over what lies over it", () => {
    const [pearl] = planned([{ kind: "pearl", paint: "mist" }, stripes]).walls[0]!.effects!;
    expect(pearl!.regions).toEqual([]);
  });

  it("is looked at by a lamp at the end away from the windows", () => {
    const box = { minX: 0, maxX: 4000, minY: 0, maxY: 2600 };
    const window = { id: "o", kind: "window", x: 200, y: 900, width: 900, height: 900 };
    const wall = (openings: object[]) => parsed(document([], { openings })).walls[0]!;
    expect(lampFor(wall([window]), box)).toEqual({ end: "right", off: 400, high: 1300 });
    expect(lampFor(wall([{ ...window, x: 2900 }]), box).end).toBe("left");
  });
});

it.each([
  ["pearl", { kind: "pearl", paint: "mist" }, /Touch the misses, (.*), and nothing else/],
  ["limewash", lime, /the thin places \((.*)\) come first/],
] as const)("misses of a coat of %s are told by their wall in the next one", (_, finish, told) => {
  const run = {
    walls: ["w", "v"].map((id) => ({ id, width: 4000, height: 2600, base: "oyster" })),
    runs: [{ id: "r", walls: ["w", "v"] }],
  };
  const misses = [
    [410, 900],
    [4410, 1200],
  ];
  const { steps } = planned([{ ...finish, on: "r", misses }], {}, run);
  const said = (wall: string, coat: number) =>
    told.exec(steps.find(({ id }) => id === `${wall}/f1/coat-${coat}`)!.say)?.[1];
  expect(said("w", 1)).toBeUndefined();
  expect(said("w", 2)).toBe("1 marked: 410 mm along and 900 mm up");
  expect(said("v", 2)).toBe("1 marked: 410 mm along and 1200 mm up");
  expect(planned([{ ...finish, on: "r" }], {}, run).steps.some(({ say }) => /\d marked/.test(say))).toBe(
    false,
  );
});

describe("whitewashed boards", () => {
  const wash = { kind: "whitewash", paint: "chalk", board: 140 };

  it("takes whole boards, thirstier than a smooth wall, in tones never three alike", () => {
    const result = planned([wash], { texture: "boards" });
    const [coat] = result.walls[0]!.coats!;
    // 2600 / 140 = 18.6 boards; a whole one is 4 x 0.14 m at 0.3 m2 a minute.
    expect(coat!.sections).toHaveLength(19);
    expect(coat!.front_min).toBeCloseTo((4 * 0.14) / 0.3, 9);
    expect(coat!.need_ml).toBeCloseTo((10.4 * 1.15 * 1000) / 14, 6);
    expect(codes(result)).not.toContain("not-bare-wood");
  });

  it.each([
    ["plaster", {}],
    ["primed boards", { texture: "boards", primer: "mineral-white", baseState: "paint" }],
    ["painted boards", { texture: "boards", baseState: "paint" }],
    ["boards with a paint on them", { texture: "boards", present: { paint: "chalk" } }],
  ])("is refused on %s", (_, wall) => expect(codes(planned([wash], wall))).toContain("not-bare-wood"));

  it("spreads its tones: seeded, and never three alike in a row", () => {
    fc.assert(
      fc.property(fc.nat(), fc.integer({ min: 1, max: 60 }), (seed, boards) => {
        const tones = spreadTones(boards, seed);
        expect(tones).toHaveLength(boards);
        expect(spreadTones(boards, seed)).toEqual(tones);
        tones.slice(2).forEach((tone, index) => {
          expect(new Set([tone, tones[index], tones[index + 1]]).size).toBeGreaterThan(1);
        });
      }),
    );
  });
});

it("sections of whatever lies over whatever add up to what they lie over, openings and all", () => {
  const anyOver = fc.record({
    kind: fc.constantFrom("limewash", "trowelled", "pearl", "whitewash"),
    over: fc.constantFrom("all", "kelp", "oyster"),
    count: fc.integer({ min: 2, max: 9 }),
    x: fc.integer({ min: 0, max: 2500 }),
    circle: fc.boolean(),
  });
  fc.assert(
    fc.property(anyOver, ({ kind, over, count, x, circle }) => {
      const opening = {
        id: "o",
        kind: "window",
        x,
        y: 800,
        width: 900,
        height: 900,
        ...(circle && { shape: "circle" }),
      };
      const result = planned(
        [
          { kind: "stripes", fit: { by: "count", count }, colours: ["oyster", "kelp"] },
          {
            kind,
            over,
            ...(kind === "trowelled" ? { tones: [{ paint: "dune", share: 1 }] } : { paint: "mist" }),
          },
        ],
        { openings: [opening] },
      );
      const [wall] = result.walls;
      const area = sum(
        wall!.regions.filter(({ colour }) => over === "all" || colour === over).map(({ area_m2 }) => area_m2),
      );
      for (const { sections } of wall!.coats!)
        expect(sum(sections.map(({ area_m2 }) => area_m2))).toBeCloseTo(area, 4);
    }),
    runsOf(25),
  );
});
