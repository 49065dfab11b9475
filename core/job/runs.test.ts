import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { emitPlan } from "./emitPlan";
import { offsetAt } from "../wall/polyline";
import { shapeOfWall } from "../wall/wallShape";
import { parseJob } from "./parseJob";
import type { Job } from "./schema";
import { plan } from "./plan";
import { keepUnchanged } from "./planInStages";
import type { Plan, PlanPoint, PlanWall } from "../plan/planTypes";
import { arbitrary as randomFinish } from "../finishes/stripes/tests/arbitrary";
import { oneWall, paints, parsed } from "./tests/jobs";
import { randomSurvey } from "../wall/tests/surveys";
import { runsOf } from "@/core/tests/runsOf";

const planOf = (document: object): Plan => JSON.parse(emitPlan(plan(parsed(document)))) as Plan;
const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

/** Walls of these widths and of one height, read from a level line 1200 up, joined as a run with one finish. */
function runOf(widths: readonly number[], finish: object, more: (index: number) => object = () => ({})) {
  const walls = widths.map((width, index) => ({
    id: `w${index}`,
    base: "oyster",
    survey: {
      stations: [
        { x: 0, down: 1200, up: 1300 },
        { x: width, down: 1200, up: 1300 },
      ],
    },
    ...more(index),
  }));
  return {
    format: "jacaranda-job/1",
    name: "Run",
    paints,
    walls,
    runs: [{ id: "r", walls: walls.map(({ id }) => id) }],
    finishes: [{ id: "f", on: "r", kind: "stripes", ...finish }],
  };
}

const bands = { direction: "horizontal", colours: ["kelp", "oyster"], fit: { by: "count", count: 5 } };

describe("a surveyed rectangle", () => {
  it("has the plan of the quick one, moved to the level line", () => {
    fc.assert(
      fc.property(randomFinish, fc.integer({ min: 700, max: 1600 }), (finish, down) => {
        const things = (lift: number) => ({
          openings: [
            { id: "o", kind: "window", x: 1300, y: 900 + lift, width: 700, height: 800, casing: 60 },
          ],
          fixtures: [{ id: "p", kind: "plate", x: 300, y: 1100 + lift, width: 80, height: 80 }],
        });
        const survey = { stations: [0, 1700, 4215].map((x) => ({ x, down, up: 2610 - down })) };
        // An anchor of slanted stripes is where a line crosses y = 0, which lies elsewhere here.
        fc.pre(!(finish.fit.by === "anchor" && finish.direction !== "vertical"));
        const quick = planOf(oneWall(things(0), finish)).walls[0]!;
        const surveyed = planOf(
          oneWall({ ...things(-down), width: undefined, height: undefined, survey }, finish),
        ).walls[0]!;
        const names = (wall: PlanWall) =>
          wall.regions.map(({ id, colour, holes }) => [id, colour, holes.length]);
        expect(names(surveyed)).toEqual(names(quick));
        const places = (wall: PlanWall, lift: number) =>
          wall.regions.flatMap(({ outline, holes }) =>
            [outline, ...holes].flat().flatMap(([x, y]) => [x, y - lift]),
          );
        const expected = places(quick, 0);
        expect(places(surveyed, -down)).toHaveLength(expected.length);
        places(surveyed, -down).forEach((value, index) => expect(value).toBeCloseTo(expected[index]!, 6));
        expect(surveyed.surface_m2).toBeCloseTo(quick.surface_m2, 9);
        expect(surveyed.marks.map(({ id, on, axis }) => [id, on, axis])).toEqual(
          quick.marks.map(({ id, on, axis }) => [id, on, axis]),
        );
        surveyed.marks.forEach(({ at, axis }, index) =>
          expect(at).toBeCloseTo(quick.marks[index]!.at - (axis === "y" ? down : 0), 6),
        );
        expect(
          surveyed.tape.map(({ lies, over, cuts, length }) => [lies, over, cuts, length.toFixed(5)]),
        ).toEqual(quick.tape.map(({ lies, over, cuts, length }) => [lies, over, cuts, length.toFixed(5)]));
        expect(surveyed.fit?.candidates.map(({ count, score }) => [count, score])).toEqual(
          quick.fit?.candidates.map(({ count, score }) => [count, score]),
        );
      }),
      runsOf(40),
    );
  });
});

