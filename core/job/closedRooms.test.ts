import { describe, expect, it } from "vitest";
import type { PlanWall } from "../plan/planTypes";
import { plan } from "./plan";
import { paints, parsed } from "./tests/jobs";

/*
 * A room of 3100, 2300, 3100 and 2300: 10 800 around. Stripes of 470 kept: 21 whole ones and 465 at either end, more than 22 and
 * 230. They begin where the join hides, and come back to it from the other side.
 */
describe("around a room a pattern's end meets its beginning", () => {
  const widths = { n: 3100, e: 2300, s: 3100, w: 2300 };
  const room = (
    run: object,
    fit: object = { by: "width", width: 470 },
    openings: Record<string, object[]> = {},
  ) =>
    plan(
      parsed({
        format: "jacaranda-job/1",
        name: "Room",
        paints,
        walls: Object.entries(widths).map(([id, width]) => ({
          id,
          width,
          height: 2500,
          base: "oyster",
          leftEdge: "internal",
          rightEdge: "internal",
          openings: openings[id] ?? [],
        })),
        runs: [{ id: "room", walls: Object.keys(widths), closes: true, ...run }],
        finishes: [{ id: "f", on: "room", kind: "stripes", colours: ["kelp", "brine"], fit }],
      }),
    ).walls;
  const linesOn = (walls: readonly PlanWall[], id: string) =>
    walls.find((wall) => wall.id === id)!.lines.map(({ path }) => Math.round(path[0]![0] * 100) / 100);
  const door = { id: "d", kind: "door", x: 120, y: 0, width: 800, height: 2000 };

  it("in the corner that is asked for, else beside a door, else between the last wall and the first", () => {
    for (const [walls, join] of [
      [room({ hides: ["e", "s"] }), ["e", "s"]],
      [room({}, undefined, { e: [door] }), ["n", "e"]],
      [room({}), ["w", "n"]],
      [room({}, undefined, { e: [{ ...door, x: 301 }] }), ["w", "n"]],
    ] as const) {
      expect(walls.map(({ closes }) => closes)).toEqual([join, join, join, join]);
      const [before, after] = join;
      expect(linesOn(walls, after)[0]).toBe(465);
      expect(linesOn(walls, before).at(-1)).toBe(widths[before] - 465);
    }
  });

  it("and what is told along the run stays where it is: an anchor 300 along stands on the first wall", () => {
    const walls = room({ hides: ["n", "e"] }, { by: "anchor", width: 470, at: 300 });
    // 300, 770 ... 2650 on the first; the next line, 3120 along, would be 20 into the second: but that begins anew, going back
    // around from 300 + 10 800 by 470: 480 less than 23 x 470 = 10 810, so 10 to the right of its left end.
    expect(linesOn(walls, "n")).toEqual([300, 770, 1240, 1710, 2180, 2650]);
    expect(linesOn(walls, "e")[0]).toBe(10);
  });
});
