import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { openDB } from "idb";
import { afterEach, beforeEach, expect, it, vi } from "vitest";

interface Kept {
  readonly jobId: string;
  readonly page: string;
  readonly at: number;
  readonly text: string;
}
const item = (page: string, at: number, text: string): Kept => ({ jobId: "trial", page, at, text });
const key = (page: string) => ["trial", page];

/** What outlives the window without waiting; it may be full. */
const local = new Map<string, string>();
let isFull = false;

/** A page that has just been opened: it remembers nothing of the one before. */
async function open() {
  vi.resetModules();
  return (await import("./keptBox")).keptBox<Kept>("unsent");
}
const textsOf = async (box: Awaited<ReturnType<typeof open>>) =>
  (await box.all()).map(({ page, text }) => `${page}: ${text}`).sort();

beforeEach(() => {
  local.clear();
  isFull = false;
  vi.stubGlobal("indexedDB", new IDBFactory());
  const localStorage = Object.defineProperties(Object.create(null), {
    getItem: { value: (name: string) => local.get(name) ?? null },
    setItem: {
      value(this: Record<string, string>, name: string, text: string) {
        if (isFull) throw new DOMException("full", "QuotaExceededError");
        local.set(name, text);
        this[name] = text;
      },
    },
    removeItem: {
      value(this: Record<string, string>, name: string) {
        local.delete(name);
        delete this[name];
      },
    },
  }) as unknown;
  vi.stubGlobal("window", { localStorage });
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

it("what is kept is there for the next page, each once and as it was kept last, until it is taken out", async () => {
  const box = await open();
  expect(await box.keep(item("a", 1, "first"))).toBe(true);
  await box.keep(item("a", 2, "second"));
  await box.keep(item("b", 3, "other"));
  expect(box.isLoose(key("a"))).toBe(false);
  const next = await open();
  expect(await textsOf(next)).toEqual(["a: second", "b: other"]);
  // What is kept there by now is not what was sent.
  await next.drop(key("a"), ({ at }) => at === 1);
  expect(await textsOf(next)).toEqual(["a: second", "b: other"]);
  await next.drop(key("a"), ({ at }) => at === 2);
  expect(await textsOf(await open())).toEqual(["b: other"]);
});

it("a browser that kept documents for an earlier program still has them, and takes entries beside", async () => {
  const before = await openDB("jacaranda", 1, {
    upgrade: (database) => void database.createObjectStore("unsent", { keyPath: ["jobId", "page"] }),
  });
  await before.put("unsent", item("a", 1, "left before"));
  before.close();
  const box = await open();
  expect(await textsOf(box)).toEqual(["a: left before"]);
  const { keptBox } = await import("./keptBox");
  const entries = keptBox<{ job: string; id: string; at: number }>("entries");
  expect(await entries.keep({ job: "trial", id: "1", at: 1 })).toBe(true);
  expect(await entries.all()).toEqual([{ job: "trial", id: "1", at: 1 }]);
});

it("a page that goes before its storage has answered puts aside what it holds, and the next one finds it", async () => {
  vi.stubGlobal("indexedDB", {
    open: () => {
      throw new DOMException("off", "SecurityError");
    },
  });
  const box = await open();
  expect(await box.keep(item("a", 1, "typed"))).toBe(false);
  expect([box.isLoose(key("a")), await textsOf(box)]).toEqual([true, ["a: typed"]]);
  expect(box.rescue()).toBe(true);
  expect(box.isLoose(key("a"))).toBe(false);
  vi.stubGlobal("indexedDB", new IDBFactory());
  const next = await open();
  expect(await textsOf(next)).toEqual(["a: typed"]);
  // What was kept properly since is newer than what was put aside.
  await next.keep(item("a", 2, "typed on"));
  expect(await textsOf(next)).toEqual(["a: typed on"]);
  await next.drop(key("a"));
  expect([await textsOf(await open()), local.size]).toEqual([[], 0]);
});

it("where nothing keeps anything the window says so: closing it would lose what is in it", async () => {
  vi.stubGlobal("indexedDB", undefined);
  isFull = true;
  const box = await open();
  expect(await box.keep(item("a", 1, "typed"))).toBe(false);
  expect([box.rescue(), box.isLoose(key("a"))]).toEqual([false, true]);
  expect(await textsOf(box)).toEqual(["a: typed"]);
});

it("a storage that never answers is taken for none after two seconds, and what is kept is not waited for", async () => {
  vi.useFakeTimers();
  vi.stubGlobal("indexedDB", { open: () => new EventTarget() });
  const box = await open();
  const keeping = box.keep(item("a", 1, "typed"));
  await vi.advanceTimersByTimeAsync(2000);
  expect(await keeping).toBe(false);
  const all = box.all();
  await vi.advanceTimersByTimeAsync(2000);
  expect((await all).map(({ text }) => text)).toEqual(["typed"]);
});
