import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

const plate = { id: "s", name: "switch plate", kind: "plate", x: 1000, y: 1100, width: 80, height: 80 };
const closeOf = (finish: object, wall: object = {}, base = {}) =>
  plan(
    parsed(
      oneWall({ width: 4000, height: 2600, skirting: 0, ...wall }, base, {
        finishes: [{ id: "f", on: "w", ...finish }],
      }),
    ),
  ).walls[0]!.findings.filter(({ code }) => code === "near-miss" || code === "sliver");
const told = (finish: object, wall: object = {}) =>
  closeOf(finish, wall).map(({ code, say }) => [code, say.split(". ")[0]]);
const blocks = (...list: object[]) => ({ kind: "blocks", blocks: list });
const circle = (radius: number) =>
  blocks({ shape: "circle", centre: [1040, 1140 + 40 + 500], radius, colour: "kelp" });

describe("edges of any finish that nearly meet something", () => {
  it("are told for circles, arches, blocks and bands of every datum, each place once", () => {
    // The circle's lowest point stands 500 - r above the plate's top.
    expect(told(circle(491), { fixtures: [plate] })).toEqual([
      ["near-miss", "A line passes 9 mm from the switch plate without touching it"],
    ]);
    expect(told(circle(500), { fixtures: [plate] })).toEqual([]);
    expect(told(circle(480), { fixtures: [plate] })).toEqual([]);
    const band = (datum: string, from: number, to: number) => ({
      kind: "bands",
      datum,
      bands: [{ from, to, colour: "kelp" }],
    });
    for (const datum of ["level", "floor"]) {
      expect(told(band(datum, 1188, 1400), { fixtures: [plate] })).toEqual([
        ["near-miss", "A line passes 8 mm from the switch plate without touching it"],
      ]);
    }
    // From the ceiling down: 2600 - 1412 = 1188.
    expect(told(band("ceiling", 1000, 1412), { fixtures: [plate] })).toHaveLength(1);
    const arches = {
      kind: "arches",
      centre: [2000, 0],
      outerRadius: 1400,
      bands: [{ width: 200, colour: "kelp" }],
    };
    // The inner edge stands at 1200 above the pin, 10 mm over a plate that reaches 1190 high there.
    const under = { ...plate, x: 1960, y: 1110 };
    expect(told(arches, { fixtures: [under] })).toEqual([
      ["near-miss", expect.stringMatching(/^A line passes \d+(\.\d)? mm from the switch plate/)],
    ]);
  });

  it("are told beside the wall's own sides, by their right names", () => {
    const rectangle = (x: number, y: number, width: number, height: number) =>
      blocks({ shape: "rectangle", x, y, width, height, colour: "kelp" });
    expect(told(rectangle(500, 500, 800, 2092))).toEqual([
      ["near-miss", "A line passes 8 mm from the ceiling without touching it"],
    ]);
    expect(told(rectangle(500, 500, 800, 2070))).toEqual([
      ["sliver", "A strip only 30 mm wide is left beside the ceiling."],
    ]);
    expect(told(rectangle(9, 500, 800, 900))).toEqual([
      ["near-miss", expect.stringContaining("9 mm from the left")],
    ]);
    expect(told(rectangle(500, 104, 800, 900), { skirting: 95 })).toEqual([
      ["near-miss", "A line passes 9 mm from the skirting without touching it"],
    ]);
    expect(told(rectangle(0, 0, 800, 2600))).toEqual([]);
  });

  it("on any wall a block clear of everything by 40 mm is none, and one that stands 1 to 12 mm off is one", () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 12 }), fc.constantFrom(0, 1, 2, 3), (gap, side) => {
        const box = { x: 600, y: 600, width: 1200, height: 900 };
        const beside = [
          { ...plate, x: 600 - gap - 80 },
          { ...plate, x: 1800 + gap },
          { ...plate, x: 900, y: 600 - gap - 80 },
          { ...plate, x: 900, y: 1500 + gap },
        ][side]!;
        const finish = blocks({ shape: "rectangle", ...box, colour: "kelp" });
        expect(told(finish, { fixtures: [beside] })).toHaveLength(1);
        expect(told(finish)).toEqual([]);
      }),
      runsOf(30),
    );
  });

  it("have a cure that moves the lines as little as it can", () => {
    // 13 whole stripes of 270 and ends of 245: lines at 245, 515 and 785, 6 mm short of a plate that begins at 791.
    const near = (x: number) => ({
      fixtures: [{ id: "s", kind: "plate", x, y: 1100, width: 80, height: 80 }],
    });
    const stripes = (fit: object) => ({ kind: "stripes", colours: ["kelp", "oyster"], fit });
    const [finding] = closeOf(stripes({ by: "width", width: 270, centre: "best" }), near(791));
    expect(finding!.change).toMatchObject({ set: { fit: { by: "anchor", width: 270, at: 791 } } });
    // Whole stripes from corner to corner cannot be shifted: one more or less of them is the least.
    const [whole] = closeOf(stripes({ by: "count", count: 16 }), near(756));
    const { count } = (whole!.change!.set as { fit: { count: number } }).fit;
    expect(Math.abs(count - 16)).toBeLessThanOrEqual(2);
  });
});

it("a band that runs off the wall is told by how far, and is brought back", () => {
  const { findings } = plan(
    parsed(
      oneWall(
        { width: 4000, height: 2600, skirting: 0 },
        {},
        {
          finishes: [{ id: "f", on: "w", kind: "bands", bands: [{ from: 2300, to: 2660, colour: "kelp" }] }],
        },
      ),
    ),
  ).walls[0]!;
  const off = findings.find(({ code }) => code === "off-the-wall")!;
  expect([off.say, off.change]).toMatchObject([
    "Band 1 runs 60 mm off the painted wall and is cut off there.",
    { set: { from: 2240, to: 2600 } },
  ]);
});
