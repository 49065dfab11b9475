import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { plan } from "./plan";
import type { Plan } from "../plan/planTypes";
import { paints, parsed } from "./tests/jobs";
import { runsOf } from "@/core/tests/runsOf";

const hexes = ["#E9E2D0", "#4C5B45", "#2F5D62", "#D9A441", "#B8502F", "#5A6B78", "#A99A84"];
/** oyster is the base; a to f are others. */
const many = ["oyster", "a", "b", "c", "d", "e", "f"].map((id, index) => ({ id, hex: hexes[index] }));

function jobOn(finishes: object[], more: object = {}, wall: object = {}): Plan {
  return plan(
    parsed({
      format: "jacaranda-job/1",
      name: "Rounds",
      paints: many,
      walls: [{ id: "w", width: 4000, height: 2600, base: "oyster", ...wall }],
      finishes: finishes.map((finish, index) => ({ id: `f${index}`, on: "w", ...finish })),
      ...more,
    }),
  );
}
const stripes = (colours: string[], count: number) => ({
  kind: "stripes",
  colours,
  fit: { by: "count", count },
});
const proof = ({ rounds, roundsProof }: Plan) => [rounds.length, roundsProof.count, roundsProof.least];

describe("the fewest rounds", () => {
  it("of stripes: one over their base, two where two touch, however many colours there are", () => {
    expect(proof(jobOn([stripes(["a", "oyster"], 15)]))).toEqual([1, 1, 1]);
    expect(proof(jobOn([stripes(["a", "b", "oyster"], 15)]))).toEqual([2, 2, 2]);
    expect(proof(jobOn([stripes(["a", "b"], 14)]))).toEqual([2, 2, 2]);
    expect(proof(jobOn([stripes(["a", "b", "c", "d", "e"], 15)]))).toEqual([2, 2, 2]);
    expect(proof(jobOn([stripes(["oyster"], 5)]))).toEqual([0, 0, 0]);
  });

  it("of a wheel of an odd number of sectors around a hub are four, of an even one three", () => {
    const wheel = (count: number) => {
      const at = (k: number) => {
        const angle = (2 * Math.PI * k) / count + 0.2;
        return [2000 + 900 * Math.cos(angle), 1300 + 900 * Math.sin(angle)];
      };
      const sectors = Array.from({ length: count }, (_, k) => ({
        shape: "polygon",
        points: [[2000, 1300], at(k), at(k + 1)],
        colour: ["a", "b", "c", "d", "e"][k % 5],
      }));
      return {
        kind: "blocks",
        blocks: [...sectors, { shape: "circle", centre: [2000, 1300], radius: 300, colour: "f" }],
      };
    };
    expect(proof(jobOn([wheel(5)]))).toEqual([4, 4, 4]);
    expect(proof(jobOn([wheel(8)]))).toEqual([3, 3, 3]);
    expect(proof(jobOn([wheel(9)]))).toEqual([4, 4, 4]);
  });

  it("of four areas that all touch are four; a strip of base between two frees them", () => {
    const rectangle = (x: number, y: number, width: number, height: number, colour: string) => ({
      shape: "rectangle",
      ...{ x, y, width, height, colour },
    });
    // Three around a middle one, each touching the other two: a ring in three parts.
    const around = (gap: number) => ({
      kind: "blocks",
      blocks: [
        rectangle(500, 300, 1500 - gap, 1800, "a"),
        rectangle(2000, 300, 1500, 900, "b"),
        rectangle(2000, 1200, 1500, 900, "c"),
        rectangle(1600 - gap, 900, 800, 600, "d"),
      ],
    });
    expect(proof(jobOn([around(0)]))).toEqual([4, 4, 4]);
    // With 100 mm of base left between the first and the two beside it, those three are no ring any more.
    expect(proof(jobOn([around(100)]))).toEqual([3, 3, 3]);
  });
});

describe("rounds over all walls", () => {
  const colour = fc.constantFrom("oyster", "kelp", "brine", "lantern");
  const finish = fc.record({
    count: fc.integer({ min: 1, max: 9 }),
    direction: fc.constantFrom("vertical", "horizontal", 40),
    colours: fc.array(colour, { minLength: 1, maxLength: 3 }),
  });

  it("are the fewest of the wall that needs most, and corners are taped before they are painted", () => {
    fc.assert(
      fc.property(fc.array(finish, { minLength: 2, maxLength: 4 }), fc.boolean(), (finishes, isRun) => {
        const walls = finishes.map((_, index) => ({
          id: `w${index}`,
          width: 2000 + 300 * index,
          height: 2400,
          base: "oyster",
        }));
        const runs = isRun ? [{ id: "r", walls: ["w0", "w1"] }] : [];
        const job = parsed({
          format: "jacaranda-job/1",
          name: "Walls",
          paints,
          walls,
          runs,
          finishes: finishes.map(({ count, ...rest }, index) => ({
            id: `f${index}`,
            on: `w${index}`,
            kind: "stripes",
            fit: { by: "count", count },
            ...rest,
          })),
        });
        const whole = plan(job);
        const alone = walls.map((wall) =>
          plan({
            ...job,
            walls: job.walls.filter(({ id }) => id === wall.id),
            runs: [],
            finishes: job.finishes.filter(({ on }) => on === wall.id),
          }),
        );
        if (!isRun) expect(whole.rounds.length).toBe(Math.max(...alone.map(({ rounds }) => rounds.length)));
        expect(whole.roundsProof.least).toBe(whole.roundsProof.count);
        const stepOf = (kind: string, wall: string, round: number) =>
          whole.steps.filter((step) => step.kind === kind && step.wall === wall && step.round === round);
        for (const { id, tape } of whole.walls) {
          for (const { corner, round, cuts } of tape) {
            if (corner === undefined) continue;
            const taped = stepOf("tape", id, round);
            const painted = stepOf("paint", corner, round).filter((step) => step.colour === cuts);
            expect([taped.length > 0, painted.length > 0]).toEqual([true, true]);
            for (const step of painted) expect(step.start).toBeGreaterThanOrEqual(taped.at(-1)!.end);
          }
        }
      }),
      runsOf(80),
    );
  });

  it("have each paint in one round where one wall alone would have it in another", () => {
    const on = (id: string, colours: string[], count: number) => ({
      ...stripes(colours, count),
      id: `f-${id}`,
      on: id,
    });
    const walls = ["u", "v"].map((id) => ({ id, width: 3000, height: 2400, base: "oyster" }));
    // a is the darker: alone on u it would be round 1, beside d on v it comes second.
    const { rounds } = jobOn([], { walls, finishes: [on("u", ["a", "oyster"], 5), on("v", ["c", "a"], 6)] });
    const painted = rounds.map(({ regions }) => new Set(regions.map((id) => id.split("/")[0])));
    expect(painted).toEqual([new Set(["v"]), new Set(["u", "v"])]);
  });
});

it("the days are the same in both unit systems, and when unchanged walls are kept", () => {
  const steps = (units: string) =>
    jobOn([stripes(["a", "b", "oyster"], 9)], { units, tapeDivision: "1 mm" }).steps.map(
      ({ id, start, end, person }) => [id, start, end, person],
    );
  expect(steps("metric")).toEqual(steps("imperial"));
});
