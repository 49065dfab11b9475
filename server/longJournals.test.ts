import { expect, it, vi } from "vitest";
import { formatMoment } from "@/core/journal/moment";
import { fold } from "@/core/journal/fold";
import { readJournal } from "@/core/journal/entry";
import { readKeptJournal } from "@/core/journal/sum";
import { writtenEntry } from "@/core/journal/tests/entries";
import type { KeptSum } from "@/store/repositories/journalRepository";
import { entriesCame, keptJournal, makeSum } from "./longJournals";

/** A journal in memory: entry n is told n minutes after midnight. */
function journalOf(count: number) {
  const rows = Array.from({ length: count }, (_, place) => rowAt(place + 1, place));
  let sum: KeptSum | null = null;
  let read = 0;
  return {
    rows,
    readSince: () => [read, (read = 0)][0],
    after: (_: string, seq: number, most: number) => {
      const given = rows.filter((row) => row.seq > seq).slice(0, most);
      read += given.length;
      return Promise.resolve(given);
    },
    sumOf: () => Promise.resolve(sum),
    keepSum: (_: string, kept: KeptSum) => Promise.resolve(void (sum = kept)),
  };
}

function rowAt(seq: number, minute: number, kind = "finished", payload: object = workOn(seq)) {
  const at = formatMoment(20_000 + Math.floor(minute / 1440), minute % 1440);
  const entry = JSON.stringify(writtenEntry(seq, at, kind, payload));
  return { id: (JSON.parse(entry) as { id: string }).id, seq, entry };
}
const workOn = (seq: number) => ({
  work: [{ wall: "w", act: "coat", of: "region", ids: [`r${seq % 40}`], coat: 1 }],
});
const wholeOf = ({ rows }: { rows: readonly { entry: string }[] }) =>
  fold(readJournal(rows.map(({ entry }) => entry).join("\n")).entries);
async function comesTo(journal: ReturnType<typeof journalOf>) {
  const { text } = await keptJournal(journal, "job");
  const { sum, entries } = readKeptJournal(text);
  return fold(entries, sum);
}

it("a long journal is read as what its first entries came to and the few after them, and comes to the same", async () => {
  const journal = journalOf(2300);
  await makeSum(journal, "job");
  journal.rows.push(rowAt(2301, 2300), rowAt(2302, 2301));
  journal.readSince();
  expect(await comesTo(journal)).toEqual(wholeOf(journal));
  expect(journal.readSince()).toBe(2);
  const { at } = await keptJournal(journal, "job");
  expect(at).toBe((JSON.parse(journal.rows.at(-1)!.entry) as { at: string }).at);
});

it("is summed up as its entries come in, before anyone opens the job", async () => {
  const journal = journalOf(2500);
  entriesCame(journal, "job", 1200);
  expect(await journal.sumOf()).toBeNull();
  entriesCame(journal, "job", 1300);
  await vi.waitFor(async () => expect((await journal.sumOf())?.seq).toBe(2500));
  expect(await comesTo(journal)).toEqual(wholeOf(journal));
});

it("what is told of a moment before, or takes something back, counts: then all of it is read, and summed up anew", async () => {
  for (const late of [rowAt(2301, 100), rowAt(2301, 2400, "withdrawn", { entry: rowAt(7, 0).id })]) {
    const journal = journalOf(2300);
    await makeSum(journal, "job");
    journal.rows.push(late);
    expect(await comesTo(journal)).toEqual(wholeOf(journal));
    await makeSum(journal, "job");
    journal.readSince();
    expect(await comesTo(journal)).toEqual(wholeOf(journal));
    // The last that is summed tells its clock.
    expect(journal.readSince()).toBe(1);
  }
});

it("a sum of another version's kinds is passed over", async () => {
  const journal = journalOf(2100);
  await makeSum(journal, "job");
  const { sum, seq } = (await journal.sumOf())!;
  await journal.keepSum("job", { seq, sum: sum.replace('"kinds":"began', '"kinds":"yawned began') });
  expect(await comesTo(journal)).toEqual(wholeOf(journal));
});
