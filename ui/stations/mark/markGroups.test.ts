import { expect, it } from "vitest";
import type { PlanMark } from "@/core/plan/planTypes";
import { wallSchema } from "@/core/wall/schema";
import { markGroups, saidOnce } from "./markGroups";

const wall = wallSchema.parse({ id: "w", base: "b", width: 4000, height: 2400 });
const mark = (on: PlanMark["on"], axis: PlanMark["axis"], at: number, use: string): PlanMark => ({
  id: `${on}${at}${use}`,
  on,
  axis,
  at,
  reading: `${at} mm`,
  error: 0,
  use,
});

it("marks of one place are one group, numbered on; a place within the wall stands after its mark on the level line", () => {
  const marks = [
    mark("left", "y", 60, "the foot of course 2"),
    mark("left", "y", 135, "the foot of course 1"),
    mark("level", "x", 900, "the centre of arch 1"),
    mark("line", "y", 1200, "the centre of arch 1"),
    mark("level", "x", 2000, "the edge of block 1"),
  ];
  const groups = markGroups({ marks, tape: [] }, wall, () => "");
  expect(
    groups.map(({ where, words, marks: own }) => [where, words, own.map(({ number }) => number)]),
  ).toEqual([
    ["up the left end, from the floor", "the foot of courses 2 to 1", [1, 2]],
    ["along the level line, from the left", "", [3, 4, 5]],
  ]);
  expect(groups[0]!.marks.map(({ words }) => words)).toEqual(["", ""]);
  expect(groups[1]!.marks.map(({ words }) => words)).toEqual([
    "the centre of arch 1",
    "along the line, from the floor: the centre of arch 1",
    "the edge of block 1",
  ]);
});

it("words that come in turn are said once by odd and even numbers", () => {
  const marks = [1, 2, 3, 4].map((at) => mark("left", "y", at, at % 2 === 0 ? "a foot" : "a top"));
  expect(markGroups({ marks, tape: [] }, wall, () => "")[0]!.words).toBe(
    "a top at odd numbers, a foot at even ones",
  );
  // Three are no turn.
  expect(markGroups({ marks: marks.slice(1), tape: [] }, wall, () => "")[0]!.words).toBe("");
  const after = [mark("level", "x", 500, "an edge"), ...marks];
  expect(markGroups({ marks: after, tape: [] }, wall, () => "")[1]!.words).toBe(
    "a foot at odd numbers, a top at even ones",
  );
});

it("what is said once is the same of all, but for a number that goes on by one", () => {
  expect(saidOnce(["tape right", "tape right"])).toBe("tape right");
  expect(saidOnce(["row 3, even columns", "row 4, even columns"])).toBe("rows 3 to 4, even columns");
  expect(saidOnce(["sheet 1 | sheet 2", "sheet 2 | sheet 3"])).toBe("sheet 1 | sheet 2, and so on");
  expect(saidOnce(["the edge of block 1"])).toBe("the edge of block 1");
  for (const differing of [
    ["row 1", "row 3"],
    ["row 1, even columns", "row 2, odd columns"],
    ["tape left", "tape right"],
    ["stripe 1 | stripe 2", "stripe 2 | stripe 4"],
  ])
    expect(saidOnce(differing), differing.join()).toBeNull();
});
