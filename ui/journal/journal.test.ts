import "fake-indexeddb/auto";
import { IDBFactory } from "fake-indexeddb";
import { afterEach, beforeEach, expect, it, vi } from "vitest";
import { readJournal } from "@/core/journal/entry";
import { sumWith, writeSum } from "@/core/journal/sum";
import { writtenEntry } from "@/core/journal/tests/entries";
import { entryBox } from "./entryBox";
import { sendEntries } from "./entrySender";
import { openJournal } from "./journal";
import { keepJournal } from "./journalKeeper";

interface Told {
  readonly id: string;
}
/** A data folder that takes each id once, or refuses all. */
const kept: Told[] = [];
let refuses: string | null = null;
function append(told: readonly Told[]) {
  if (refuses !== null) return { accepted: [], refused: told.map(({ id }) => ({ id, why: refuses! })) };
  for (const one of told) if (!kept.some(({ id }) => id === one.id)) kept.push(one);
  return { accepted: told.map(({ id }) => ({ id })), refused: [] };
}
/** What becomes of the next requests: nothing arrives, or the answer does not. */
let line: "up" | "down" | "answers are lost" = "up";
let posts = 0;
/** What the data folder's first entries came to, where it says so. */
let summed: { readonly seq: number; readonly sum: string } | null = null;

beforeEach(() => {
  kept.length = 0;
  [line, posts, refuses, summed] = ["up", 0, null, null];
  vi.stubGlobal("window", new EventTarget());
  vi.stubGlobal("indexedDB", new IDBFactory());
  vi.stubGlobal("BroadcastChannel", undefined);
  vi.stubGlobal("fetch", (address: string, init: { method?: string; body?: string }) => {
    if (line === "down") return Promise.reject(new TypeError("no connection"));
    if (init.method !== "POST") {
      const asked = Number(/after=(\d+)/.exec(address)![1]);
      const sum = asked === 0 && address.endsWith("&sum=yes") ? summed : null;
      const after = sum?.seq ?? asked;
      const entries = kept.slice(after).map((entry, place) => ({ seq: after + place + 1, entry }));
      return Promise.resolve(Response.json({ ...sum, entries, isAll: true }));
    }
    posts++;
    const answer = append((JSON.parse(init.body!) as { readonly entries: readonly Told[] }).entries);
    if (line === "answers are lost") return Promise.reject(new TypeError("no connection"));
    return Promise.resolve(Response.json(answer));
  });
});
afterEach(() => vi.unstubAllGlobals());

let count = 0;
function open(job = `job-${++count}`) {
  const { store } = openJournal(job);
  const journal = { ...keepJournal(job, store), job, store };
  const leave = journal.enter();
  const note = (words: string) => journal.tell([{ kind: "note", payload: { words } }])[0]!;
  // What is heard again counts as it was heard last.
  const words = () =>
    [...new Map(journal.store.getState().entries.map((entry) => [entry.id, entry])).values()].map(
      ({ payload }) => (payload as { readonly words?: string }).words,
    );
  return { journal, leave, note, words, state: () => journal.store.getState() };
}
/** However busy the machine is. */
const until = (holds: () => void | Promise<void>) => vi.waitFor(holds, { timeout: 10_000, interval: 5 });

it("what is told counts at once, is kept over the page without a connection, and is sent by whichever page is there next", async () => {
  const { journal, leave, note, words, state } = open();
  line = "down";
  const ids = [note("one"), note("two")];
  expect([words(), state().waiting.size]).toEqual([["one", "two"], 2]);
  await until(async () => expect((await entryBox.all()).map(({ id }) => id)).toEqual(ids));
  leave();
  // Another page of the same browser, which has not the job open.
  line = "up";
  await sendEntries();
  expect(kept.map(({ id }) => id)).toEqual(ids);
  expect(await entryBox.all()).toEqual([]);
  const again = open(journal.job);
  await again.journal.pull();
  expect([again.words(), again.state().seq, again.state().waiting.size]).toEqual([["one", "two"], 2, 0]);
  again.leave();
});

it("an answer that is lost makes nothing twice", async () => {
  const { journal, note, state, leave } = open();
  line = "answers are lost";
  note("one");
  await until(() => expect([kept.length, posts]).toEqual([1, 1]));
  expect(state().waiting.size).toBe(1);
  line = "up";
  note("two");
  await until(() => expect([kept.length, state().waiting.size]).toEqual([2, 0]));
  await journal.pull();
  expect(new Set(state().entries.map(({ id }) => id)).size).toBe(2);
  leave();
});

