import { describe, expect, it } from "vitest";
import { planned } from "./tests/stencils";

describe("prints that go by the ticks of the one before", () => {
  const linesOf = (finish: object, job: object = {}) => {
    const { marks, findings } = planned(finish, {}, job).walls[0]!;
    const columns = marks.flatMap(({ use }) => /^the middle of column (\d+)/.exec(use)?.[1] ?? []);
    return {
      columns: [...new Set(columns)].map(Number),
      told: findings.find(({ code }) => code === "goes-by-ticks"),
    };
  };

  it("are read from the datum only as often as keeps their drift unseen, the first print's own column with them", () => {
    // Ten columns of 400, the fifth and sixth beside the middle: joint.
    const start = { x: "left", y: "top" };
    expect(linesOf({ start }).columns).toEqual([1, 5, 9]);
    // 2.5 % of 400 are 10 mm; half of a division of 5 a print: four columns, at worst 10, like chance 2 x 2.5 x sqrt(4 / 3) = 5.8.
    const coarse = linesOf({ start, register: "ticks" }, { tapeDivision: 5 });
    expect(coarse.columns).toEqual([1, 5, 9]);
    expect(coarse.told!.say).toMatch(/4 columns stray by 5\.8 mm, and at worst by 10 mm/);
    expect(coarse.told!.severity).toBe("note");
    // Half a millimetre: twenty columns, more than there are.
    expect(linesOf({ start, register: "ticks" }).columns).toEqual([1]);
    expect(linesOf({ start }).told).toBeUndefined();
  });

  it("begin with a whole print that is read, and the sheet is walked dry from there before any is printed", () => {
    // The middle of ten columns is a joint; on the fifth, a window hides the first row's print: 1600 to 2000, 1800 to 2400.
    const window = { id: "o", kind: "window", x: 1600, y: 1800, width: 400, height: 600 };
    const whole = planned({ start: { x: 1800, y: "top" }, register: "ticks" }, { openings: [window] });
    const { prints, marks } = whole.walls[0]!;
    const [first] = [...prints![0]!.list].sort((a, b) => a.order - b.order);
    expect([first!.column, first!.row, first!.share]).not.toEqual([5, 1, 1]);
    expect(first!.share).toBe(1);
    expect(marks.map(({ at }) => at)).toEqual(expect.arrayContaining([first!.at[0], first!.at[1]]));
    const [tick, print] = ["tick", "print"].map((kind) => whole.steps.find((step) => step.kind === kind)!);
    expect(tick!.say).toContain(`at column ${first!.column}, row ${first!.row}`);
    expect(tick!.end).toBeLessThanOrEqual(print!.start);
  });
});
