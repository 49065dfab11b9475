import { describe, expect, it } from "vitest";
import type { JobDocument } from "./jobDocument";
import { problemsOf } from "./jobDocument";
import { closeRun, hideJoin, copyWall, joinToRun, leaveRun, moveInRun, removeWall } from "./editRuns";

const job: JobDocument = {
  format: "jacaranda-job/1",
  name: "Corners",
  paints: [{ id: "p", name: "P", hex: "#aabbcc" }],
  walls: ["a", "b", "c", "d"].map((id) => ({ id, width: 1000, height: 2000, base: "p" })),
  finishes: [],
};
const orders = (document: JobDocument) => {
  expect(problemsOf(document)).toEqual([]);
  return (document.runs ?? []).map(({ walls }) => walls.join(""));
};

describe("runs", () => {
  it("grow to the right of a wall, from either side", () => {
    const ab = joinToRun(job, "a", "b");
    expect(orders(ab)).toEqual(["ab"]);
    expect(orders(joinToRun(ab, "b", "c"))).toEqual(["abc"]);
    expect(orders(joinToRun(ab, "a", "c"))).toEqual(["acb"]);
    expect(orders(joinToRun(ab, "d", "a"))).toEqual(["dab"]);
  });

  it("are put in order and taken apart; a finish stays on the wall that is left", () => {
    const abc = joinToRun(joinToRun(job, "a", "b"), "b", "c");
    const run = abc.runs![0]!.id;
    expect(orders(moveInRun(abc, run, "c", -1))).toEqual(["acb"]);
    expect(orders(moveInRun(abc, run, "a", -1))).toEqual(["abc"]);
    const finish = {
      id: "f",
      on: run,
      kind: "stripes" as const,
      colours: ["p"],
      fit: { by: "count" as const, count: 3 },
    };
    const ab = leaveRun({ ...abc, finishes: [finish] }, run, "c");
    expect(ab.finishes[0]!.on).toBe(run);
    // Of three walls around a room two are no room.
    const room = closeRun(abc, run, true);
    expect(room.runs).toMatchObject([{ id: run, closes: true }]);
    expect(closeRun(room, run, false).runs![0]).not.toHaveProperty("closes");
    expect(moveInRun(room, run, "a", 1).runs![0]).toHaveProperty("closes", true);
    expect(leaveRun(room, run, "c").runs![0]).not.toHaveProperty("closes");
    const hidden = hideJoin(room, run, ["b", "c"]);
    expect(hidden.runs![0]).toMatchObject({ closes: true, hides: ["b", "c"] });
    expect(hideJoin(hidden, run, null)).toEqual(room);
    expect(moveInRun(hidden, run, "a", 1).runs![0]).not.toHaveProperty("hides");
    const alone = removeWall(ab, "b");
    expect(orders(alone)).toEqual([]);
    expect(alone.finishes[0]!.on).toBe("a");
    expect(alone.walls.map(({ id }) => id)).toEqual(["a", "c", "d"]);
  });

  it("copies of a wall have an id of their own", () => {
    const once = copyWall(job, "b");
    const twice = copyWall(once.document, "b");
    expect([once.id, twice.id]).toEqual(["b-copy", "b-copy-2"]);
    expect(orders(twice.document)).toEqual([]);
    expect(twice.document.walls.map(({ id }) => id)).toEqual(["a", "b", "b-copy-2", "b-copy", "c", "d"]);
  });
});
