import { mkdtempSync, rmSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, expect, it } from "vitest";
import type { Database } from "./database";
import { buildJobRepository } from "./jobRepository";
import { openPglite } from "./openPglite";

const folder = mkdtempSync(join(tmpdir(), "jacaranda-repository-"));
let database: Database;
beforeAll(async () => {
  database = await openPglite(join(folder, "database"));
  expect(await database.pending()).not.toEqual([]);
  await database.migrate();
  expect(await database.pending()).toEqual([]);
}, 60_000);
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
  const { create, save, read } = buildJobRepository(database.db, () => {
    if (!isHeld) throw new Error("Not held.");
  });
  await create(named("Guarded"), "guarded");
  isHeld = false;
  await expect(save("guarded", 1, named("Lost"))).rejects.toThrow("Not held.");
  expect((await read("guarded"))!.version).toBe(1);
  isHeld = true;
  expect(await save("guarded", 1, named("Kept"))).toEqual({ kind: "saved", version: 2 });
});
