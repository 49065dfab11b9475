import { idsDone, idsInStretches } from "../plan/workOfStep";
import { describe, expect, it } from "vitest";
import { planned } from "./tests/stencils";

describe("a sheet that reaches over its neighbours", () => {
  /** A square of 200 in a cell of 240; its sheet reaches 40 over the cell, and so 20 over its neighbours' squares. */
  const knot = {
    id: "knot",
    repeat: { x: 240, y: 240 },
    overlays: [{ id: "1", cuts: [{ slot: "knot", path: "M -100 -100 h 200 v 200 h -200 z" }] }],
  };
  const knots = (finish: object, wall: object = {}) =>
    planned({ stencil: "knot", colours: { knot: "kelp" }, ...finish }, wall, { stencils: [knot] });
  const printing = ({ steps }: ReturnType<typeof planned>) => steps.filter(({ kind }) => kind === "print");

  it("may be stopped only where all up to there is printed, and says up to where at the day's end", () => {
    // 40 columns of 10 are ten hours and more; a day has less than eight.
    const field = knots({ start: { x: "left", y: "top" } }, { width: 9600, height: 2400 });
    expect(field.walls[0]!.findings.concat(field.findings).map(({ code }) => code)).not.toContain(
      "cannot-be-done",
    );
    const columnOf = new Map(field.walls[0]!.prints![0]!.list.map(({ id, column }) => [id, column]));
    const days = printing(field);
    expect(days.length).toBeGreaterThan(1);
    const done: string[] = [];
    for (const step of days) {
      const { say } = step;
      for (const prints of idsInStretches(step, "print")) {
        done.push(...prints);
        const columns = new Set(done.map((id) => columnOf.get(id)!));
        expect([done.length, Math.max(...columns)]).toEqual([columns.size * 10, columns.size]);
      }
      const prints = idsDone(step, "print");
      expect(idsInStretches(step, "print").flat()).toEqual(prints);
      const upTo = Math.max(...prints.map((id) => columnOf.get(id)!));
      expect(say).toContain(`Whole columns, up to column ${upTo}:`);
      expect(say).toContain("come back for it");
    }
    expect(done.length).toBe(400);
  });

  it("goes back along a border, too", () => {
    const border = knots({ kind: "stencil-border", along: { level: 1200 } }, { width: 9600 });
    const { list } = border.walls[0]!.prints![0]!;
    const turnOf = new Map(list.map(({ id, column }) => [id, column]));
    const done: number[] = [];
    for (const prints of printing(border).flatMap((step) => idsInStretches(step, "print"))) {
      done.push(...prints.map((id) => turnOf.get(id)!));
      expect(Math.max(...done)).toBe(done.length);
    }
    expect(done.length).toBe(40);
    expect(done.slice(0, 3)).toEqual([1, 3, 5]);
  });
});

it("a ground that keeps the sheet off the wall is told, less gravely for a brush, which is offered", () => {
  const found = (texture: string, more: object = {}) =>
    planned(more, { texture })
      .walls[0]!.findings.filter(({ code }) => code === "print-on-texture")
      .map(({ severity, change }) => [severity, change?.set]);
  expect(found("light")).toEqual([]);
  expect(found("heavy")).toEqual([["check", { method: "brush" }]]);
  expect(found("brick", { method: "brush" })).toEqual([["note", undefined]]);
  expect(
    found("heavy", {
      kind: "stencil-border",
      along: { level: 1200 },
      stencil: "dash",
      colours: { line: "kelp", dot: "brine" },
    }),
  ).toEqual([["check", { method: "brush" }]]);
});
