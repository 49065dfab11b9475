import { describe, expect, it } from "vitest";
import { parseLength } from "../measure/parseLength";
import { emitPlan } from "./emitPlan";
import { plan } from "./plan";
import type { Plan } from "../plan/planTypes";
import { oneWall, parsed } from "./tests/jobs";

const planOf = (document: object): Plan => JSON.parse(emitPlan(plan(parsed(document)))) as Plan;
const wallOf = (document: object) => planOf(document).walls[0]!;
const codes = (document: object) => wallOf(document).findings.map((finding) => finding.code);
const stripes = (fit: object, wall: object = {}, job: object = {}) => oneWall(wall, { fit }, job);

describe("the striped wall 4215 x 2610 with a 95 skirting", () => {
  it.each([
    ["1/16 in", 0.8, `12 3/4"`],
    ["1 mm", 0.5, "324 mm"],
  ])("read on a tape in %s", (tapeDivision, worst, firstReading) => {
    const units = tapeDivision === "1 mm" ? "metric" : "imperial";
    const wall = wallOf(stripes({ by: "near", width: 310, ends: "same" }, {}, { tapeDivision, units }));
    // 4.215 x (2.610 - 0.095) = 10.600725; 4215 / 13 = 324.2308.
    expect(wall.surface_m2).toBeCloseTo(10.600725, 9);
    expect(wall.regions).toHaveLength(13);
    expect(wall.marks).toHaveLength(12);
    expect(wall.marks[0]!.at).toBeCloseTo(4215 / 13, 8);
    // 324.2308 / 1.5875 = 204.24 sixteenths, so 204 = 12 12/16 in.
    expect(wall.marks[0]!.reading).toBe(firstReading);
    expect(wall.fit!.proof.worst_mm).toBeLessThanOrEqual(worst);
    expect(wall.fit!.chosen).toMatchObject({ count: 13, ends: "same" });
    // Second way for the proof: stepping the reading of one division thirteen times, against the wall's width.
    const step = parseLength(firstReading);
    if (step.ok) expect(wall.fit!.proof.steppedAtEnd_mm).toBeCloseTo(13 * step.value - 4215, 6);
  });

  it("is cut by a window into notched stripes and separate pieces", () => {
    const window = { id: "o", kind: "window", x: 300, y: 0, width: 1100, height: 2610 };
    const wall = wallOf(stripes({ by: "count", count: 3 }, { openings: [window] }));
    // Stripe 1 (0 to 1405) is left with 0 to 300 and the 5 mm between 1400 and 1405, in two pieces.
    expect(wall.regions.map((region) => region.id)).toEqual([
      "w/f/stripe-1a",
      "w/f/stripe-1b",
      "w/f/stripe-2",
      "w/f/stripe-3",
    ]);
    expect(wall.regions[1]!.area_m2).toBeCloseTo(0.005 * 2.515, 9);
    expect(codes(stripes({ by: "count", count: 3 }, { openings: [window] }))).toEqual(["near-miss"]);
  });

  it("marks slanted lines by two points on the wall's edges", () => {
    const wall = wallOf(
      oneWall(
        { skirting: 0, width: 3000, height: 2000 },
        { direction: 45, fit: { by: "anchor", width: 500, at: 1000 } },
      ),
    );
    // The line through (1000, 0) at 45 degrees meets the top at x = 3000, which is the corner.
    const ends = wall.marks.filter((mark) => Math.abs(mark.at - 1000) < 1e-6);
    expect(ends.map(({ on, axis }) => [on, axis])).toContainEqual(["bottom", "x"]);
    expect(wall.marks).toHaveLength(2 * wall.tape.filter((piece) => piece.cuts).length);
  });
});

