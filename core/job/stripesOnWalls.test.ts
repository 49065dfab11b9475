import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";

const wallOf = (wall: object, finish: object, job: object = {}) =>
  plan(parsed(oneWall({ skirting: 0, ...wall }, finish, job))).walls[0]!;
const stripe = (wall: ReturnType<typeof wallOf>, number: number) =>
  wall.regions.find((region) => region.id === `w/f/stripe-${number}`)!;

describe("stripes in closed form", () => {
  it("at 45 degrees on a square: two triangles and a band between them", () => {
    // Across the diagonal the span is 2000 sqrt 2; three equal stripes of s = span / 3. A corner triangle of
    // depth s has area s^2; the band is the rest.
    const wall = wallOf(
      { width: 2000, height: 2000 },
      { direction: 45, colours: ["kelp", "brine"], fit: { by: "count", count: 3 } },
    );
    const depth = (2000 * Math.SQRT2) / 3;
    const triangle = depth ** 2 / 1e6;
    expect(stripe(wall, 1).area_m2).toBeCloseTo(triangle, 9);
    expect(stripe(wall, 3).area_m2).toBeCloseTo(triangle, 9);
    expect(stripe(wall, 2).area_m2).toBeCloseTo(4 - 2 * triangle, 9);
    expect(wall.fit!.chosen.width).toBeCloseTo(depth, 6);
    // Both lines are 2 x depth long, since they cut 45 degree corners.
    const cuts = wall.tape.filter((piece) => piece.cuts);
    for (const piece of cuts) expect(piece.length).toBeCloseTo(2 * depth, 6);
  });

  it("counts angled stripes from the left, whichever way they lean", () => {
    for (const direction of [30, 60, 120, 150]) {
      const wall = wallOf({ width: 3000, height: 2000 }, { direction, fit: { by: "count", count: 5 } });
      expect(stripe(wall, 1).colour).toBe("kelp");
      expect(stripe(wall, 1).label[0]).toBeLessThan(stripe(wall, 5).label[0]);
    }
  });

  it("lets an angled line cross the floor exactly at its anchor", () => {
    const wall = wallOf(
      { width: 3000, height: 2000 },
      { direction: 60, fit: { by: "anchor", width: 400, at: 1234.5 } },
    );
    expect(wall.marks.some((mark) => mark.on === "bottom" && Math.abs(mark.at - 1234.5) < 1e-6)).toBe(true);
    // The stripe that starts there is the one just beyond, along (sin 60, -cos 60).
    const along = ([x, y]: [number, number]) => x * Math.sin(Math.PI / 3) - y * Math.cos(Math.PI / 3);
    const beyond = wall.regions
      .filter((region) => along(region.label) > along([1234.5, 0]))
      .sort((one, other) => along(one.label) - along(other.label))[0];
    expect(beyond!.colour).toBe("kelp");
  });

  it("counts level stripes from the bottom, over the skirting, and reads them from the floor", () => {
    const wall = wallOf(
      { width: 3000, height: 2600, skirting: 100 },
      { direction: "horizontal", fit: { by: "count", count: 5 } },
    );
    expect(wall.regions.map((region) => region.colour)).toEqual(["kelp", "oyster", "kelp", "oyster", "kelp"]);
    expect(wall.marks.map((mark) => [mark.on, mark.axis, mark.at, mark.reading])).toEqual([
      ["left", "y", 600, "600 mm"],
      ["left", "y", 1100, "1100 mm"],
      ["left", "y", 1600, "1600 mm"],
      ["left", "y", 2100, "2100 mm"],
    ]);
    expect(wall.tape.filter((piece) => piece.cuts).map((piece) => piece.lies)).toEqual([
      "above",
      "below",
      "above",
      "below",
    ]);
  });

  it("gives each colour its own width, and its own colour to each width", () => {
    const wall = wallOf(
      { width: 1000, height: 1000 },
      { widths: [300, 100], fit: { by: "width", centre: "stripe" } },
    );
    // The first colour is centred: 350 to 650; beside it 250 to 350 and 650 to 750; then parts of 250 in the first.
    expect(wall.regions.map((region) => [region.colour, Math.round(region.area_m2 * 1e3)])).toEqual([
      ["kelp", 250],
      ["oyster", 100],
      ["kelp", 300],
      ["oyster", 100],
      ["kelp", 250],
    ]);
    expect(wall.fit!.proof.steppedAtEnd_mm).toBeUndefined();
  });

  it("keeps neighbours of one colour apart as regions, without tape between them", () => {
    const wall = wallOf(
      { width: 900, height: 1000 },
      { colours: ["kelp", "kelp", "brine"], fit: { by: "count", count: 3 } },
    );
    expect(wall.regions).toHaveLength(3);
    expect(wall.tape.filter((piece) => piece.cuts)).toHaveLength(1);
  });

  it("lays the last finish of a wall over the earlier ones", () => {
    const document = oneWall({ skirting: 0 }, { fit: { by: "count", count: 3 } });
    document.finishes.push({ ...document.finishes[0]!, id: "over", colours: ["brine", "lantern"] });
    const wall = plan(parsed(document)).walls[0]!;
    expect(wall.regions.map((region) => region.id)).toEqual([
      "w/over/stripe-1",
      "w/over/stripe-2",
      "w/over/stripe-3",
    ]);
  });
});

describe("a wall without a finish", () => {
  it("is one region of its base, with nothing to mark, tape or buy", () => {
    const document = oneWall({ skirting: 0, width: 3000, height: 2000 }, {});
    const whole = plan(parsed({ ...document, finishes: [] }));
    expect(whole.walls[0]).toMatchObject({ surface_m2: 6, marks: [], tape: [], fit: null, level: null });
    expect(whole.walls[0]!.regions).toMatchObject([{ colour: "oyster", area_m2: 6 }]);
    expect(whole.rounds).toEqual([]);
    expect(whole.tapeTotals).toEqual([]);
  });
});

describe("waits", () => {
  it("are for what each round's tape lies on", () => {
    const waits = (job: object, wall: object = {}) =>
      plan(
        parsed(oneWall(wall, { colours: ["kelp", "brine"], fit: { by: "count", count: 4 } }, job)),
      ).rounds.map(({ waitsFor }) => waitsFor.map(({ round, minutes }) => [round, minutes]));
    const slow = {
      paints: [
        { id: "oyster" },
        { id: "kelp", tapeOver_min: 2000 },
        { id: "brine", tapeOver_min: 300, coats: 1 },
        { id: "lantern" },
      ],
    };
    // Kelp is painted first and taped over for brine; neither lies on base, which shows nowhere.
    expect(waits(slow)).toEqual([[], [[1, 2000]]]);
    // One coat everywhere: kelp, brine, then kelp's second coat, whose tape lies on brine.
    expect(waits({ ...slow, school: "coat-by-coat" })).toEqual([[], [[1, 2000]], [[2, 300]]]);
  });
});
