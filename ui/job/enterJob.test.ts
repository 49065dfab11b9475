import "fake-indexeddb/auto";
import { afterEach, beforeAll, beforeEach, describe, expect, it, vi } from "vitest";
import { plan } from "@/core/job/plan";
import { oneWall, parsed } from "@/core/job/tests/jobs";
import { enterJob, rememberSaved, startOf } from "./enterJob";
import { textOf, type JobDocument } from "./jobDocument";
import { openJournal } from "@/ui/journal/journal";
import { createJobState, type JobStore } from "./jobState";
import { enterPage, outbox, type Unsent } from "./outbox";
import { sendUnsent } from "./sendJob";

const base = oneWall({}, { fit: { by: "count", count: 5 } }) as unknown as JobDocument;
const named = (name: string): JobDocument => ({ ...base, name });
const textNamed = (name: string) => textOf(named(name));
const left = (jobId: string, more: Partial<Unsent> = {}): Unsent => ({
  jobId,
  page: "gone",
  name: "Left",
  version: 1,
  text: textNamed("Left"),
  sent: [],
  at: 1,
  ...more,
});

/** What the data folder holds, and the browser's locks, as far as these tests need them. */
const there = { version: 1, text: textNamed("Trial") };
const locks = new Set<string>();
/** The lines on which the data folder says how far jobs have come. */
const lines: { onmessage?: (event: { data: string }) => void }[] = [];
class FakeEventSource {
  static readonly CLOSED = 2;
  readyState = 1;
  onmessage?: (event: { data: string }) => void;
  constructor(readonly address: string) {
    lines.push(this);
  }
  close() {
    this.readyState = FakeEventSource.CLOSED;
  }
}
let count = 0;

beforeEach(() => {
  Object.assign(there, { version: 1, text: textNamed("Trial") });
  locks.clear();
  const page = Object.assign(new EventTarget(), { visibilityState: "visible" });
  lines.length = 0;
  vi.stubGlobal("window", new EventTarget());
  vi.stubGlobal("document", page);
  vi.stubGlobal("EventSource", FakeEventSource);
  vi.stubGlobal("navigator", {
    locks: {
      query: () => Promise.resolve({ held: [...locks].map((name) => ({ name })), pending: [] }),
      request: async (name: string, hold: () => Promise<void>) => {
        locks.add(name);
        await hold();
        locks.delete(name);
      },
    },
  });
  vi.stubGlobal(
    "fetch",
    (address: string, init: { method?: string; headers: Record<string, string>; body?: string }) => {
      if (address.includes("/journal")) return Promise.resolve(Response.json({ entries: [], isAll: true }));
      const etag = `"${there.version}"`;
      if (init.method !== "PUT") {
        const isSame = init.headers["if-none-match"] === etag;
        return Promise.resolve(
          new Response(isSame ? null : there.text, { status: isSame ? 304 : 200, headers: { etag } }),
        );
      }
      if (init.headers["if-match"] !== etag)
        return Promise.resolve(
          Response.json({ version: there.version, document: there.text }, { status: 409 }),
        );
      Object.assign(there, { version: there.version + 1, text: init.body });
      return Promise.resolve(Response.json({ version: there.version }));
    },
  );
});
afterEach(() => vi.unstubAllGlobals());

/** An open job of its own id, so that what the tests keep does not meet. */
function open(jobId = `job-${++count}`) {
  const start = { jobId, document: named("Trial"), version: 1, plan: plan(parsed(base)) };
  const store = createJobState(start);
  const state = () => store.getState();
  return { jobId, store, state, name: () => state().document.name };
}
const enter = (store: JobStore) => enterJob(store, openJournal(store.getState().jobId));
/** What comes late is there already: how long a busy machine takes for it is no matter here. */
beforeAll(() => import("./letIn"));
const settled = () => new Promise((resolve) => setTimeout(resolve, 60));

