import { idsDone } from "../plan/workOfStep";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { border, planned } from "./tests/stencils";
import { runsOf } from "@/core/tests/runsOf";

describe("a border", () => {
  it("takes the whole number of repeats nearest to its length, each stretched by the rest, or keeps them with parts at both ends", () => {
    const legsOf = (width: number, more: object = {}) => {
      const { border: borders, prints } = planned(border({ level: 1500 }, more), { width }).walls[0]!;
      const [{ length, repeats, stretch, verdict }] = borders![0]!.legs as [never] &
        { length: number; repeats: number; stretch: number; verdict: string }[];
      return {
        leg: [length, repeats, stretch, verdict],
        at: prints![0]!.list.map(({ at }) => at[0]),
        counts: prints![0]!.counts,
      };
    };
    const stretched = legsOf(3980);
    // 9.95 repeats: ten of 398; 2 of 400 are half a percent.
    expect(stretched.leg).toEqual([3980, 10, -2, "won't show"]);
    expect(stretched.at.slice(0, 2)).toEqual([199, 597]);
    expect(legsOf(150).leg.slice(0, 3)).toEqual([150, 1, -250]);
    const kept = legsOf(3980, { fit: "keep" });
    // Nine whole ones are 3600; 190 over at both ends, where 150 of 300 of the line and half its gap is.
    expect(kept.leg.slice(0, 3)).toEqual([3980, 9, 0]);
    expect([Math.min(...kept.at), Math.max(...kept.at)]).toEqual([-10, 3990]);
    expect(kept.counts.whole).toBe(18);
  });

  it("runs around a thing in four legs from its casing and the gap, the motif's upper side outwards", () => {
    const openings = [{ id: "hatch", kind: "window", x: 1500, y: 900, width: 900, height: 1000, casing: 60 }];
    const { border: borders, prints } = planned(border({ around: "hatch", gap: 60 }), { openings }).walls[0]!;
    expect(borders![0]!.legs.map(({ length, repeats }) => [length, repeats])).toEqual([
      [1140, 3],
      [1240, 3],
      [1140, 3],
      [1240, 3],
    ]);
    const lines = prints![0]!.list.filter(({ overlay }) => overlay === "1");
    expect(lines.map(({ row, column, at, turn }) => [row, column, at.map(Math.round), turn]).sort()).toEqual(
      [
        [1, 1, [1570, 2020], 0],
        [1, 2, [1950, 2020], 0],
        [1, 3, [2330, 2020], 0],
        [2, 1, [2520, 1813], -90],
        [2, 2, [2520, 1400], -90],
        [2, 3, [2520, 987], -90],
        [3, 1, [2330, 780], 180],
        [3, 2, [1950, 780], 180],
        [3, 3, [1570, 780], 180],
        [4, 1, [1380, 987], 90],
        [4, 2, [1380, 1400], 90],
        [4, 3, [1380, 1813], 90],
      ].sort(),
    );
  });

  it("runs within the edges, whole repeats along every side, and nowhere where nothing is left between", () => {
    const within = (inside: number) =>
      planned(border({ inside }), { width: 1200, height: 800, object: { kind: "board" } }).walls[0]!;
    // 1000 by 600 are left: two and a half and one and a half repeats of 400, so three and two.
    expect(within(100).border![0]!.legs.map(({ length, repeats }) => [length, repeats])).toEqual([
      [1000, 3],
      [600, 2],
      [1000, 3],
      [600, 2],
    ]);
    const first = within(100).prints![0]!.list.find(({ overlay }) => overlay === "1")!;
    expect([first.at.map(Math.round), first.turn]).toEqual([[267, 700], 0]);
    expect(within(400).findings.map(({ code }) => code)).toContain("off-wall");
  });

  describe("around the corners of a run", () => {
    const run = (second: object, more: object = {}) =>
      planned(
        { ...border({ level: 1500 }, { fit: "keep", ...more }), on: "both" },
        {},
        {
          walls: [
            { id: "a", width: 3000, height: 2400, base: "oyster" },
            { id: "b", width: 2000, height: 2400, base: "oyster", ...second },
          ],
          runs: [{ id: "both", walls: ["a", "b"] }],
        },
      );
    const middles = (whole: ReturnType<typeof planned>) =>
      whole.walls.map(({ prints }) =>
        prints![0]!.list.flatMap(({ overlay, at, share }) => (overlay === "1" ? [[at[0], share]] : [])),
      );

    it("kept repeats go on with one part print, at the end where they join", () => {
      // 5000 are twelve repeats and 200: the seventh from the left ends at 2800, the eighth lies half on either wall.
      const [a, b] = middles(run({}, { join: "right" }));
      expect([a!.length, a![0], a!.at(-1)]).toEqual([8, [200, 1], [3000, 0.5]]);
      expect([b!.length, b![0], b!.at(-2), b!.at(-1)]).toEqual([6, [0, 0.5], [1600, 1], [2000, 0.5]]);
      // From the right the part is the first: its middle at 0, the last whole one ends at 5000.
      const [c, d] = middles(run({}, { join: "left" }));
      expect([c![0], c![1], d!.at(-1)]).toEqual([
        [0, 0.5],
        [400, 1],
        [1800, 1],
      ]);
    });

    it("are stretched where nobody sees it, else joined where a door is nearest", () => {
      const adviceOf = (whole: ReturnType<typeof planned>) =>
        whole.walls[0]!.findings.find(({ code }) => code === "kept-parts");
      const door = { id: "d", name: "yard door", kind: "door", x: 1000, y: 0, width: 900, height: 1400 };
      // 3000 / 400 are seven and a half: eight would be 25 shorter each, and that shows.
      const shown = adviceOf(run({ openings: [door] }))!;
      expect(shown.change!.set).toEqual({ join: "right" });
      expect(shown.remedy).toMatch(/the right end, beside yard door/);
      expect(adviceOf(run({ openings: [door] }, { join: "right" }))).toBeUndefined();
      // 3980 and 2010: ten and five, 2 mm shorter and longer.
      const unseen = planned(
        { ...border({ level: 1500 }, { fit: "keep" }) },
        { width: 3980 },
      ).walls[0]!.findings.find(({ code }) => code === "kept-parts")!;
      expect(unseen.change!.set).toEqual({ fit: "stretch" });
    });
  });

  it("finishes each repeat before the next where that is the school, waiting for what the next overlay lies on", () => {
    const steps = (order: string) =>
      planned(border({ level: 1500 }, { order }), { width: 1200 }).steps.filter(
        ({ kind }) => kind === "print",
      );
    const [all, ...others] = steps("repeat");
    expect([others.length, idsDone(all!, "print").length, all!.stretches!.length]).toEqual([0, 6, 3]);
    // Each repeat: 1.5, a wait of 15 for the first overlay under the second's sheet, 1.5; and the next sheet lies on both.
    expect(all!.minutes).toBeGreaterThanOrEqual(3 * 18);
    expect(all!.say).toMatch(/Whole repeats, up to print 3 of leg 1\.$/);
    // Overlay by overlay nobody waits within a repeat.
    expect(steps("overlay").map((step) => idsDone(step, "print").length)).toEqual([3, 3]);
  });

  it("has a motif of its own at the corners, printed after all else and in the same steps", () => {
    const openings = [{ id: "hatch", kind: "window", x: 1500, y: 900, width: 900, height: 1000, casing: 60 }];
    const finish = border({ around: "hatch", gap: 60 }, { corners: { motif: "reed" } });
    const whole = planned(finish, { openings });
    const { list } = whole.walls[0]!.prints![0]!;
    expect(list.map(({ order }) => order)).toEqual(list.map((_, index) => index + 1));
    const knots = list.filter(({ motif }) => motif === "f/reed");
    expect(knots.map(({ at, turn }) => [at, turn])).toEqual([
      [[1380, 2020], 0],
      [[2520, 2020], -90],
      [[2520, 780], -180],
      [[1380, 780], -270],
    ]);
    const printed = whole.steps.flatMap((step) => idsDone(step, "print"));
    expect(printed.sort()).toEqual(list.map(({ id }) => id).sort());
    // It takes half its repeat of 400 along the leg that it is turned with, and of 600 along the one before: 1140 - 200 - 300.
    expect(whole.walls[0]!.border![0]!.legs.map(({ length }) => length)).toEqual([640, 740, 640, 740]);
    // Two of 320 from 1380 + 200 on.
    const over = list.filter(({ motif, overlay, row }) => motif !== "f/reed" && overlay === "1" && row === 1);
    expect(over.map(({ at }) => at[0])).toEqual([1740, 2060]);
  });

  describe("at the corners around a thing", () => {
    /** A solid band 40 high in a repeat of 100, so that what is printed around a hatch is a plain frame. */
    const band = {
      id: "band",
      repeat: { x: 100, y: 60 },
      overlays: [{ id: "1", cuts: [{ slot: "line", path: "M -50 -20 h 100 v 40 h -100 z" }] }],
    };
    const openings = [{ id: "hatch", kind: "window", x: 1500, y: 900, width: 900, height: 1000 }];
    const framed = (corners: string) =>
      planned(
        {
          ...border({ around: "hatch", gap: 100 }, { corners }),
          stencil: "band",
          colours: { line: "kelp" },
        },
        { openings },
        { stencils: [band] },
      );

    it("is mitred: the legs run past the corners, and the diagonals leave a whole frame and nothing twice", () => {
      const whole = framed("mitre");
      const { list } = whole.walls[0]!.prints![0]!;
      // The way is 1100 by 1200, a band of 40 along it: 1140 x 1240 less 1060 x 1160 are 184,000, or 46 repeats of 4,000.
      expect(list.reduce((sum, { share }) => sum + share, 0)).toBeCloseTo(46, 6);
      const cut = list.filter(({ share }) => share < 1);
      // At each corner both legs have a piece beyond it, a triangle of 20 by 20 / 2, and lose one inside it.
      expect(cut.map(({ share, cutBy }) => [Math.round(share * 1000), cutBy.join()]).sort()).toEqual([
        ...Array.from({ length: 8 }, () => [50, "mitre"]),
        ...Array.from({ length: 8 }, () => [950, "mitre"]),
      ]);
      expect(list.length - cut.length).toBe(46 - 8);
      expect(whole.steps.flatMap(({ cautions }) => cautions).join()).toContain("Mask each mitre");
      // Sixteen diagonals of a print 60 high beside four pieces of 60 for each of 54 prints: 1.36 and 12.96 m.
      expect(whole.sundries.find(({ item }) => item === "stencil-tape")!.why).toContain("14.3 m");
    });

    it("leaves out what would be a speck beyond a mitre, and its reading", () => {
      // Legs of 1100 and 1200 take three dashes of 366.7 and 400: the next one's line, 150 long and 20 high from its
      // middle, ends 13 and 30 short of the diagonal.
      const { list } = planned(border({ around: "hatch", gap: 100 }, { corners: "mitre" }), { openings })
        .walls[0]!.prints![0]!;
      expect(list.filter(({ overlay }) => overlay === "1")).toHaveLength(12);
      expect(list.filter(({ share }) => share < 1)).toEqual([]);
    });

    it("is told where butted legs print a corner twice, with the mitre as its cure; not where the sheet leaves a gap", () => {
      const told = (plan: ReturnType<typeof planned>) =>
        plan.walls[0]!.findings.filter(({ code }) => code === "corners-overprint");
      const [found] = told(framed("butt"));
      expect(found!.say).toContain("up to 20 mm deep");
      expect(found!.change!.set).toEqual({ corners: "mitre" });
      expect(told(framed("mitre"))).toEqual([]);
      expect(found!.at).toEqual([2500, 2000]);
      // The line ends 50 before its repeat does, and reaches 20 to its lower side.
      expect(told(planned(border({ around: "hatch", gap: 100 }), { openings }))).toEqual([]);
    });
  });

  it("tells of the two upper corners around a door, whose lower leg is under the floor", () => {
    const openings = [{ id: "door", kind: "door", x: 1500, y: 0, width: 900, height: 2000 }];
    const sheet = {
      id: "full",
      repeat: { x: 100, y: 60 },
      overlays: [{ id: "1", cuts: [{ slot: "line", path: "M -50 -20 h 100 v 40 h -100 z" }] }],
    };
    const codes = (more: object) =>
      planned(
        { ...border({ around: "door", gap: 30 }, more), stencil: "full", colours: { line: "kelp" } },
        { openings },
        { stencils: [sheet] },
      ).walls[0]!.findings.map(({ code }) => code);
    expect(codes({})).toContain("corners-overprint");
    // Kept repeats have part prints over the corners.
    expect(codes({ fit: "keep" })).toContain("corners-overprint");
    expect(codes({ corners: "mitre" })).not.toContain("corners-overprint");
  });

  it("mitred, a band without gaps leaves a plain frame around a thing of any size", () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 120, max: 1400 }),
        fc.integer({ min: 120, max: 1100 }),
        fc.integer({ min: 30, max: 260 }),
        fc.integer({ min: 4, max: 15 }),
        (width, height, repeat, half) => {
          const openings = [{ id: "o", kind: "window", x: 1200, y: 600, width, height }];
          const path = `M ${-repeat / 2} ${-half} h ${repeat} v ${2 * half} h ${-repeat} z`;
          const sheet = {
            id: "solid",
            repeat: { x: repeat, y: 40 },
            overlays: [{ id: "1", cuts: [{ slot: "line", path }] }],
          };
          const { list } = planned(
            {
              kind: "stencil-border",
              stencil: "solid",
              colours: { line: "kelp" },
              along: { around: "o", gap: 20 },
              fit: "keep",
              corners: "mitre",
            },
            { openings },
            { stencils: [sheet] },
          ).walls[0]!.prints![0]!;
          const printed = list.reduce((sum, { share }) => sum + share, 0) * repeat * 2 * half;
          // The way is 20 off the thing; the frame is as wide as the band on both sides of it.
          const frame = 4 * half * (width + height + 80);
          expect(printed / frame).toBeCloseTo(1, 6);
        },
      ),
      runsOf(60),
    );
  });

  it("follows a ceiling that slopes, and prints its overlays one after the other, or repeat by repeat", () => {
    const survey = {
      stations: [
        { x: 0, down: 1000, up: 1400 },
        { x: 4000, down: 1000, up: 1360 },
      ],
    };
    const wall = { width: undefined, height: undefined, survey };
    const { prints } = planned(border({ below: "ceiling", by: 120 }), wall).walls[0]!;
    const [first] = prints![0]!.list;
    expect(first!.turn).toBeCloseTo((Math.atan(-0.01) * 180) / Math.PI, 6);
    expect(first!.at[1]).toBeCloseTo(1400 - 120 - first!.at[0] * 0.01, 6);
    const overlays = (order: string) =>
      [...planned(border({ level: 1500 }, { order })).walls[0]!.prints![0]!.list]
        .sort((a, b) => a.order - b.order)
        .map(({ overlay }) => overlay)
        .slice(0, 4)
        .join();
    expect([overlays("overlay"), overlays("repeat")]).toEqual(["1,1,1,1", "1,2,1,2"]);
  });
});
