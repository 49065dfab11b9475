import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";

const wall = { width: 3000, height: 2500, skirting: 0 };
const planned = (finish: object) =>
  plan(parsed(oneWall(wall, {}, { finishes: [{ id: "f", on: "w", ...finish }] })));
const minutesOf = ({ steps }: ReturnType<typeof planned>, id: string) =>
  steps.find((step) => step.id === `w/${id}`)!.minutes;

describe("lines struck by eye", () => {
  const lines = (more: object) =>
    planned({
      kind: "tape-lines",
      lines: [
        [
          [0, 500],
          [3000, 1500],
        ],
      ],
      fills: [{ at: [1500, 200], colour: "kelp" }],
      ...more,
    });

  it("have two touches and nothing to prove; chips of the colours go up before the tape", () => {
    const answer = lines({ byEye: 20 });
    const [on] = answer.walls;
    expect(on!.marks.map(({ on, at, use }) => [on, at, use])).toEqual([
      ["left", 500, "line 1, by eye"],
      ["right", 1500, "line 1, by eye"],
    ]);
    expect([on!.checks, on!.level]).toEqual([[], null]);
    // Two touches at 1.5; five minutes for chips and half a one for each of one area.
    expect([minutesOf(answer, "mark"), minutesOf(answer, "chips")]).toEqual([3, 6]);
    const order = answer.steps.map(({ id }) => id);
    expect(order.indexOf("w/mark")).toBeLessThan(order.indexOf("w/chips"));
    expect(order.indexOf("w/chips")).toBeLessThan(order.indexOf("w/tape-1"));
    expect(answer.steps.find(({ id }) => id === "w/mark")!.say).not.toMatch(/level line|prove/);
  });

  it("are measured from the level line where they are not, without chips", () => {
    const answer = lines({});
    expect(answer.walls[0]!.marks.map(({ use }) => use)).toEqual(["line 1", "line 1"]);
    expect(minutesOf(answer, "mark")).toBe(13);
    expect(answer.steps.some(({ id }) => id === "w/chips")).toBe(false);
  });
});