describe("a run", () => {
  it("carries level lines around both corners, each wall read from its own left plumb line", () => {
    const { walls } = planOf(runOf([2000, 1500, 900], bands));
    // 2500 in five: lines at 500, 1000, 1500, 2000 above the floor, which lies 1200 under the level line.
    for (const wall of walls)
      expect(wall.marks.map(({ on, at }) => [on, at])).toEqual(
        [-700, -200, 300, 800].map((y) => ["left", y]),
      );
    expect(walls[0]!.marks.every(({ carriedFrom }) => carriedFrom === undefined)).toBe(true);
    expect(walls[2]!.marks[3]!.carriedFrom).toEqual({ wall: "w1", mark: "w1/f/line-4/check" });
  });

  it("goes on with upright stripes where the wall before it stopped", () => {
    const stripes = {
      direction: "vertical",
      colours: ["kelp", "oyster"],
      fit: { by: "width", width: 400, centre: "none" },
    };
    const { walls, rounds } = planOf(runOf([1000, 1500], stripes));
    // Lines of the strip at 400, 800 | 1200, 1600, 2000, 2400: on the second wall 1000 less.
    expect(walls.map((wall) => wall.marks.map(({ at }) => at))).toEqual([
      [400, 800],
      [200, 600, 1000, 1400],
    ]);
    expect(walls[1]!.regions.map(({ name }) => name).sort()).toEqual(
      [3, 4, 5, 6, 7].map((number) => `stripe ${number}`),
    );
    // Stripe 3 goes around the corner in one colour: no tape there, and one round for all.
    expect(walls.flatMap((wall) => wall.tape).filter(({ corner }) => corner)).toEqual([]);
    expect(rounds).toHaveLength(1);
  });

  it("tapes a corner between two colours once, on the side painted earlier", () => {
    const stripes = {
      direction: "vertical",
      colours: ["kelp", "brine"],
      fit: { by: "width", width: 500, centre: "none" },
    };
    const { walls, rounds } = planOf(runOf([1000, 1000], stripes));
    // kelp brine | kelp brine: two rounds, and the corner is brine against kelp.
    const corners = walls.flatMap((wall) => wall.tape.filter(({ corner }) => corner));
    expect(corners).toHaveLength(1);
    const [piece] = corners;
    const first = new Set(
      rounds[0]!.regions.map(
        (id) => walls.flatMap((wall) => wall.regions).find((region) => region.id === id)!.colour,
      ),
    );
    expect(first.has(piece!.over!)).toBe(true);
    expect(piece).toMatchObject({ length: 2500, round: 2, corner: piece!.id.startsWith("w0") ? "w1" : "w0" });
    const masksAtCorner = [
      walls[0]!.tape.filter(({ path }) => path.every(([x]) => x === 1000)),
      walls[1]!.tape.filter(({ path }) => path.every(([x]) => x === 0)),
    ];
    expect(masksAtCorner.flat().filter(({ against }) => against)).toEqual([]);
  });

  it("masks the corner where the walls are of different height", () => {
    const taller = (index: number) =>
      index === 0 ? {} : { survey: { stations: [{ x: 1000, down: 1200, up: 1600 }] } };
    const whole = { colours: ["kelp"], fit: { by: "count", count: 1 } };
    const { walls } = planOf(runOf([1000, 1000], whole, taller));
    const left = walls[1]!.tape.filter(({ path }) => path.every(([x]) => x === 0));
    expect(left.map(({ length, against }) => [length, against])).toEqual([[300, "neighbour"]]);
    expect(walls[0]!.tape.some(({ path }) => path.every(([x]) => x === 1000))).toBe(false);
  });

  it("adds up on random surveys: areas, rounds without touching neighbours, boundaries taped once", () => {
    fc.assert(
      fc.property(
        fc.array(randomSurvey, { minLength: 1, maxLength: 3 }),
        randomFinish,
        fc.boolean(),
        (surveys, finish, joined) => {
          const document = runOf(
            surveys.map(() => 1),
            finish,
            (index) => ({ survey: surveys[index]! }),
          );
          const answer = parseJob(
            joined ? document : { ...document, runs: [], finishes: [{ ...document.finishes[0]!, on: "w0" }] },
          );
          expect(answer.ok || answer.problems.every(({ path }) => path.startsWith("walls["))).toBe(true);
          if (!answer.ok) return;
          const result = plan(answer.job);
          expect(emitPlan(plan(answer.job, keepUnchanged()))).toBe(emitPlan(result));
          const roundOf = new Map(
            result.rounds.flatMap(({ round, regions }) => regions.map((id) => [id, round])),
          );
          for (const wall of result.walls) {
            const isStopped = wall.findings.some(({ severity }) => severity === "stop");
            if (isStopped) {
              expect(wall.regions).toEqual([]);
              continue;
            }
            expect(sum(wall.regions.map(({ area_m2 }) => area_m2))).toBeCloseTo(wall.surface_m2, 6);
            for (const mark of wall.marks)
              expect(Math.abs(mark.error)).toBeLessThanOrEqual(answer.job.tapeDivision / 2 + 1e-9);
            for (const region of wall.regions)
              expect(roundOf.has(region.id)).toBe(region.colour !== "oyster");
          }
          checkCorners(result, answer.job);
        },
      ),
      runsOf(150),
    );
  });
});

