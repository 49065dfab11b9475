import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { parseLength } from "../measure/parseLength";
import { emitPlan } from "./emitPlan";
import { keepUnchangedWalls } from "./orderWall";
import { plan } from "./plan";
import type { Plan, PlanPoint, PlanTape, PlanWall } from "./planTypes";
import { oneWall, parsed, randomJob } from "./tests/jobs";

const planOf = (document: object): Plan => JSON.parse(emitPlan(plan(parsed(document)))) as Plan;
const wallOf = (document: object) => planOf(document).walls[0]!;
const codes = (document: object) => wallOf(document).findings.map((finding) => finding.code);
const stripes = (fit: object, wall: object = {}, job: object = {}) => oneWall(wall, { fit }, job);
const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

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
    expect(codes(stripes({ by: "count", count: 3 }, { openings: [window] }))).toEqual([
      "near-miss",
      "sliver",
    ]);
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
    expect([cuts("finish"), cuts("coat-by-coat")]).toEqual([5, 10]);
  });
});

/** Length of the set covered by intervals, the plain way. */
function covered(intervals: [number, number][]): number {
  let reached = -Infinity;
  let total = 0;
  for (const [from, to] of intervals.sort((a, b) => a[0] - b[0])) {
    total += Math.max(0, to - Math.max(from, reached));
    reached = Math.max(reached, to);
  }
  return total;
}

function polygonArea(points: readonly PlanPoint[]): number {
  return sum(
    points.map(([x, y], index) => {
      const [nx, ny] = points[(index + 1) % points.length]!;
      return (x * ny - nx * y) / 2;
    }),
  );
}

/** The regions under the tape's body and across its line, found by trying a point on each side. */
function besideTape(wall: PlanWall, { path, lies }: PlanTape) {
  const [[ax, ay], [bx, by]] = [path[0]!, path.at(-1)!];
  const length = Math.hypot(bx - ax, by - ay);
  const normal = [-(by - ay) / length, (bx - ax) / length] as const;
  const leans = {
    left: -normal[0],
    right: normal[0],
    above: normal[1],
    below: -normal[1],
    inside: 0,
    outside: 0,
  }[lies];
  const regionAt = (offset: number) => {
    const [x, y] = [(ax + bx) / 2 + normal[0] * offset, (ay + by) / 2 + normal[1] * offset];
    const inside = (ring: readonly PlanPoint[]) =>
      ring.filter(([px, py], index) => {
        const [qx, qy] = ring[(index + 1) % ring.length]!;
        return py > y !== qy > y && x < px + ((y - py) / (qy - py)) * (qx - px);
      }).length %
        2 ===
      1;
    return wall.regions.find((region) => inside(region.outline) && !region.holes.some(inside));
  };
  return [regionAt(0.006 * Math.sign(leans)), regionAt(-0.006 * Math.sign(leans))] as const;
}

