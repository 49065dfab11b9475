import { expect, it } from "vitest";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { createJobState } from "./jobState";
import type { JobDocument } from "./jobDocument";
import { letIn, mergeTheirs } from "./letIn";

const base = oneWall({}, { fit: { by: "count", count: 5 } }) as unknown as JobDocument;
const named = (document: JobDocument, name: string): JobDocument => ({ ...document, name });
const wide = (document: JobDocument, width: number): JobDocument => ({
  ...document,
  walls: document.walls.map((wall) => ({ ...wall, width })),
});
const open = () => createJobState({ jobId: "trial", document: base, version: 4, plan: plan(parsed(base)) });
const undo = (store: ReturnType<typeof open>, times = 1) => store.temporal.getState().undo(times);
const redo = (store: ReturnType<typeof open>) => store.temporal.getState().redo();
const holds = (store: ReturnType<typeof open>) => {
  const { name, walls } = store.getState().document;
  return [name, walls[0]!.width];
};

it("what was changed here and there stands side by side, to be saved on top of theirs", () => {
  const store = open();
  store.getState().change((document) => named(document, "Renamed here"));
  expect(mergeTheirs(store, wide(base, 3900), 7)).toBe(true);
  expect(holds(store)).toEqual(["Renamed here", 3900]);
  expect(store.getState()).toMatchObject({ version: 7, save: { kind: "unsaved" } });
  expect(store.getState().savedDocument).toEqual(wide(base, 3900));
});

it("undo takes back what was done here and nothing that came in, redo brings it again", () => {
  const store = open();
  store.getState().change((document) => named(document, "One"));
  store.getState().change((document) => named(document, "Two"));
  undo(store);
  mergeTheirs(store, wide(base, 3900), 5);
  expect(holds(store)).toEqual(["One", 3900]);
  undo(store);
  expect(holds(store)).toEqual(["Trial", 3900]);
  // The coming in itself is no step: there is nothing further back.
  undo(store);
  expect(holds(store)).toEqual(["Trial", 3900]);
  redo(store);
  redo(store);
  expect(holds(store)).toEqual(["Two", 3900]);
});

it("where both changed the same nothing is taken over", () => {
  const store = open();
  store.getState().change((document) => wide(document, 4000));
  const before = store.getState();
  expect(mergeTheirs(store, wide(base, 3900), 5)).toBe(false);
  expect(store.getState()).toEqual(before);
});

it("nor where what comes of both does not hold: a paint that one has taken out and the other has taken up", () => {
  const store = open();
  store.getState().change((document) => ({
    ...document,
    finishes: document.finishes.map((finish) => ({ ...finish, colours: ["lantern", "oyster"] })) as never,
  }));
  const without = { ...base, paints: base.paints.filter(({ id }) => id !== "lantern") };
  expect(mergeTheirs(store, without, 5)).toBe(false);
  expect(store.getState().version).toBe(4);
});

it("behind a step that does not go together with theirs, undo leads nowhere", () => {
  const store = open();
  store.getState().change((document) => wide(document, 4000));
  store.getState().change((document) => wide(document, 4215));
  store.getState().change((document) => named(document, "Mine"));
  // The step in between held another width than both; only the nearest one goes along.
  const theirs = wide(base, 3900);
  letIn(store, theirs, () => store.getState().rebase(wide(named(base, "Mine"), 3900), theirs, 5));
  undo(store);
  expect(holds(store)).toEqual(["Trial", 3900]);
  undo(store);
  expect(holds(store)).toEqual(["Trial", 3900]);
});
