import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { judgeSet, rankSets, type ShownPattern } from "../colour/judgeSets";
import { runsOf } from "../tests/runsOf";
import { parseJob } from "./parseJob";
import { plan } from "./plan";
import { takeSet, unlikeStandIns } from "./takeSet";

const hexes: Record<string, string> = {
  kelp: "#47573f",
  oyster: "#e6dcc6",
  // Next to oyster nobody would see where it begins.
  shell: "#e4dac5",
  lantern: "#e0a51d",
  // Of one lightness, as red and green as eyes without green cones take for one another.
  rust: "#a8584f",
  moss: "#3c8750",
};
const document = (more: object = {}) => ({
  format: "jacaranda-job/1",
  name: "Sets",
  viewingDistance: 2500,
  paints: Object.entries(hexes).map(([id, hex]) => ({ id, name: id, hex })),
  walls: [{ id: "w", width: 4000, height: 2000, base: "oyster" }],
  finishes: [
    {
      id: "f",
      kind: "stripes",
      on: "w",
      colours: ["kelp", "oyster"],
      fit: { by: "count", count: 4 },
    },
  ],
  ...more,
});
const setsOf = (more: object) => {
  const parsed = parseJob(document(more));
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
  return plan(parsed.job).sets;
};

describe("sets of a job", () => {
  const sets = setsOf({
    sets: [
      { id: "s1", name: "Pale", paints: { kelp: "shell" } },
      { id: "s2", name: "Warm", paints: { kelp: "rust", oyster: "moss" } },
      { id: "s3", paints: { kelp: "lantern" } },
    ],
    stays: [{ id: "floor", name: "Floor boards", hex: "#47573f", area_m2: 14 }],
  })!;
  const of = (id: string) => sets.find((set) => set.id === id)!;

  it("tell shares, balance and what touches, the document's own first", () => {
    expect(sets.map(({ id, name }) => [id, name])).toEqual([
      ["s0", "As it is"],
      ["s1", "Pale"],
      ["s2", "Warm"],
      ["s3", "s3"],
    ]);
    // Four stripes of 1000, two of each.
    expect(of("s0").shares).toEqual({ kelp: 0.5, oyster: 0.5 });
    expect(of("s0").balance).toEqual({ light: 0.5, middle: 0, dark: 0.5, quiet: 1, loud: 0 });
    expect(of("s3").balance).toMatchObject({ loud: 0.5, quiet: 0.5 });
    expect(of("s0").contrasts.map(({ between }) => between)).toEqual([
      ["kelp", "oyster"],
      ["kelp", "floor"],
      ["oyster", "floor"],
    ]);
    expect(of("s2").shares).toEqual({ moss: 0.5, rust: 0.5 });
    expect(setsOf({})).toBeUndefined();
  });

  it("rank by what speaks against them, and say it", () => {
    expect(of("s1").why[0]).toMatch(
      /^oyster and shell run together from 2\.5 m away: they touch along 100 % of all edges, and differ by \d\.\d\.$/,
    );
    expect(of("s1").why).toContain("100 % of it is light and quiet: nothing stands out.");
    expect(of("s0").why[0]).toBe("kelp and Floor boards are nearly one colour, 0.0 apart.");
    expect(of("s2").alike.deutan).toEqual([["moss", "rust"]]);
    expect(of("s2").why[0]).toMatch(/^moss and rust look alike to .*eyes blind to green/);
    expect(of("s3").why[0]).toBe("Strong colours take 50 % of the walls.");
    expect(of("s1").rank).toBe(4);
    expect(sets.map(({ rank }) => rank).sort()).toEqual([1, 2, 3, 4]);
  });

  it("are refused at their place where they name what is not there", () => {
    const refusal = (more: object) => {
      const parsed = parseJob(document(more));
      return parsed.ok ? [] : parsed.problems.map(({ path, message }) => `${path}: ${message}`);
    };
    expect(refusal({ sets: [{ id: "s1", paints: { kelp: "mauve" } }] })[0]).toMatch(
      /^sets\[0\]\.paints\.kelp: there is no paint "mauve"; expected one of/,
    );
    expect(refusal({ sets: [{ id: "s0" }] })[0]).toMatch(/^sets\[0\]\.id: "s0" is the document as it is/);
    expect(refusal({ stays: [{ id: "floor", hex: "brown" }] })[0]).toMatch(
      /^stays\[0\]\.hex: "brown" is not right; expected a colour/,
    );
    expect(refusal({ stays: [{ id: "kelp", hex: "#123456" }] })[0]).toMatch(
      /^stays\[0\]\.id: "kelp" is used/,
    );
  });
});