describe("findings", () => {
  const plate = { id: "s", kind: "plate", x: 310, y: 1150, width: 86, height: 86 };
  it("notices near misses, and offers a change that cures them", () => {
    // Lines every 301.07; the first passes 8.93 from the plate at 310.
    const document = stripes({ by: "count", count: 14 }, { fixtures: [plate] });
    const [finding] = wallOf(document).findings;
    expect(finding).toMatchObject({ code: "near-miss", severity: "check", change: { finish: "f" } });
    const cured = oneWall({ fixtures: [plate] }, finding!.change!.set);
    expect(codes(cured)).not.toContain("near-miss");
    // Exactly on the edge of the plate is a hit, not a miss.
    expect(codes(stripes({ by: "anchor", width: 310, at: 310 }, { fixtures: [plate] }))).not.toContain(
      "near-miss",
    );
  });

  it("notices an end under half and cures it by the other centring", () => {
    const document = stripes({ by: "width", width: 310, centre: "stripe" });
    const found = wallOf(document).findings.filter((finding) => finding.code === "end-under-half");
    expect(found).toHaveLength(2);
    expect(found[0]!.change!.set).toMatchObject({ fit: { centre: "best" } });
    expect(codes(stripes({ by: "width", width: 310, centre: "joint" }))).not.toContain("end-under-half");
  });

  it("notices a sliver, a remainder that shows, and ends that cannot be had", () => {
    const hatch = { id: "h", kind: "window", x: 1000, y: 900, width: 900, height: 900, casing: 70 };
    // The casing starts at 930; a line at 900 leaves 30.
    expect(codes(stripes({ by: "width", width: 300, centre: "none" }, { openings: [hatch] }))).toContain(
      "sliver",
    );
    // 4215 / 800 is 5.27, so 5; each gap grows by 43 against a tolerance of 20.
    expect(codes(stripes({ by: "spread", module: 800 }))).toContain("remainder-shows");
    expect(codes(stripes({ by: "spread", module: 300 }))).toEqual([]);
    expect(
      codes(oneWall({}, { colours: ["kelp"], fit: { by: "near", width: 300, ends: "different" } })),
    ).toContain("ends-impossible");
  });

  it("stops a wall that cannot be laid out, and still plans the others", () => {
    const outside = { id: "o", kind: "door", x: 4000, y: 0, width: 900, height: 2000 };
    const document = stripes({ by: "count", count: 3 }, { openings: [outside] });
    document.walls.push({ ...document.walls[0]!, id: "second", openings: [] } as never);
    const { walls } = planOf(document);
    expect(walls[0]).toMatchObject({
      regions: [],
      marks: [],
      findings: [{ code: "opening-outside", severity: "stop" }],
    });
    expect(walls[1]!.regions).toHaveLength(1);
    expect(codes(stripes({ by: "count", count: 3 }, { skirting: 3000 }))).toEqual(["trim-too-tall"]);
    expect(codes(stripes({ by: "width", width: 1 }))).toEqual(["too-many-divisions"]);
    expect(codes(stripes({ by: "count", count: 2000 }, { width: 100, height: 3000 }))).toEqual([
      "too-narrow",
    ]);
    const whole = { id: "o", kind: "door", x: 0, y: 0, width: 4215, height: 2610 };
    expect(codes(stripes({ by: "count", count: 3 }, { openings: [whole] }))).toEqual(["nothing-to-paint"]);
    const pair = [1000, 1500].map((x) => ({
      id: `o${x}`,
      kind: "window",
      x,
      y: 900,
      width: 800,
      height: 900,
    }));
    expect(codes(stripes({ by: "count", count: 1 }, { openings: pair }))).toEqual(["openings-overlap"]);
  });
});

describe("paint and rounds", () => {
  it("leaves a base that is on alone, and coats one that is not", () => {
    const on = planOf(stripes({ by: "count", count: 13 }));
    const oyster = on.paint.find((paint) => paint.colour === "oyster")!;
    expect(oyster).toMatchObject({ area_m2: 0, terms: { film_ml: 0 } });
    expect(on.findings.map((finding) => finding.code)).toEqual(["no-packs"]);
    const painted = planOf(stripes({ by: "count", count: 13 }, { baseState: "paint" }));
    expect(painted.paint.find((paint) => paint.colour === "oyster")!.area_m2).toBeCloseTo(10.600725, 9);
    expect(painted.rounds).toMatchObject([{ round: 1, waitsFor: [{ round: 0, minutes: 1440 }] }]);
    // Twelve lines of 2515 mm, each sealed with what lies under the tape: 30.18 m x 25 mm / 11 m2 per l.
    expect(oyster.terms.seal_ml).toBeCloseTo((12 * 2.515 * 0.025 * 1000) / 11, 6);
  });

  it.each([
    [["kelp", "oyster"], 1],
    [["kelp", "oyster", "brine"], 2],
    [["kelp", "brine", "lantern"], 2],
    [["oyster"], 0],
  ])("paints %j over oyster in %i rounds", (colours, rounds) => {
    expect(planOf(oneWall({}, { colours, fit: { by: "count", count: 12 } })).rounds).toHaveLength(rounds);
  });

  it("tapes again for each coat when coats go everywhere first", () => {
    const document = (school: string) =>
      oneWall({}, { colours: ["kelp", "brine"], fit: { by: "count", count: 6 } }, { school });
    expect(planOf(document("coat-by-coat")).rounds.map(({ round, coat }) => [round, coat])).toEqual([
      [1, 1],
      [2, 1],
      [3, 2],
      [4, 2],
    ]);
    const cuts = (school: string) => wallOf(document(school)).tape.filter((piece) => piece.cuts).length;
    // Five lines: for brine's first coat on kelp, for kelp's second on brine, for brine's second on kelp.
    expect([cuts("finish"), cuts("coat-by-coat")]).toEqual([5, 15]);
  });
});
