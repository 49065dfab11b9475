import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { Autosave } from "./autosave";
import { textOf, type JobDocument } from "./jobDocument";
import { createJobState } from "./jobState";
import { outbox } from "./outbox";

interface Sent {
  readonly version: string;
  readonly name: string;
  answer(status: number, body: object): void;
  fail(): void;
}

/** A server that answers when it is told to. */
function fakeServer() {
  const sent: Sent[] = [];
  const send = (_url: string, init: { headers: Record<string, string>; body: string }) =>
    new Promise<Response>((resolve, reject) =>
      sent.push({
        version: init.headers["if-match"]!,
        name: (JSON.parse(init.body) as { name: string }).name,
        answer: (status, body) => resolve(Response.json(body, { status })),
        fail: () => reject(new TypeError("no connection")),
      }),
    );
  return { sent, send };
}

let count = 0;
// It comes when it is needed; here it is there, since time stands still.
beforeAll(async () => void (await import("./letIn")));

describe("autosave", () => {
  beforeEach(() => {
    vi.useFakeTimers({ toFake: ["setTimeout", "clearTimeout", "Date"] });
    vi.stubGlobal("window", new EventTarget());
    vi.stubGlobal("navigator", {});
    vi.stubGlobal("indexedDB", new IDBFactory());
  });
  afterEach(() => {
    vi.useRealTimers();
    vi.unstubAllGlobals();
  });

  function open() {
    const { sent, send } = fakeServer();
    vi.stubGlobal("fetch", send);
    const document = oneWall({}, { fit: { by: "count", count: 5 } }) as unknown as JobDocument;
    const store = createJobState({
      jobId: `trial-${++count}`,
      document,
      version: 1,
      plan: plan(parsed(document)),
    });
    const autosave = new Autosave(store);
    store.subscribe((state, before) => state.document !== before.document && autosave.documentChanged());
    const rename = (name: string) => store.getState().change((before) => ({ ...before, name }));
    const kind = () => store.getState().save.kind;
    return { sent, store, rename, kind, autosave };
  }

  it("has nothing to save when a change is undone before it was sent, and says so", async () => {
    const { sent, store, rename, kind } = open();
    rename("A");
    expect(kind()).toBe("unsaved");
    store.temporal.getState().undo();
    expect(kind()).toBe("saved");
    await vi.advanceTimersByTimeAsync(1000);
    expect([sent.length, kind()]).toEqual([0, "saved"]);
    // While something is being saved, going back to what was saved before is one more change.
    rename("B");
    await vi.advanceTimersByTimeAsync(300);
    store.temporal.getState().undo();
    sent[0]!.answer(200, { version: 2 });
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent.map(({ name }) => name)).toEqual(["B", "Trial"]);
    sent[1]!.answer(200, { version: 3 });
    await vi.advanceTimersByTimeAsync(1000);
    expect(kind()).toBe("saved");
  });

  it("sends the settled document once, with the version it was made from", async () => {
    const { sent, rename, kind } = open();
    rename("A");
    rename("B");
    await vi.advanceTimersByTimeAsync(1000);
    expect(sent.map(({ version, name }) => [version, name])).toEqual([['"1"', "B"]]);
    expect(kind()).toBe("saving");
    sent[0]!.answer(200, { version: 2 });
    await vi.advanceTimersByTimeAsync(1000);
    expect(kind()).toBe("saved");
    expect(sent).toHaveLength(1);
  });

  it("keeps one save under way, and sends what came meanwhile from the new version", async () => {
    const { sent, rename, kind } = open();
    rename("A");
    await vi.advanceTimersByTimeAsync(300);
    rename("B");
    rename("C");
    await vi.advanceTimersByTimeAsync(3000);
    expect(sent).toHaveLength(1);
    sent[0]!.answer(200, { version: 2 });
    await vi.advanceTimersByTimeAsync(300);
    expect(sent.map(({ version, name }) => [version, name])).toEqual([
      ['"1"', "A"],
      ['"2"', "C"],
    ]);
    expect(kind()).not.toBe("saved");
    sent[1]!.answer(200, { version: 3 });
    await vi.advanceTimersByTimeAsync(300);
    expect(kind()).toBe("saved");
  });

  it("says that it could not save, and tries again until it holds", async () => {
    const { sent, rename, kind } = open();
    rename("A");
    await vi.advanceTimersByTimeAsync(300);
    sent[0]!.fail();
    await vi.advanceTimersByTimeAsync(10);
    expect(kind()).toBe("failed");
    await vi.advanceTimersByTimeAsync(5000);
    expect(sent).toHaveLength(2);
    sent[1]!.answer(500, {});
    await vi.advanceTimersByTimeAsync(5000);
    sent[2]!.answer(200, { version: 2 });
    await vi.advanceTimersByTimeAsync(10);
    expect(kind()).toBe("saved");
  });

  it("stops at a stale save until the painter has chosen", async () => {
    const { sent, store, rename, kind, autosave } = open();
    const theirs = { ...store.getState().document, name: "Theirs" };
    rename("Mine");
    await vi.advanceTimersByTimeAsync(300);
    sent[0]!.answer(409, { version: 7, document: JSON.stringify(theirs) });
    await vi.advanceTimersByTimeAsync(300);
    expect(kind()).toBe("conflict");
    rename("Mine again");
    await vi.advanceTimersByTimeAsync(9000);
    expect(sent).toHaveLength(1);
    store.getState().keepMine();
    autosave.documentChanged();
    await vi.advanceTimersByTimeAsync(300);
    expect([sent[1]!.version, sent[1]!.name]).toEqual(['"7"', "Mine again"]);
  });

  it("keeps what is typed during a save as made from that save, so that it is no conflict when the page ends", async () => {
    const { sent, rename, store } = open();
    const kept = async () => {
      await vi.advanceTimersByTimeAsync(1);
      await new Promise((resolve) => setImmediate(() => setImmediate(() => setImmediate(resolve))));
      return (await outbox.orphans(store.getState().jobId)).map(({ version, name }) => [version, name]);
    };
    rename("A");
    expect(await kept()).toEqual([[1, "A"]]);
    await vi.advanceTimersByTimeAsync(300);
    rename("B");
    sent[0]!.answer(200, { version: 2 });
    expect(await kept()).toEqual([[2, "B"]]);
    await vi.advanceTimersByTimeAsync(300);
    sent[1]!.answer(200, { version: 3 });
    expect(await kept()).toEqual([]);
  });

  it("knows its own document when the answer to it was lost, and sends what came after", async () => {
    const { sent, rename, kind, store } = open();
    rename("A");
    await vi.advanceTimersByTimeAsync(300);
    const first = textOf(store.getState().document);
    sent[0]!.fail();
    await vi.advanceTimersByTimeAsync(10);
    rename("B");
    await vi.advanceTimersByTimeAsync(300);
    sent[1]!.answer(409, { version: 2, document: first });
    await vi.advanceTimersByTimeAsync(300);
    expect([sent[2]!.version, sent[2]!.name]).toEqual(['"2"', "B"]);
    sent[2]!.answer(200, { version: 3 });
    await vi.advanceTimersByTimeAsync(10);
    expect(kind()).toBe("saved");
  });

  it("sends what is not sent yet when it ends", async () => {
    const { sent, rename, autosave } = open();
    rename("A");
    autosave.stop();
    await vi.advanceTimersByTimeAsync(10);
    expect(sent.map(({ name }) => name)).toEqual(["A"]);
    autosave.stop();
    await vi.advanceTimersByTimeAsync(9000);
    expect(sent).toHaveLength(1);
  });
});
