import { idsDone } from "../plan/workOfStep";
import { describe, expect, it } from "vitest";
import { planned } from "./tests/stencils";

/** One piece of plastic: a bar of 200 by 40, and two squares of 40 under it, `gap` below the bar. */
const flag = (gap: number) => ({
  id: "flag",
  repeat: { x: 400, y: 200 },
  overlays: [
    {
      id: "1",
      cuts: [
        { slot: "dots", path: `M -80 ${-60 - gap} h 40 v 40 h -40 z M 40 ${-60 - gap} h 40 v 40 h -40 z` },
        { slot: "bar", path: "M -100 -20 h 200 v 40 h -200 z" },
      ],
    },
  ],
});
const flags = (finish: object, gap = 30) =>
  planned(
    {
      stencil: "flag",
      colours: { bar: "kelp", dots: "brine" },
      start: { x: "left", y: "top" },
      ...finish,
    },
    { width: 2000, height: 400 },
    { stencils: [flag(gap)] },
  );

describe("a sheet of several colours in one piece", () => {
  it("is printed at each place with a card over the rest, or colour by colour, the larger holes first", () => {
    const prints = (whole: ReturnType<typeof planned>) => whole.steps.filter(({ kind }) => kind === "print");
    const [each, ...none] = prints(flags({}));
    expect(none).toEqual([]);
    expect(idsDone(each!, "print")).toHaveLength(10);
    expect(each!.say).toMatch(/one colour after the other under each sheet, a card held over the rest/);
    const [bars, dots, ...more] = prints(flags({ printBy: "colour" }));
    expect(more).toEqual([]);
    // The bar has 8,000 mm2 open and the squares 3,200.
    expect([bars!.colour, dots!.colour]).toEqual(["kelp", "brine"]);
    expect([idsDone(bars!, "print").length, idsDone(dots!, "print").length]).toEqual([10, 10]);
    expect(bars!.say).toMatch(/the holes of dots taped off/);
    expect(dots!.say).toMatch(/the holes of bar taped off/);
    // The first colour is dry under the sheet before the second goes on.
    expect(dots!.start - bars!.end).toBeGreaterThanOrEqual(15);
  });

  it("prints the same areas either way, with as many sheets, and a tape over what is covered", () => {
    const [each, inTurn] = [flags({}), flags({ printBy: "colour" })];
    const areas = ({ paint }: ReturnType<typeof planned>) =>
      paint.flatMap(({ colour, printed_m2 }) => (printed_m2 ? [[colour, printed_m2]] : []));
    expect(areas(inTurn)).toEqual(areas(each));
    expect(areas(each)).toEqual([
      ["kelp", expect.closeTo(0.08, 9) as number],
      ["brine", expect.closeTo(0.032, 9) as number],
    ]);
    const of = ({ sundries }: ReturnType<typeof planned>, item: string) =>
      sundries.find((sundry) => sundry.item === item)!;
    expect(of(inTurn, "stencil-sheet").count).toBe(of(each, "stencil-sheet").count);
    // Sheets are printed with brushes or rollers of their own, and nothing else is painted.
    expect(each.sundries.filter(({ item }) => item === "brush")).toEqual([]);
    // Four pieces of 60 mm a print: 2.4 m and twice that; on each of the two copies 240 over the bar and twice 80.
    expect(of(each, "stencil-tape").why).toContain("2.4 m");
    expect(of(inTurn, "stencil-tape").why).toContain("5.6 m");
  });

  it("tells in which turn they go on and what is covered, and where no card is narrow enough", () => {
    const [table] = flags({ printBy: "colour" }).tables!.filter(({ id }) => id.endsWith("/several-colours"));
    expect(table!.rows.map(({ turn, open, covered }) => [turn, open, covered])).toEqual([
      [1, "bar", "dots (2)"],
      [2, "dots", "bar (1)"],
    ]);
    const near = (gap: number, more: object = {}) =>
      flags(more, gap).walls[0]!.findings.find(({ code }) => code === "colours-near");
    expect(near(30)).toBeUndefined();
    expect(near(4)!.say).toContain("4 mm apart");
    expect(near(4)!.change!.set).toEqual({ printBy: "colour" });
    expect(near(4, { printBy: "colour" })).toBeUndefined();
    // Of one paint they are one colour.
    expect(near(4, { colours: { bar: "kelp", dots: "kelp" } })).toBeUndefined();
  });
});
