import { readFileSync } from "node:fs";
import { describe, expect, it } from "vitest";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { parsed } from "./tests/jobs";
import { document, planned } from "./tests/stencils";

/** A field of the leaf, 400 by 600, on a thing on a table. */
const lying = (object: object, wall: object = {}, finish: object = {}) =>
  [
    { start: { x: "left", y: "top" }, ...finish },
    { width: 1200, height: 600, object, ...wall },
    {
      paints: ["oyster", "kelp", "brine"]
        .map((id) => ({ id }) as object)
        .concat({ id: "clear", material: "varnish", coats: 2 }),
    },
  ] as const;
const worked = (...of: Parameters<typeof lying>) => {
  const whole = planned(...lying(...of));
  const stepOf = (kind: string) => whole.steps.find((step) => step.kind === kind)!;
  const kinds = whole.steps.map(({ kind }) => kind).filter((kind) => !/^(set-up|close)/.test(kind));
  return { whole, kinds, stepOf };
};

describe("a thing on a table", () => {
  it("of fabric is washed and dried, ironed onto card, printed, lifted, and set by heat after a day", () => {
    const { whole, kinds, stepOf } = worked({ kind: "fabric" });
    expect(kinds).toEqual([
      "wash-cloth",
      "lay-flat",
      "mark",
      "print",
      "wash-tools",
      "rub-out",
      "lift",
      "set-heat",
    ]);
    // Six hours on the line, and a day before the iron.
    expect(stepOf("lay-flat").start - stepOf("wash-cloth").end).toBeGreaterThanOrEqual(360);
    expect(stepOf("set-heat").start - stepOf("print").end).toBeGreaterThanOrEqual(24 * 60);
    expect(stepOf("mark").say).toMatch(/from its left and lower edges, in tailor's chalk/);
    expect(stepOf("set-heat").say).toMatch(/^w: set the paint with an iron.*Washed not before 7 days/);
    // 0.72 m2 of card in sheets of 0.7.
    expect(whole.sundries.find(({ item }) => item === "card")!.count).toBe(2);
    const onSlab = worked({ kind: "fabric", backing: "the marble slab" });
    expect(onSlab.stepOf("lay-flat").say).toContain("on the marble slab,");
    expect(onSlab.whole.sundries.map(({ item }) => item)).not.toContain("card");
    const { kinds: byAir } = worked({ kind: "fabric", prepared: true, set: "air" });
    expect(byAir).not.toContain("wash-cloth");
    expect(byAir.at(-1)).toBe("lift");
  });

  it("is never washed like a wall, nor asks for a cleared room, a ladder or a level", () => {
    const { whole, kinds } = worked({ kind: "board" }, { width: 1200, height: 2400, baseState: "paint" });
    for (const kind of ["clear", "cover", "wash-wall", "furniture-back", "tape-base"])
      expect(kinds, kind).not.toContain(kind);
    expect(whole.steps.flatMap(({ cautions }) => cautions).join()).not.toMatch(/trestle/);
    expect(whole.tools.map(({ item }) => item)).not.toContain("tool-level");
    expect(whole.sundries.map(({ item }) => item)).not.toContain("dust-sheet");
    // Beside a wall the room is cleared for that alone: 4 m of it.
    const both = planned(...withWall());
    expect(both.steps.find(({ kind }) => kind === "cover")!.say).toContain("4.0 m of wall");
  });

  it("takes its varnish in three coats where it is trodden on, once its paint is as hard as tape asks", () => {
    const { whole, kinds, stepOf } = worked({ kind: "floor-cloth", varnish: "clear" });
    expect(kinds.filter((kind) => kind === "varnish")).toHaveLength(3);
    expect(stepOf("varnish").start - stepOf("print").end).toBeGreaterThanOrEqual(1440);
    // 0.72 m2 at 12 m2 a litre are 60 ml a coat.
    expect(whole.paint.find(({ colour }) => colour === "clear")!.terms.film_ml).toBeCloseTo(180, 6);
    expect(
      worked({ kind: "board", varnish: "clear" }).kinds.filter((kind) => kind === "varnish"),
    ).toHaveLength(2);
  });

  it("is tested for lead before its shine is rubbed off", () => {
    const { kinds, stepOf } = worked(
      { kind: "box-lid" },
      { conditions: [{ kind: "crack" }, { kind: "old-paint" }] },
    );
    expect(kinds.slice(0, 4)).toEqual(["lay-flat", "prepare", "key-object", "prepare"]);
    expect(stepOf("prepare").say).toMatch(/lead/);
    expect(worked({ kind: "board" }).stepOf("key-object").cautions.join()).toMatch(/lead/);
  });

  it("lets sheets lie over its edges, which bend nothing, and masks only what is cut out of it", () => {
    const { whole } = worked({ kind: "board" }, { width: 1000 });
    const { list } = whole.walls[0]!.prints![0]!;
    expect(list.flatMap(({ bends }) => bends)).toEqual([]);
    // The third leaf has its middle at 1000: half of it lies on the board.
    expect(list.map(({ share, cutBy }) => [share, cutBy])).toEqual([
      [1, []],
      [1, []],
      [0.5, ["right edge"]],
    ]);
    const mirror = { id: "glass", kind: "opening", x: 300, y: 100, width: 500, height: 400 };
    const surround = worked({ kind: "surround" }, { baseState: "paint", openings: [mirror] });
    // All round the glass: 2 x (500 + 400) mm.
    const tape = surround.whole.steps.find(({ id }) => id === "w/tape-base")!;
    expect(tape.say).toContain("1.8 m");
    expect(surround.stepOf("lift").cautions.join()).toMatch(/Glass/);
  });

  it("is told where nothing seals what is trodden on, and where varnish would stiffen cloth", () => {
    const findingsOf = (object: object) =>
      worked(object).whole.walls[0]!.findings.map(({ code, change }) => [code, change?.path, change?.set]);
    expect(findingsOf({ kind: "floor-cloth" })).toContainEqual([
      "object-unsealed",
      ["object"],
      { varnish: "clear" },
    ]);
    expect(findingsOf({ kind: "fabric", varnish: "clear" })).toContainEqual([
      "object-stiff",
      undefined,
      { object: { kind: "fabric", prepared: false } },
    ]);
    expect(findingsOf({ kind: "board" })).toEqual([]);
  });

  it.each([
    [{ skirting: 90 }, "walls[0].skirting"],
    [{ ceiling: {} }, "walls[0].ceiling"],
    [{ fixtures: [{ id: "p", kind: "plate", x: 1, y: 1, width: 9, height: 9 }] }, "walls[0].fixtures"],
    [{ object: { kind: "board", set: "heat" } }, "walls[0].object.set"],
    [{ object: { kind: "board", varnish: "gloss" } }, "walls[0].object.varnish"],
    [{ object: { kind: "boat" } }, "walls[0].object.kind"],
  ])("with %o is refused at its place", (wall, path) => {
    const answer = parseJob(document(...lying({ kind: "board" }, wall)));
    expect(answer.ok ? [] : answer.problems.map((problem) => problem.path)).toEqual([path]);
  });

  it("is in no run", () => {
    const [finish, wall, job] = lying({ kind: "board" });
    const answer = parseJob(document(finish, wall, { ...job, runs: [{ id: "r", walls: ["w"] }] }));
    expect(answer.ok ? [] : answer.problems.map(({ path }) => path)).toEqual(["runs[0].walls[0]"]);
  });
});

function withWall() {
  const [finish, wall, job] = lying({ kind: "board" });
  const walls = [
    { id: "w", base: "oyster", ...wall },
    { id: "v", width: 4000, height: 2400, base: "oyster", baseState: "paint" },
  ];
  return [finish, wall, { ...job, walls }] as const;
}

it("the example of small things is printed with sheets and brushes that serve both, in four days", () => {
  const written = readFileSync("docs/examples/ferry-landing-small-things.json", "utf8");
  const whole = plan(parsed(JSON.parse(written) as object));
  const found = whole.findings.concat(whole.walls.flatMap(({ findings }) => findings));
  expect(found.filter(({ severity }) => severity === "stop")).toEqual([]);
  const countOf = (item: string) => whole.sundries.find((sundry) => sundry.item === item)?.count;
  // Two overlays, each with a second copy for while one dries: the lid is printed with those of the cloth.
  expect(countOf("stencil-sheet")).toBe(4);
  expect([countOf("stencil-brush-6"), countOf("stencil-brush-20")]).toEqual([1, 1]);
  // A wash and a day to dry, two overlays, a day until the iron and the varnish.
  expect(whole.days).toHaveLength(4);
});