describe("entering a job", () => {
  it("follows what is newer, also when the page is looked at again, and offers no undo of it", async () => {
    const { store, state, name } = open();
    Object.assign(there, { version: 4, text: textNamed("Theirs") });
    const leave = enter(store);
    await settled();
    expect([name(), state().version, state().save.kind]).toEqual(["Theirs", 4, "saved"]);
    Object.assign(there, { version: 5, text: textNamed("Theirs again") });
    document.dispatchEvent(new Event("visibilitychange"));
    await settled();
    expect(name()).toBe("Theirs again");
    expect(store.temporal.getState().pastStates).toEqual([]);
    leave();
    Object.assign(there, { version: 6, text: textNamed("Later") });
    document.dispatchEvent(new Event("visibilitychange"));
    await settled();
    expect(name()).toBe("Theirs again");
  });

  it("is told on its line that the job has gone on, and lets the line go where nobody looks", async () => {
    const { store, name } = open();
    const leave = enter(store);
    await settled();
    Object.assign(there, { version: 4, text: textNamed("Theirs") });
    lines[0]!.onmessage!({ data: JSON.stringify({ version: 4, seq: 0 }) });
    await settled();
    expect(name()).toBe("Theirs");
    Object.assign(document, { visibilityState: "hidden" });
    document.dispatchEvent(new Event("visibilitychange"));
    expect(lines).toMatchObject([{ readyState: FakeEventSource.CLOSED }]);
    leave();
  });

  it("never touches what was changed here meanwhile", async () => {
    const { store, state, name, jobId } = open();
    await outbox.keep(left(jobId));
    Object.assign(there, { version: 4, text: textNamed("Theirs") });
    const leave = enter(store);
    state().change(() => named("Mine"));
    await settled();
    expect([name(), state().version]).toEqual(["Mine", 1]);
    expect(await outbox.orphans(jobId)).toHaveLength(1);
    leave();
  });

  it("takes up what was left: on what it was made from, against what is newer, or on what the page had sent itself", async () => {
    const kinds: unknown[] = [];
    for (const sent of [null, "Theirs", "Left before"]) {
      const { store, state, name, jobId } = open();
      await outbox.keep(left(jobId, { sent: sent === "Left before" ? [textNamed("Left before")] : [] }));
      if (sent !== null) Object.assign(there, { version: 2, text: textNamed(sent) });
      const leave = enter(store);
      await settled();
      kinds.push([name(), state().save.kind, state().leftBehind]);
      expect(await outbox.orphans(jobId)).toEqual([]);
      leave();
    }
    expect(kinds).toEqual([
      ["Left", "unsaved", "sending"],
      ["Left", "conflict", "sending"],
      ["Left", "unsaved", "sending"],
    ]);
  });

  it("drops what is saved by now without a word, and leaves what this version cannot read", async () => {
    const same = open();
    await outbox.keep(left(same.jobId, { text: textNamed("Trial") }));
    const strange = open();
    await outbox.keep(
      left(strange.jobId, { text: textOf({ ...base, format: "jacaranda-job/9" as "jacaranda-job/1" }) }),
    );
    const ends = [enter(same.store), enter(strange.store)];
    await settled();
    expect([same.state().leftBehind, strange.state().leftBehind]).toEqual([null, null]);
    expect(await outbox.orphans(same.jobId)).toEqual([]);
    expect(await outbox.orphans(strange.jobId)).toHaveLength(1);
    ends.forEach((end) => end());
  });

  it("begins with the newest that this page has seen saved", () => {
    const { store, jobId } = open();
    const given = { jobId, version: 1, documentText: textNamed("Old"), planText: "{}" };
    expect(startOf(given).document.name).toBe("Old");
    store.getState().markSaved(named("New"), 2);
    rememberSaved(store.getState());
    expect(startOf(given).document.name).toBe("New");
    expect(startOf({ ...given, version: 3 }).document.name).toBe("Old");
  });
});

describe("what is kept in the browser", () => {
  it("is a page's own while that lives, and is only taken out as it was kept", async () => {
    const page = enterPage();
    const jobId = `job-${++count}`;
    await outbox.keep(left(jobId, { page: page.name }));
    expect(await outbox.orphans(jobId)).toEqual([]);
    page.leave();
    await settled();
    await outbox.drop(jobId, page.name, "something older");
    expect((await outbox.orphans(jobId)).map((one) => one.text)).toEqual([textNamed("Left")]);
    await outbox.drop(jobId, page.name, textNamed("Left"));
    expect(await outbox.orphans(jobId)).toEqual([]);
  });

  it("is sent on top of the page's own last save, whose answer it never had, and not on top of another's", async () => {
    Object.assign(there, { version: 2, text: textNamed("Left before") });
    const own = left("sent", { sent: [textNamed("Left before")] });
    expect(await sendUnsent(own)).toEqual({ kind: "saved", version: 3 });
    expect(there.text).toBe(textNamed("Left"));
    Object.assign(there, { version: 2, text: textNamed("Theirs") });
    expect(await sendUnsent(own)).toMatchObject({ kind: "stale", version: 2 });
    expect(there.text).toBe(textNamed("Theirs"));
  });
});
