import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it } from "vitest";
import { buildJobRepository } from "./jobRepository";
import { openPglite } from "./openPglite";
import { WriteQueue } from "./writeQueue";

const folder = mkdtempSync(join(tmpdir(), "jacaranda-repository-"));
let database: Awaited<ReturnType<typeof openPglite>>;
beforeAll(async () => {
  database = await openPglite(join(folder, "database"));
  expect(await database.pending()).not.toEqual([]);
  await database.migrate();
  expect(await database.pending()).toEqual([]);
});
afterAll(async () => {
  await database.close();
  rmSync(folder, { recursive: true });
});

const named = (name: string, more: object = {}) => JSON.stringify({ name, ...more });

it("gives every job an id of its own, also to those that are made at the same moment from two sides", async () => {
  const sides = [buildJobRepository(database.db), buildJobRepository(database.db)] as const;
  const made = await Promise.all(
    Array.from({ length: 24 }, (_, index) => sides[index % 2]!.create(named("The Ferry Landing", { index }))),
  );
  expect(new Set(made).size).toBe(24);
  expect(made.filter((id) => id === "the-ferry-landing")).toHaveLength(1);
  for (const id of made) expect(id).toMatch(/^the-ferry-landing(-[0-9a-f]{6})?$/);
  // None has another's document.
  for (const [index, id] of made.entries()) {
    expect((await sides[0].read(id))!.document).toBe(named("The Ferry Landing", { index }));
  }
});

it("makes ids of any name: in plain letters, short, and never empty", async () => {
  const { create } = buildJobRepository(database.db);
  expect(await create(named("  Bóat-hôuse №2 / Süd  "))).toBe("boat-house-no2-sud");
  expect(await create(named("★★★"))).toBe("job");
  expect(await create(named("x".repeat(200)))).toBe("x".repeat(40));
});

it("refuses an id that is taken, and keeps what is there", async () => {
  const { create, read } = buildJobRepository(database.db);
  expect(await create(named("One"), "shed")).toBe("shed");
  await expect(create(named("Two"), "shed")).rejects.toThrow("There is a job shed already");
  expect((await read("shed"))!.name).toBe("One");
});

it("lists the newest first, and takes off what there is only once", async () => {
  const { create, list, remove, save, read } = buildJobRepository(database.db);
  await create(named("Old"), "old");
  await create(named("New"), "new");
  expect(await save("old", 1, named("Old, changed"))).toEqual({ kind: "saved", version: 2 });
  expect((await list())[0]).toMatchObject({ id: "old", name: "Old, changed", version: 2 });
  expect([await remove("old"), await remove("old")]).toEqual([true, false]);
  expect(await read("old")).toBeNull();
  expect(await save("old", 2, named("Gone"))).toEqual({ kind: "missing" });
});

it("writes nothing once its guard says no, and goes on when it says yes again", async () => {
  let isHeld = true;
  const { create, save, read } = buildJobRepository(
    database.db,
    new WriteQueue(database.db, () => {
      if (!isHeld) throw new Error("Not held.");
    }),
  );
  await create(named("Guarded"), "guarded");
  isHeld = false;
  await expect(save("guarded", 1, named("Lost"))).rejects.toThrow("Not held.");
  expect((await read("guarded"))!.version).toBe(1);
  isHeld = true;
  expect(await save("guarded", 1, named("Kept"))).toEqual({ kind: "saved", version: 2 });
});

it("puts jobs away and brings deleted ones back as they were; what is purged is gone", async () => {
  const jobs = buildJobRepository(database.db);
  await jobs.create(named("Moved about"), "moved");
  const standing = async () => (await jobs.tiles()).find(({ id }) => id === "moved");
  expect(await jobs.putAway("moved", true)).toBe(true);
  expect((await standing())!.putAwayAt).toBeInstanceOf(Date);
  expect((await jobs.read("moved"))!.name).toBe("Moved about");
  expect(await jobs.putAway("moved", false)).toBe(true);
  expect(await jobs.bringBack("moved")).toBe(false);
  expect(await jobs.remove("moved")).toBe(true);
  expect([await jobs.read("moved"), await jobs.putAway("moved", true)]).toEqual([null, false]);
  expect(await jobs.save("moved", 1, named("Late"))).toEqual({ kind: "missing" });
  expect((await jobs.list()).some(({ id }) => id === "moved")).toBe(false);
  expect(await jobs.purge(new Date(Date.now() - 1000))).toBe(0);
  expect(await jobs.bringBack("moved")).toBe(true);
  expect(await jobs.read("moved")).toMatchObject({ version: 1, document: named("Moved about") });
  await jobs.remove("moved");
  // Made again under its own id it comes back with what it is made with.
  expect(await jobs.create(named("From a file"), "moved")).toBe("moved");
  expect(await jobs.read("moved")).toMatchObject({ version: 2, name: "From a file" });
  await jobs.remove("moved");
  expect(await jobs.purge(new Date(Date.now() + 1000))).toBe(2);
  expect(await standing()).toBeUndefined();
});

it("keeps what the list shows of a version, and not of one that has gone on", async () => {
  const jobs = buildJobRepository(database.db);
  await jobs.create(named("Shown"), "shown");
  await jobs.keepTile("shown", 1, { figures: "1", picture: "<svg/>" });
  await jobs.save("shown", 1, named("Shown", { more: 1 }));
  await jobs.keepTile("shown", 1, { figures: "late", picture: "late" });
  const tile = (await jobs.tiles()).find(({ id }) => id === "shown");
  expect(tile).toMatchObject({ version: 2, tileVersion: 1, figures: "1" });
  expect(tile).not.toHaveProperty("document");
  expect(await jobs.picture("shown")).toBe("<svg/>");
});
