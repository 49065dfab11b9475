import { describe, expect, it } from "vitest";
import { border, planned } from "./tests/stencils";

describe("a border", () => {
  it("is told how far off a thing whole repeats meet unseen, where that is near", () => {
    const shown = (width: number, along: object) => {
      const openings = [{ id: "hatch", kind: "window", x: 1500, y: 900, width, height: 1000 }];
      const { findings } = planned(border(along), { openings }).walls[0]!;
      return findings.filter(({ code }) => code === "stretch-shows");
    };
    // 1120 are three repeats of 373; 10 of 400 are not seen, so 1170 would do, which is 85 off.
    const [first, ...others] = shown(1000, { around: "hatch", gap: 60 });
    expect(first!.remedy).toMatch(/^Set it 85 mm off it: whole repeats meet on every side/);
    expect(first!.change!.set).toEqual({ along: { around: "hatch", gap: 85 } });
    expect(others.map(({ change }) => change)).toEqual([undefined, undefined, undefined]);
    expect(shown(1000, { around: "hatch", gap: 85 })).toEqual([]);
    // A door's sides end under the floor: 1170 over it and 1970 beside it, five repeats of 394.
    const door = [{ id: "d", kind: "door", x: 1500, y: 0, width: 1000, height: 1800 }];
    const [worst] = planned(border({ around: "d", gap: 60 }), { openings: door })
      .walls[0]!.findings.filter(({ change }) => change)
      .map(({ change }) => change!.set);
    expect(worst).toEqual({ along: { around: "d", gap: 85 } });
    // Sides of 200 more are three and three and a half: never both.
    const apart = shown(1200, { around: "hatch", gap: 60 });
    expect(apart.map(({ change }) => change)).not.toContainEqual(expect.anything());
    expect(apart[0]!.remedy).toMatch(/^Set it a little further off it/);
    const [along] = planned(border({ level: 1500 }), { width: 1000 }).walls[0]!.findings;
    expect(along!.remedy).toBe("Keep the repeat, and let the part prints end where they are seen least.");
  });

  it("offers both orders with their minutes, waits and changes of the brush", () => {
    const { offers } = planned(border({ level: 1500 }), { width: 1200 }).walls[0]!;
    // Six prints of 1.5; the second overlay waits 15 on its own repeat, and no sheet reaches the next one's holes.
    expect(offers.map(({ title, verdict, isChosen, why }) => [title, verdict, isChosen, why])).toEqual([
      [
        "Overlay by overlay",
        "good",
        true,
        ["9 min of printing, cleaning aside.", "The brush is changed once."],
      ],
      [
        "Repeat by repeat",
        "poor",
        false,
        [
          "54 min of printing, cleaning aside, 45 min of it waiting until a print may be covered.",
          "The brush is changed 5 times.",
        ],
      ],
    ]);
    // The steps agree with what is offered; two overlays are two steps.
    const minutesOf = (order: string) =>
      planned(border({ level: 1500 }, { order }), { width: 1200 })
        .steps.filter(({ kind }) => kind === "print")
        .reduce((sum, { minutes }) => sum + minutes, 0);
    expect([minutesOf("overlay"), minutesOf("repeat")]).toEqual([10, 54]);
  });

  it("that follows a ceiling is told what the eye will say, and is struck level where no wedge would show", () => {
    const following = (rise: number) => {
      const survey = {
        stations: [
          { x: 0, down: 1200, up: 1200 },
          { x: 4000, down: 1200, up: 1200 + rise },
        ],
      };
      const wall = { width: undefined, height: undefined, survey };
      const { findings } = planned(border({ below: "ceiling", by: 150 }), wall).walls[0]!;
      return findings.find(({ code }) => code === "follows-ceiling");
    };
    expect(following(0)).toBeUndefined();
    // 3 of 153 are under 2.5 %; from 1050 to 1053 above the line, the middle is read to 1052.
    expect(following(3)!.change!.set).toEqual({ along: { level: 1052 } });
    expect(following(-40)).toMatchObject({
      say: "It follows the ceiling, and so falls 40 mm over 4.0 m from left to right.",
      remedy:
        "No wedge shows over it, but it is out of level beside door heads and shelves. Level, the wedge over it will show.",
    });
    expect(following(-40)!.change).toBeUndefined();
  });

  it("has readings for its prints that no wedge is seen beside", () => {
    const survey = {
      stations: [
        { x: 0, down: 1200, up: 1200 },
        { x: 4000, down: 1240, up: 1200 },
      ],
    };
    const openings = [{ id: "d", kind: "door", x: 1500, y: -1220, width: 1000, height: 1800 }];
    const wall = { width: undefined, height: undefined, survey, openings };
    const { marks, findings } = planned(border({ around: "d", gap: 100 }), wall).walls[0]!;
    expect(marks.some(({ use }) => use.startsWith("the middle of print"))).toBe(true);
    expect(findings.map(({ code }) => code)).not.toContain("taper-shows");
    // What runs along the floor is told of, and called by its name.
    const level = planned(border({ level: -1100 }), { ...wall, openings: [] }).walls[0]!.findings;
    expect(level.find(({ code }) => code === "taper-shows")!.say).toMatch(
      /^The middle of the border, along the wall stands 100 mm from the floor/,
    );
  });

  it("warns of steps, and of a rim narrower than the roller or the brush", () => {
    const cautionsOf = (along: object, more: object = {}) =>
      planned(border(along, more), { width: 4000 })
        .steps.filter(({ kind }) => kind === "print")
        .map(({ cautions }) => cautions.join(" "));
    // A line of 300 by 40 in a cell of 400 by 120: 90 and 80 to the rim. The dot of 20 has 230 and 90.
    const [line, dot] = cautionsOf({ level: 1700 });
    expect(line).toMatch(/reaches only 80 mm beyond its holes, less than the roller is wide/);
    expect(dot).toMatch(/reaches only 90 mm beyond/);
    // 1700 and half the cell are under the 1800 that are reached from the floor; 1800 and that are not.
    const fromSteps = (level: number) =>
      planned(border({ level }), { width: 4000 })
        .steps.filter(({ kind }) => kind === "print")
        .map(({ does }) => does.some(({ tools }) => tools?.includes("tool-steps")));
    expect([fromSteps(1700), fromSteps(1800)]).toEqual([
      [false, false],
      [true, true],
    ]);
    expect(cautionsOf({ level: 1700 }, { method: "brush" }).join()).not.toMatch(/beyond its holes/);
  });
});