describe("a judged set", () => {
  const names = Object.keys(hexes);
  const pattern = fc
    .record({
      areas: fc.array(fc.tuple(fc.constantFrom(...names), fc.double({ min: 0.01, max: 9, noNaN: true })), {
        minLength: 1,
        maxLength: 8,
      }),
      edges: fc.array(
        fc.tuple(
          fc.constantFrom(...names),
          fc.constantFrom(...names),
          fc.double({ min: 0.1, max: 9, noNaN: true }),
        ),
        { maxLength: 8 },
      ),
    })
    .map(({ areas, edges }): ShownPattern => ({
      colours: areas.map(([colour, area_m2]) => ({ colour, area_m2 })),
      edges: edges.map(([a, b, length_m]) => ({ between: [a, b], length_m })),
    }));
  const room = { hexOf: (id: string) => hexes[id]!, stays: [], distance: 2500 };
  const mapping = fc.dictionary(fc.constantFrom(...names), fc.constantFrom(...names));

  it("shares out all there is, parts no colour from itself, and does not depend on the order of anything", () => {
    fc.assert(
      fc.property(pattern, mapping, (shown, paints) => {
        const figures = judgeSet(shown, paints, room);
        const sum = (values: Iterable<number>) => [...values].reduce((all, one) => all + one, 0);
        expect(sum(figures.shares.values())).toBeCloseTo(1, 9);
        expect(sum(Object.values(figures.tones))).toBeCloseTo(1, 9);
        for (const { between, seen, deltaE } of figures.contrasts) {
          expect(between[0]).not.toBe(between[1]);
          expect(seen).toBeLessThanOrEqual(deltaE + 1.5);
        }
        const turned = { colours: shown.colours.toReversed(), edges: shown.edges.toReversed() };
        const again = judgeSet(turned, paints, room);
        expect(again.faults.length).toBe(figures.faults.length);
        expect(rankSets([figures, again, figures])).toEqual([1, 2, 3]);
      }),
      runsOf(200),
    );
  });
});

describe("a set that is taken", () => {
  it("stands wherever those stood that it is in place of; what was is a set, and others show what they showed", () => {
    const written = document({
      finishes: [
        { id: "f", kind: "stripes", on: "w", colours: ["kelp", "oyster"], fit: { by: "count", count: 4 } },
        { id: "m", kind: "limewash", on: "v", paint: "lime", primer: "mineral" },
      ],
      walls: [
        { id: "w", width: 4000, height: 2000, base: "oyster" },
        { id: "v", width: 3000, height: 2000, base: "kelp", baseState: "paint" },
      ],
      paints: [
        ...Object.entries(hexes).map(([id, hex]) => ({ id, name: id, hex })),
        ...["lime", "clay"].map((id) => ({ id, material: "limewash" })),
        { id: "mineral", material: "mineral-primer" },
      ],
      sets: [
        { id: "s1", paints: { kelp: "rust", oyster: "shell" } },
        { id: "s2", paints: { kelp: "moss" } },
        { id: "s3", paints: { lime: "clay" } },
      ],
    });
    const parsed = parseJob(written);
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
    const before = plan(parsed.job).sets!;
    const taken = takeSet(written, parsed.job, "s1", { id: "s4", name: "As it was" });
    const after = parseJob(taken);
    if (!after.ok) throw new Error(JSON.stringify(after.problems));
    const shown = plan(after.job).sets!;
    const sharesOf = (sets: typeof shown, id: string) => {
      const { shares } = sets.find((set) => set.id === id)!;
      return Object.fromEntries(Object.entries(shares).map(([paint, share]) => [paint, share.toFixed(6)]));
    };
    expect(sharesOf(shown, "s0")).toEqual(sharesOf(before, "s1"));
    expect(sharesOf(shown, "s4")).toEqual(sharesOf(before, "s0"));
    for (const id of ["s2", "s3"]) expect(sharesOf(shown, id), id).toEqual(sharesOf(before, id));
    // A base that was on the wall is another one now, and has to be painted.
    expect(after.job.walls.map(({ base, baseState }) => [base, baseState])).toEqual([
      ["shell", "paint"],
      ["rust", "paint"],
    ]);
  });

  it("is not taken where a paint would have to go on otherwise than what it is in place of", () => {
    const written = document({
      paints: [...Object.keys(hexes).map((id) => ({ id })), { id: "lime", material: "limewash" }],
      sets: [{ id: "s1", paints: { kelp: "lime", oyster: "shell" } }],
    });
    const parsed = parseJob(written);
    if (!parsed.ok) throw new Error(JSON.stringify(parsed.problems));
    expect(unlikeStandIns(parsed.job, "s1")).toEqual([{ slot: "kelp", paint: "lime" }]);
    expect(() => takeSet(written, parsed.job, "s1", { id: "s2", name: "" })).toThrow(/go on otherwise/);
  });
});