describe("for random walls, openings and stripes", () => {
  it("areas add up, marks are within half a division, and every boundary is taped once on the earlier side", () => {
    fc.assert(
      fc.property(randomJob, (document) => {
        const job = parsed(document);
        const whole = planOf(document);
        const wall = whole.walls[0]!;
        if (wall.findings.some((finding) => finding.severity === "stop")) return;
        expect(sum(wall.regions.map((region) => region.area_m2))).toBeCloseTo(wall.surface_m2, 6);
        for (const region of wall.regions) {
          const drawn = polygonArea(region.outline) + sum(region.holes.map(polygonArea));
          expect(drawn / 1e6).toBeCloseTo(region.area_m2, 8);
        }
        expect(new Set(wall.regions.map((region) => region.id)).size).toBe(wall.regions.length);
        for (const mark of [...wall.marks, ...wall.checks]) {
          expect(Math.abs(mark.error)).toBeLessThanOrEqual(job.tapeDivision / 2 + 1e-9);
          const reading = parseLength(mark.reading);
          expect(reading.ok && reading.value - Math.abs(mark.at)).toBeCloseTo(mark.error, 3);
        }
        expect(new Set(whole.rounds.flatMap((round) => round.regions))).toEqual(
          new Set(wall.regions.filter((region) => region.colour !== "oyster").map((region) => region.id)),
        );
        for (const piece of wall.tape.filter((tape) => tape.cuts && tape.length > 1)) {
          const [under, cut] = besideTape(wall, piece);
          expect([under?.colour, cut?.colour]).toEqual([piece.over, piece.cuts]);
          const roundOf = (id: string) => whole.rounds.findIndex((round) => round.regions.includes(id));
          expect(roundOf(under!.id)).toBeLessThan(roundOf(cut!.id));
        }
        for (const paint of whole.paint) {
          expect(paint.need_ml).toBeCloseTo(sum(Object.values(paint.terms)), 6);
          const bought = sum(paint.packs.map((pack) => pack.size_ml * pack.count));
          if (paint.packs.length > 0) expect(bought).toBeGreaterThanOrEqual(paint.need_ml - 1e-6);
        }
      }),
      { numRuns: 200 },
    );
  });

  it("areas around a round window, wherever it touches, come to the wall less the circle", () => {
    const place = fc.record({
      r: fc.integer({ min: 30, max: 600 }),
      tx: fc.constantFrom(0, 0.31, 0.5, 1),
      ty: fc.constantFrom(0, 0.47, 0.5, 1),
    });
    fc.assert(
      fc.property(
        place,
        fc.constantFrom("vertical", "horizontal", 37, 90, 135),
        fc.integer({ min: 1, max: 50 }),
        ({ r, tx, ty }, direction, count) => {
          const [width, height] = [2400, 1300];
          const circle = {
            id: "o",
            kind: "window",
            shape: "circle",
            x: (width - 2 * r) * tx,
            y: (height - 2 * r) * ty,
            width: 2 * r,
            height: 2 * r,
          };
          const wall = wallOf(
            oneWall(
              { width, height, skirting: 0, openings: [circle] },
              { direction, fit: { by: "count", count } },
            ),
          );
          const expected = (width * height - Math.PI * r * r) / 1e6;
          expect(wall.surface_m2).toBeCloseTo(expected, 8);
          expect(sum(wall.regions.map((region) => region.area_m2))).toBeCloseTo(expected, 6);
        },
      ),
      { numRuns: 300 },
    );
  });

  it("upright boundaries are as long as the wall is high, less the openings that they cross", () => {
    fc.assert(
      fc.property(randomJob, (document) => {
        const job = parsed({
          ...document,
          school: "finish",
          finishes: [{ ...document.finishes[0]!, direction: "vertical", colours: ["kelp", "brine"] }],
        });
        const wall = plan(job).walls[0]!;
        if (!wall.fit) return;
        const { openings, height, skirting, cornice } = job.walls[0]!;
        // A line along a casing's edge may be divided either way by the 0.01 mm tolerance; leave those walls out.
        const grazes = wall.marks.some(({ at }) =>
          openings.some((o) =>
            [o.x - o.casing, o.x + o.width + o.casing].some((edge) => Math.abs(edge - at) < 0.02),
          ),
        );
        if (grazes) return;
        const expected = sum(
          wall.marks.map(({ at }) => {
            const crossed = openings
              .filter((o) => at > o.x - o.casing && at < o.x + o.width + o.casing)
              .map((o): [number, number] => [
                Math.max(skirting, o.y - o.casing),
                Math.min(height - cornice, o.y + o.height + o.casing),
              ])
              .filter(([from, to]) => to > from);
            return height - skirting - cornice - covered(crossed);
          }),
        );
        const cuts = wall.tape.filter((piece) => piece.cuts);
        expect(sum(cuts.map((piece) => piece.length))).toBeCloseTo(expected, 4);
        for (const piece of cuts) expect(["left", "right"]).toContain(piece.lies);
      }),
    );
  });

  it("is the same in both unit systems, and when unchanged walls are kept", () => {
    const keep = keepUnchangedWalls();
    fc.assert(
      fc.property(randomJob, (document) => {
        const text = emitPlan(plan(parsed(document)));
        expect(emitPlan(plan(parsed(document), keep))).toBe(text);
        expect(emitPlan(plan(parsed(document), keep))).toBe(text);
        const strip = (units: string) => {
          const { walls } = plan(parsed({ ...document, units }));
          return walls[0]!.marks.map(({ id, at, error }) => ({ id, at, error }));
        };
        expect(strip("metric")).toEqual(strip("imperial"));
      }),
      { numRuns: 40 },
    );
  });
});
