import { createHash } from "node:crypto";
import { mkdtempSync, readdirSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it } from "vitest";
import { writtenEntry, ulidOf } from "@/core/journal/tests/entries";
import { writeBundle } from "@/formats/bundle";
import { backUp, restore } from "./files/backups";
import { readSum } from "@/core/journal/sum";
import { bundleOf, readBundleFile, takeIn } from "./bundles";
import { openPglite } from "./files/openPglite";

const folder = mkdtempSync(join(tmpdir(), "jacaranda-bundles-"));
const open = async (name: string) => {
  const database = await openPglite(join(folder, name));
  await database.migrate();
  return database;
};
let [here, there]: Awaited<ReturnType<typeof open>>[] = [];
beforeAll(async () => ([here, there] = [await open("here"), await open("there")]));
afterAll(async () => {
  await Promise.all([here!.close(), there!.close()]);
  rmSync(folder, { recursive: true });
});

const picture = new Uint8Array([0xff, 0xd8, 0xff, 0xe0, 1, 2, 3]);
const sha256 = createHash("sha256").update(picture).digest("hex");
const document = JSON.stringify({
  format: "jacaranda-job/1",
  name: "Net loft",
  paints: [],
  walls: [],
  finishes: [],
});
const journal = [
  writtenEntry(1, "2027-01-12T09:00:00+01:00", "note", { words: "dry by noon" }),
  writtenEntry(2, "2027-01-12T09:10:00+01:00", "photo", { sha256 }),
  writtenEntry(3, "2027-01-12T09:20:00+01:00", "of-a-later-version", { what: [1, 2] }),
]
  .map((entry) => `${JSON.stringify(entry)}\n`)
  .join("");
const bundle = { job: document, journal, attachments: new Map([[sha256, picture]]) };

it("a job goes from folder to folder and on with all that happened on it, also what this version does not know", async () => {
  const id = await takeIn(here!, bundle);
  const out = writeBundle((await bundleOf(here!, id))!);
  const read = readBundleFile(out);
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  const onward = await takeIn(there!, read.bundle, { wanted: "net-loft-on-the-quay" });
  const [first, second] = [(await bundleOf(here!, id))!, (await bundleOf(there!, onward))!];
  expect(second.journal.replaceAll("net-loft-on-the-quay", id)).toBe(first.journal);
  expect(
    second.journal
      .split("\n")
      .filter(Boolean)
      .map((line) => (JSON.parse(line) as { id: string }).id),
  ).toEqual([1, 2, 3].map(ulidOf));
  expect([second.job, [...second.attachments]]).toEqual([document, [[sha256, picture]]]);
});

it("is backed up and restored with it; a picture that was erased is in nothing that is made afterwards", async () => {
  const id = await takeIn(here!, bundle, { wanted: "net-store" });
  async function* all() {
    yield { id, ...(await bundleOf(here!, id))! };
  }
  await backUp(folder, "2027-01-12", all);
  const day = join(folder, "backups", "2027-01-12");
  expect(readdirSync(day)).toEqual(["net-store.jacaranda.zip"]);
  const check = () => null;
  expect(await restore(day, there!, check)).toMatchObject([{ as: "net-store", how: "restored" }]);
  expect(await bundleOf(there!, "net-store")).toEqual(await bundleOf(here!, id));
  expect(await restore(day, there!, check)).toMatchObject([{ as: "net-store", how: "there already" }]);
  // Something more has happened since: what was backed up stands beside it.
  const more = JSON.stringify({
    ...writtenEntry(4, "2027-01-12T10:00:00+01:00", "note", { words: "later" }),
    job: id,
  });
  await there!.journal.append(id, [{ id: ulidOf(4), told: more, entry: more, document: null }]);
  expect(await restore(day, there!, check)).toMatchObject([{ how: "beside" }]);
  expect(await here!.attachments.erase(sha256)).toBe(true);
  const after = (await bundleOf(here!, id))!;
  expect([after.attachments.size, after.journal.includes(sha256)]).toEqual([0, true]);
  await backUp(folder, "2027-01-13", all);
  expect(await there!.attachments.erase(sha256)).toBe(true);
  const as = (await restore(join(folder, "backups", "2027-01-13"), there!, check))[0]!.as;
  expect([as === id, (await bundleOf(there!, as))!.attachments.size]).toEqual([false, 0]);
});

it("a long journal that is taken in is summed up at once, up to its last entry", async () => {
  const line = (place: number) =>
    JSON.stringify(writtenEntry(place, "2027-01-12T10:00:00+01:00", "note", { words: "n" }));
  const journal = Array.from({ length: 2001 }, (_, place) => `${line(place + 100)}\n`).join("");
  const id = await takeIn(here!, { ...bundle, journal }, { wanted: "long" });
  const { seq, sum } = (await here!.journal.sumOf(id))!;
  expect([seq, readSum(sum).count]).toEqual([2001, 2001]);
  expect(await here!.journal.sumOf(await takeIn(here!, bundle))).toBeNull();
});

it("pictures that no entry names any more are swept out, those that one names stay", async () => {
  const loose = new Uint8Array([0xff, 0xd8, 0xff, 0xe0, 9]);
  const name = createHash("sha256").update(loose).digest("hex");
  await takeIn(here!, bundle, { wanted: "swept" });
  await here!.attachments.keepPicture(name, loose);
  expect(await here!.attachments.sweep(new Date(Date.now() - 60_000))).toBe(0);
  expect(await here!.attachments.sweep(new Date(Date.now() + 60_000))).toBe(1);
  expect(await here!.attachments.there([sha256, name])).toEqual([sha256]);
});
