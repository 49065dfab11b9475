import { describe, expect, it } from "vitest";
import { parseJob } from "@/core/job/parseJob";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { setIn } from "@/core/finishes/applyChange";
import { changeById, freshId, textOf, type JobDocument } from "./jobDocument";
import { createJobState } from "./jobState";

function open() {
  const document = oneWall({}, { fit: { by: "count", count: 5 } }) as unknown as JobDocument;
  const store = createJobState({ jobId: "trial", document, version: 3, plan: plan(parsed(document)) });
  const skirting = (value: number | string) =>
    store.getState().change((before) => ({
      ...before,
      walls: changeById(before.walls, "w", (wall) => ({ ...wall, skirting: value })),
    }));
  return { store, document, skirting };
}

describe("an open job", () => {
  it("takes a change that holds, and refuses one that does not without losing anything", () => {
    const { store, document, skirting } = open();
    expect(skirting("furry")[0]).toMatchObject({ path: "walls[0].skirting" });
    expect(store.getState().document).toBe(document);
    expect(store.getState().save.kind).toBe("saved");
    expect(skirting(120)).toEqual([]);
    expect(store.getState().save.kind).toBe("unsaved");
  });

  it("steps back and forth through its documents, but not through a drag that is under way", () => {
    const { store, document, skirting } = open();
    skirting(100);
    skirting(110);
    store.getState().preview({ ...document, name: "dragged" });
    const { undo, redo } = store.temporal.getState();
    undo();
    expect(store.getState().document.walls[0]!.skirting).toBe(100);
    undo();
    expect(store.getState().document).toBe(document);
    redo();
    redo();
    expect(store.getState().document.walls[0]!.skirting).toBe(110);
    expect(store.temporal.getState().futureStates).toHaveLength(0);
  });

  it("ends a conflict with either side, and undo still has the other", () => {
    const { store, document, skirting } = open();
    const theirs = { ...document, name: "Theirs" };
    skirting(130);
    store.getState().setSave({ kind: "conflict", version: 9, theirs });
    skirting(140);
    expect(store.getState().save.kind).toBe("conflict");
    store.getState().keepMine();
    expect(store.getState()).toMatchObject({ version: 9, save: { kind: "unsaved" } });
    expect(store.getState().document.walls[0]!.skirting).toBe(140);
    store.getState().setSave({ kind: "conflict", version: 10, theirs });
    store.getState().takeTheirs();
    expect(store.getState()).toMatchObject({ version: 10, document: theirs, save: { kind: "saved" } });
    store.temporal.getState().undo();
    expect(store.getState().document.walls[0]!.skirting).toBe(140);
  });
});

describe("documents", () => {
  it("are changed at one place, by copies", () => {
    const value = { fit: { by: "near", width: 300 }, colours: ["a", "b"] };
    expect(setIn(value, ["fit", "width"], "12 in")).toEqual({
      fit: { by: "near", width: "12 in" },
      colours: ["a", "b"],
    });
    expect(setIn(value, ["colours", 1], "c").colours).toEqual(["a", "c"]);
    expect(value).toEqual({ fit: { by: "near", width: 300 }, colours: ["a", "b"] });
  });

  it("get ids that read well and are free", () => {
    expect(freshId("Long wall", [])).toBe("long-wall");
    expect(freshId("Long wall", [{ id: "long-wall" }, { id: "long-wall-2" }])).toBe("long-wall-3");
    expect(freshId("“ ”", [])).toBe("item");
  });

  it("are written so that they read back the same", () => {
    const document = oneWall(
      { width: `9' 4 3/8"` },
      { fit: { by: "count", count: 5 } },
    ) as unknown as JobDocument;
    expect(JSON.parse(textOf(document))).toEqual(document);
    expect(parseJob(JSON.parse(textOf(document))).ok).toBe(true);
  });
});