/** Tries points along each corner: two paints that meet there are in different rounds and taped exactly once. */
function checkCorners({ walls, rounds }: Plan, job: Job) {
  const roundOf = new Map(rounds.flatMap(({ round, regions }) => regions.map((id) => [id, round] as const)));
  const order = job.runs[0]?.walls ?? [];
  for (let k = 1; k < order.length; k++) {
    const [a, b] = [order[k - 1]!, order[k]!].map((id) => walls.find((wall) => wall.id === id)!) as [
      PlanWall,
      PlanWall,
    ];
    for (let y = -1490.3; y < 1600; y += 97) {
      const [left, right] = [regionAtEnd(a, job, y, "right"), regionAtEnd(b, job, y, "left")];
      if (!left || !right || isNearACut(a, job, y, "right") || isNearACut(b, job, y, "left")) continue;
      const colours = [left.colour, right.colour];
      const pieces = [...a.tape, ...b.tape].filter(({ corner, path, over, cuts }) => {
        const ys = path.map(([, py]) => py);
        const isHere = Math.min(...ys) < y && Math.max(...ys) > y;
        return (
          corner &&
          isHere &&
          [a.id, b.id].includes(corner) &&
          colours.includes(over!) &&
          colours.includes(cuts!)
        );
      });
      expect(pieces).toHaveLength(left.colour === right.colour ? 0 : 1);
      if (left.colour !== right.colour) expect(roundOf.get(left.id)).not.toBe(roundOf.get(right.id));
    }
  }
}

/** The region just inside an end of the wall at a height, where the wall reaches its end there. */
function regionAtEnd(wall: PlanWall, job: Job, y: number, end: "left" | "right") {
  const shape = shapeOfWall(job.walls.find(({ id }) => id === wall.id)!);
  const x = offsetAt(shape[end], y) + (end === "left" ? 0.02 : -0.02);
  return wall.regions.find(
    ({ outline, holes }) => [outline, ...holes].filter((ring) => isIn(ring, x, y)).length === 1,
  );
}

/** Whether another region of the end begins so close that which one is met here is a matter of rounding. */
const isNearACut = (wall: PlanWall, job: Job, y: number, end: "left" | "right") =>
  [-3, 3].some((by) => regionAtEnd(wall, job, y + by, end) !== regionAtEnd(wall, job, y, end));

const isIn = (ring: readonly PlanPoint[], x: number, y: number) =>
  ring.filter(([px, py], index) => {
    const [qx, qy] = ring[(index + 1) % ring.length]!;
    return py > y !== qy > y && x < px + ((y - py) / (qy - py)) * (qx - px);
  }).length %
    2 ===
  1;