describe("arches", () => {
  const arch = (up: number) =>
    planned({
      kind: "arches",
      centre: [1500, up],
      outerRadius: 600,
      bands: [{ width: 100, colour: "kelp" }, { gap: 36 }, { width: 64, colour: "brine" }],
    });

  it("tell by how much each string is shorter, and how long drawing takes", () => {
    const answer = arch(0);
    const [on] = answer.walls;
    expect(on!.radii.map(({ reading, shorter }) => [reading, shorter])).toEqual([
      ["600 mm", undefined],
      ["500 mm", "100 mm"],
      ["464 mm", "36 mm"],
      ["400 mm", "64 mm"],
    ]);
    const marks = on!.marks.length + on!.checks.length;
    // Half circles: each string a minute, each metre of arc 0.5 + 0.25 r.
    const drawn = [0.6, 0.5, 0.464, 0.4].reduce((sum, r) => sum + 1 + Math.PI * r * (0.5 + 0.25 * r), 0);
    expect(minutesOf(answer, "mark")).toBe(Math.ceil(10 + 1.5 * marks + drawn));
  });

  it("leave a pin's hole to fill where the pin is in the wall, not where it is in the floor", () => {
    const sayOf = (up: number) => arch(up).steps.find(({ kind }) => kind === "touch-up")!.say;
    expect(sayOf(300)).toMatch(/fill the pin's hole/);
    expect(sayOf(0)).not.toMatch(/pin/);
  });

  it("are offered as wide as the room allows, a band's width of margin around them", () => {
    const [best] = arch(0).walls[0]!.offers;
    // 1500 to both sides: (1500 - 36) / 4.5 = 325.3, told to 5 mm; the middle 1500 - 325 x 3 - 36.
    expect(best!.title).toBe("2 bands of 325 mm, gaps of 36 mm");
    expect(best!.why.join(" ")).toMatch(/325 mm.*489 mm/);
    expect(best!.change.set).toMatchObject({
      outerRadius: 1175,
      bands: [{ width: 325, colour: "kelp" }, { gap: 36 }, { width: 325, colour: "brine" }],
    });
  });
});

describe("lines that a tape leaves", () => {
  const marksOf = (finish: object, markAt: string) => {
    const document = oneWall(wall, {}, { edges: { markAt }, finishes: [{ id: "f", on: "w", ...finish }] });
    return plan(parsed(document)).walls[0]!.marks;
  };
  const lines = {
    kind: "tape-lines",
    lineWidth: 36,
    lines: [
      [
        [0, 500],
        [3000, 1500],
      ],
      [
        [1000, 1000],
        [1000, 2500],
      ],
      [
        [500, 0],
        [1500, 2500],
      ],
    ],
    fills: [{ at: [1500, 200], colour: "kelp" }],
  };

  it("are marked at the tape's middle, or always at its lower or left edge", () => {
    const at = (markAt: string, number: number) =>
      marksOf(lines, markAt)
        .filter(({ use }) => use.startsWith(`line ${number},`))
        .map(({ at }) => Math.round(at * 1000) / 1000);
    expect([at("middle", 1), at("middle", 2)]).toEqual([[500, 1500], [1000]]);
    // Half of 36 measured upright from a line that rises one in three: 18 x sqrt(1 + 1/9).
    expect([at("edge", 1), at("edge", 2)]).toEqual([[481.026, 1481.026], [982]]);
    // From floor to ceiling, 2.5 in one: its lower side lies 18 x sqrt(1 + 0.4 x 0.4) to the right.
    expect(at("edge", 3)).toEqual([519.387, 1519.387]);
    const uses = marksOf(lines, "edge").map(({ use }) => use);
    expect(uses).toContain("line 1, the lower edge of the tape");
    expect(uses).toContain("line 2, the left edge of the tape");
  });

  it("of a zigzag at every height at which it turns", () => {
    const zigzag = {
      kind: "chevron",
      columns: { by: "count", count: 6 },
      rows: { by: "count", count: 4 },
      rise: "row",
      lineWidth: 24,
      colours: ["kelp", "brine"],
    };
    const heights = (markAt: string) =>
      marksOf(zigzag, markAt).flatMap(({ axis, at }) => (axis === "y" ? [at] : []));
    expect(heights("middle")).toEqual([625, 1250, 1875]);
    // A row of 625 over a column of 500: 12 x sqrt(1 + 1.25 x 1.25) = 19.209 lower; the ceiling's own turn comes onto the wall.
    heights("edge").forEach((at, place) => expect(at).toBeCloseTo(625 * (place + 1) - 19.209, 3));
    expect(heights("edge")).toHaveLength(4);
  });

  it("of diamonds where tapes cross, at their tips or under them", () => {
    const diamonds = {
      kind: "diamonds",
      columns: { by: "count", count: 4 },
      rows: { by: "count", count: 2 },
      lineWidth: 30,
      colours: ["kelp", "brine"],
    };
    const rows = (markAt: string) => marksOf(diamonds, markAt).filter(({ axis }) => axis === "y");
    expect(rows("middle").map(({ at }) => at)).toEqual([625, 1250, 1875]);
    // Half diagonals of 375 and 625: 15 x sqrt(375 x 375 + 625 x 625) / 375 = 29.155.
    rows("edge").forEach(({ at }, place) => expect(at).toBeCloseTo(625 * (place + 1) - 29.155, 3));
    expect(rows("edge").every(({ use }) => use.endsWith(", the lower edge of the tape"))).toBe(true);
    expect(marksOf({ ...diamonds, lineWidth: 0 }, "edge").some(({ use }) => use.includes("tape"))).toBe(
      false,
    );
  });
});

it("what goes up later is no obstacle, says where it is fixed and what edge it hides", () => {
  const fixtures = [
    { id: "ledge", kind: "ledge", x: 600, y: 1200, width: 1500, height: 40 },
    { id: "chart", name: "tide chart", kind: "picture", x: 2400, y: 1500, width: 500, height: 700 },
  ];
  const finishes = [{ id: "f", on: "w", kind: "bands", bands: [{ from: 0, to: 1220, colour: "kelp" }] }];
  const answer = plan(parsed(oneWall({ ...wall, fixtures }, {}, { finishes })));
  const [on] = answer.walls;
  expect(on!.findings.filter(({ code }) => /near|sliver|outside/.test(code))).toEqual([]);
  const [ledge, chart] = on!.later!;
  // 1200 between a tenth from each end, one for 600: three, at the middle of its height, over the whole edge at 1220.
  expect(ledge!.fixings.map(({ at }) => at)).toEqual([
    [750, 1220],
    [1350, 1220],
    [1950, 1220],
  ]);
  expect(ledge).toMatchObject({ notBefore_days: 7, say: expect.stringMatching(/cables/) as string });
  expect(ledge!.hides_m).toBeCloseTo(1.5, 9);
  expect(chart).toMatchObject({ fixings: [{ along: "2650 mm", up: "2060 mm" }], hides_m: 0 });
});
