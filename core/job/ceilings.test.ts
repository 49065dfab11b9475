import { describe, expect, it } from "vitest";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { oneWall, parsed } from "./tests/jobs";

const tin = {
  packs: [
    { size: "250 ml", price: 8 },
    { size: "1 L", price: 20 },
  ],
};
const paints = [{ id: "oyster" }, { id: "kelp", ...tin }, { id: "chalk", ...tin }, { id: "dust" }];
const stripes = { colours: ["kelp", "oyster"], fit: { by: "count", count: 3 } };
const jobOf = (more: object, wall: object = {}) =>
  plan(parsed(oneWall({ width: 3000, height: 2500, skirting: 0, ...wall }, stripes, { paints, ...more })));
const ceilingOf = (job: ReturnType<typeof jobOf>) => {
  const masks = job.walls[0]!.tape.filter(({ against }) => against === "ceiling");
  return [...new Set(masks.map(({ sealWith, seal }) => `${sealWith} ${seal}`))];
};

describe("a mask at the ceiling", () => {
  it("is sealed by the ceiling's own texture and colour, whatever the wall is", () => {
    // Nothing told of it: the wall's texture.
    expect(ceilingOf(jobOf({}))).toEqual(["press null"]);
    expect(ceilingOf(jobOf({}, { texture: "light" }))).toEqual(["clear null"]);
    const under = (ceiling: object, more: object = {}) => ceilingOf(jobOf({ ceiling, ...more }));
    // Rough: with its own paint where that is to be had, else a clear film; never only pressed.
    expect(under({ colour: "chalk", texture: "heavy" })).toEqual(["colour chalk"]);
    expect(under({ colour: "dust", texture: "heavy" })).toEqual(["clear null"]);
    expect(under({ texture: "heavy" })).toEqual(["clear null"]);
    expect(under({ texture: "heavy" }, { edges: { ceiling: "press" } })).toEqual(["clear null"]);
    // Smooth, but of another colour than the kelp that is painted up to it.
    expect(under({ colour: "chalk" })).toEqual(["colour chalk"]);
    expect(under({ colour: "kelp" })).toEqual(["press null"]);
    expect(under({ colour: "chalk" }, { edges: { ceiling: "press" } })).toEqual(["press null"]);
    expect(under({ colour: "chalk" }, { edges: { ceiling: "clear" } })).toEqual(["clear null"]);
    // The ceiling in one way, the stripe in another.
    const both = jobOf({ ceiling: { colour: "chalk" }, edges: { seal: "caulk", ceiling: "colour" } });
    expect(ceilingOf(both)).toEqual(["colour chalk"]);
    const cuts = both.walls[0]!.tape.filter(({ cuts }) => cuts);
    expect(new Set(cuts.map(({ sealWith }) => sealWith))).toEqual(new Set(["clear"]));
    expect(both.steps.some(({ kind, say }) => kind === "seal" && say.includes("colour under the tape"))).toBe(
      true,
    );
    // A wall's own ceiling goes before the room's.
    expect(ceilingOf(jobOf({ ceiling: { texture: "smooth" } }, { ceiling: { texture: "light" } }))).toEqual([
      "clear null",
    ]);
  });

  it("has its colour bought in the least size, and opened on the evening before", () => {
    const job = jobOf({ ceiling: { colour: "chalk", texture: "heavy" } });
    const chalk = job.paint.find(({ colour }) => colour === "chalk")!;
    // Two kelp stripes of a metre at the ceiling, in a strip of 25 mm, at 11 m2 a litre.
    expect(chalk.terms.seal_ml).toBeCloseTo((2 * 0.025 * 1000) / 11, 6);
    expect(chalk.packs).toMatchObject([{ size_ml: 250, count: 1 }]);
    expect(job.days[0]!.evening.join(" ")).toContain("chalk");
    expect(job.sundries.find(({ item }) => item === "brush")!.count).toBe(3);
  });

  it("names paints that there are", () => {
    const answer = parseJob(oneWall({}, stripes, { paints, ceiling: { colour: "gone" } }));
    expect(!answer.ok && answer.problems[0]).toMatchObject({ path: "ceiling.colour" });
    const own = parseJob(oneWall({ present: { paint: "gone" } }, stripes, { paints }));
    expect(!own.ok && own.problems[0]).toMatchObject({ path: "walls[0].present.paint" });
  });
});

describe("a wall that is painted all over", () => {
  const whole = (more: object = {}, job: object = {}) =>
    plan(
      parsed(
        oneWall(
          { width: 3000, height: 2500, skirting: 100, baseState: "paint", base: "kelp", ...more },
          {},
          { paints, finishes: [], ...job },
        ),
      ),
    );

  it("has masks all around, laid before its primer and off with the last coat", () => {
    const { walls, steps, tapeTotals } = whole();
    const masks = walls[0]!.tape;
    // 3 m at ceiling and skirting, 2.4 m at both ends.
    expect(masks.reduce((sum, { length }) => sum + length, 0)).toBeCloseTo(10_800, 6);
    expect(new Set(masks.map(({ round, against, offIn }) => `${round} ${against} ${offIn}`))).toEqual(
      new Set(["0 ceiling w/base-2", "0 trim w/base-2", "0 neighbour w/base-2"]),
    );
    expect(tapeTotals[0]!.run_m).toBeCloseTo(10.8, 9);
    const order = steps.map(({ id }) => id);
    expect(order.indexOf("w/tape-base")).toBeLessThan(order.indexOf("w/base-1"));
    expect(steps.find(({ id }) => id === "w/base-2")!.say).toContain("peel the masks while it is wet");
    expect(whole({}, { edges: { peel: "dry" } }).steps.map(({ id }) => id)).toContain("w/peel-base");
    // An external end has no tape on its arris.
    const floated = whole({ rightEdge: "external" }).walls[0]!.tape;
    expect(floated.reduce((sum, { length }) => sum + length, 0)).toBeCloseTo(8400, 6);
  });

  it("has coats advised by what is on it now", () => {
    const pale = [{ id: "oyster" }, { id: "kelp", hex: "#F4F1E8", ...tin }];
    const advice = (present: object | undefined) =>
      whole({ present }, { paints: pale }).findings.filter(({ code }) => code === "more-coats").length;
    expect([advice(undefined), advice({ colour: "#F0EDE0" }), advice({ colour: "#22201E" })]).toEqual([
      0, 0, 1,
    ]);
  });
});
