import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it } from "vitest";
import { laterBy } from "@/core/journal/clock";
import { readEntry } from "@/core/journal/entry";
import { fold } from "@/core/journal/fold";
import { parseMoment } from "@/core/journal/moment";
import { sha256Of } from "@/store/repositories/journalRepository";
import { openPglite } from "@/store/files/openPglite";
import { keepEntries } from "./keepEntries";

const folder = mkdtempSync(join(tmpdir(), "jacaranda-journal-"));
let database: Awaited<ReturnType<typeof openPglite>>;
beforeAll(async () => {
  database = await openPglite(join(folder, "database"));
  await database.migrate();
});
afterAll(async () => {
  await database.close();
  rmSync(folder, { recursive: true });
});

const ulidOf = (device: number, number: number) => `${device}${String(number).padStart(25, "0")}`;
const noteOf = (job: string, device: number, number: number, at: string, words = `note ${number}`) => ({
  format: "jacaranda-entry/1",
  id: ulidOf(device, number),
  job,
  at,
  by: `Painter ${device}`,
  device: `device-${device}`,
  kind: "note",
  words,
});
/** The right time, and a clock that is so many minutes ahead of it. */
const right = (minute: number) => Date.UTC(2027, 0, 12, 8, 0) + minute * 60_000;
const clock = (minute: number, ahead: number) =>
  laterBy("2027-01-12T09:00:00+01:00", (minute + ahead) * 60_000);

it("two devices, days without a server and clocks an hour apart, join with nothing lost, nothing twice, in their true order", async () => {
  const job = await database.jobs.create(JSON.stringify({ name: "Joined" }));
  // At each minute one of them tells; the second one's clock is an hour ahead.
  const told = Array.from({ length: 60 }, (_, minute) => {
    const device = minute % 2;
    return { device, minute, entry: noteOf(job, device, minute, clock(minute, device * 60)) };
  });
  const send = (device: number, minute: number, ahead: number) =>
    keepEntries(
      database.journal,
      job,
      {
        now: clock(minute, ahead),
        entries: told.filter((one) => one.device === device).map(({ entry }) => entry),
      },
      right(minute),
    );
  // The answer of the first sending is lost: it is sent again, a minute later by its own clock.
  await send(0, 4000, 0);
  const again = await send(0, 4001, 0);
  await send(1, 4002, 60);
  // That clock is set right; what it told before is known by what was told.
  const once = await send(1, 4100, 0);
  for (const answer of [again, once]) expect(answer).toMatchObject({ refused: [], accepted: { length: 30 } });
  const kept = await database.journal.after(job, 0, 1000);
  expect(kept.map(({ seq }) => seq)).toEqual(Array.from({ length: 60 }, (_, index) => index + 1));
  const entries = kept.map(({ entry }) => {
    const read = readEntry(JSON.parse(entry));
    if (!read.ok) throw new Error(JSON.stringify(read.problems));
    return read.entry;
  });
  const inTurn = fold(entries).lists.get("note") as unknown as { words: string }[];
  expect(inTurn.map(({ words }) => words)).toEqual(told.map(({ minute }) => `note ${minute}`));
  expect((await database.journal.after(job, 57, 1000)).map(({ seq }) => seq)).toEqual([58, 59, 60]);
});

it("refuses one by one what is not of the job, is another of a known id, or does not hold; and answers null without the job", async () => {
  const job = await database.jobs.create(JSON.stringify({ name: "Guarded" }));
  const at = "2027-01-12T09:00:00+01:00";
  const good = noteOf(job, 2, 1, at);
  const entries = [
    good,
    { ...good, words: "other" },
    noteOf("elsewhere", 2, 2, at),
    { ...good, at: "soon" },
    7,
  ];
  const answer = await keepEntries(database.journal, job, { entries }, right(0));
  expect(answer).toMatchObject({
    accepted: [{ id: good.id, seq: 1 }],
    refused: [
      { why: "job: it is of another job" },
      { why: expect.stringMatching(/^at: /) },
      { id: "" },
      { id: good.id, why: "there is another entry of this id" },
    ],
  });
  expect(await keepEntries(database.journal, "nowhere", { entries: [] }, right(0))).toBeNull();
  expect(typeof (await keepEntries(database.journal, job, { entries: "all" }, right(0)))).toBe("string");
});

it("keeps the document that entries name, and lets the journal go with its job", async () => {
  const document = JSON.stringify({ name: "Named" });
  const job = await database.jobs.create(document);
  const sha256 = sha256Of(document);
  const entry = { ...noteOf(job, 3, 1, "2027-01-12T09:00:00Z"), document: sha256 };
  await keepEntries(database.journal, job, { entries: [entry] }, right(0));
  await database.jobs.save(job, 1, JSON.stringify({ name: "Named", later: true }));
  expect(await database.journal.version(job, sha256)).toBe(document);
  await database.jobs.remove(job);
  await database.jobs.purge(new Date(Date.now() + 1000));
  expect(await database.journal.after(job, 0, 10)).toEqual([]);
  expect(await database.journal.version(job, sha256)).toBeNull();
});

it("a moment put right keeps its offset, over midnight and into seconds", () => {
  expect(laterBy("2027-01-12T23:59:30+01:00", 45_000)).toBe("2027-01-13T00:00:15+01:00");
  expect(laterBy("2027-03-01T00:00:00Z", -1500)).toBe("2027-02-28T23:59:58.5Z");
  expect(parseMoment(laterBy("2027-01-12T09:41:07.250+05:30", 3_600_000))!.instant * 60_000).toBeCloseTo(
    parseMoment("2027-01-12T10:41:07.250+05:30")!.instant * 60_000,
    0,
  );
});