it("what a page is told by another counts there, too, before the data folder has it", async () => {
  const first = open();
  const second = open(first.journal.job);
  const stranger = open();
  line = "down";
  first.note("from the steps");
  expect([second.words(), second.state().waiting.size, stranger.words()]).toEqual([
    ["from the steps"],
    1,
    [],
  ]);
  line = "up";
  await sendEntries();
  expect([first, second].map(({ state }) => state().waiting.size)).toEqual([0, 0]);
  for (const { leave } of [first, second, stranger]) leave();
});

it("what is refused counts no more, and stands there with its reason until it is let go", async () => {
  const { journal, note, words, state, leave } = open();
  const good = note("good");
  await until(() => expect([kept.length, state().waiting.size]).toEqual([1, 0]));
  refuses = "there is another";
  const bad = note("bad");
  await until(() => expect([words(), [...state().refused]]).toEqual([["good"], [[bad, "there is another"]]]));
  refuses = null;
  expect(new Set(state().lines.map((one) => (JSON.parse(one) as { id: string }).id))).toEqual(
    new Set([good]),
  );
  const later = open(journal.job);
  await until(() => expect([...later.state().refused]).toEqual([[bad, "there is another"]]));
  await sendEntries();
  expect(kept).toHaveLength(1);
  journal.forget(bad);
  await until(async () => expect([state().refused.size, await entryBox.all()]).toEqual([0, []]));
  leave();
  later.leave();
});

it("many are sent in batches that the program takes, in the order in which they were told", async () => {
  const { journal, state, leave } = open();
  line = "down";
  const ids = journal.tell(
    Array.from({ length: 1203 }, (_, place) => ({ kind: "note", payload: { words: `${place}` } })),
  );
  await vi.waitFor(async () => expect(await entryBox.all()).toHaveLength(1203), 5000);
  line = "up";
  posts = 0;
  await sendEntries();
  expect([posts, kept.map(({ id }) => id)]).toEqual([3, ids]);
  expect(state().waiting.size).toBe(0);
  leave();
});

it("long words go out in as many batches as their characters ask for, and what did not arrive goes again in its turn", async () => {
  const { journal, state, leave } = open();
  line = "down";
  // Two thousand characters and some each: no more than 499 go into a million, so that 1,000 are three batches.
  const ids = journal.tell(
    Array.from({ length: 1000 }, () => ({ kind: "note", payload: { words: "x".repeat(2000) } })),
  );
  await vi.waitFor(async () => expect(await entryBox.all()).toHaveLength(1000), 5000);
  line = "answers are lost";
  await sendEntries();
  expect(state().waiting.size).toBe(1000);
  line = "up";
  posts = 0;
  await sendEntries();
  expect([posts, kept.map(({ id }) => id), state().waiting.size]).toEqual([3, ids, 0]);
  leave();
});

it("of a long journal a page hears what it came to; all of it when that is looked at, or something of it is taken back", async () => {
  const { entries, lines } = readLines([
    writtenEntry(1, "2027-01-12T09:00", "note", { words: "one" }),
    writtenEntry(2, "2027-01-12T09:01", "note", { words: "two" }),
  ]);
  for (const isTakenBack of [false, true]) {
    const { journal, words, state, leave } = open();
    kept.splice(0, kept.length, ...lines.map((own) => ({ ...(JSON.parse(own) as Told), job: journal.job })));
    summed = { seq: 2, sum: writeSum(sumWith(entries, null)!) };
    await journal.pull();
    const notes = () => state().happened.lists.get("note")?.length ?? 0;
    expect([words(), notes(), state().seq, state().lines.length]).toEqual([[], 2, 2, 1]);
    if (isTakenBack) journal.tell([{ kind: "withdrawn", payload: { entry: entries[0]!.id } }]);
    else void journal.pullWhole();
    await until(() => {
      expect(state().sum).toBeNull();
      expect([notes(), words().slice(0, 2)]).toEqual([isTakenBack ? 1 : 2, ["one", "two"]]);
    });
    leave();
  }
});

const readLines = (written: readonly object[]) => {
  const lines = written.map((own) => JSON.stringify(own));
  return { lines, entries: readJournal(lines.join("\n")).entries };
};
