import { mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { openStore, type Store } from "./openStore";

const document = (name: string) => JSON.stringify({ name });

describe("the store", () => {
  const folder = mkdtempSync(join(tmpdir(), "jacaranda-store-"));
  let store: Store;
  beforeAll(async () => {
    store = await openStore(folder, "http://127.0.0.1:1");
  }, 60_000);
  afterAll(async () => {
    await store.close();
    rmSync(folder, { recursive: true });
  });

  it("starts with the demo job, byte for byte as written", async () => {
    const [demo] = await store.jobs.list();
    expect(demo!.document).toBe(readFileSync("docs/examples/ferry-landing.json", "utf8"));
  });

  it("saves on top of the version a change was made from, and refuses a stale one", async () => {
    const id = await store.jobs.create(document("Boat house"));
    expect(id).toBe("boat-house");
    expect(await store.jobs.create(document("Boat house"))).toMatch(/^boat-house-[0-9a-f]{6}$/);
    expect(await store.jobs.save(id, 1, document("First"))).toEqual({ kind: "saved", version: 2 });
    expect(await store.jobs.save(id, 1, document("Second"))).toEqual({
      kind: "stale",
      version: 2,
      document: document("First"),
    });
    expect(await store.jobs.save("nothing", 1, document("x"))).toEqual({ kind: "missing" });
    expect((await store.jobs.read(id))!.name).toBe("First");
  });

  it("is held by one process at a time, and says by which", async () => {
    await expect(openStore(folder, "http://127.0.0.1:2")).rejects.toThrow(
      `in use by process ${process.pid}, which serves http://127.0.0.1:1.`,
    );
  });

  it("opens again after it was closed, and over the lock of a process that is gone", async () => {
    await store.close();
    writeFileSync(
      join(folder, "jacaranda.lock"),
      JSON.stringify({ pid: 2 ** 22 - 1, started: "1", address: "x" }),
    );
    store = await openStore(folder, "http://127.0.0.1:1");
    expect((await store.jobs.read("boat-house"))!.version).toBe(2);
  });

  it("counts a save that is sent twice once, and takes many at once in the order in which they came", async () => {
    const id = await store.jobs.create(document("Twice"));
    const save = () => store.jobs.save(id, 1, document("Once more"));
    expect(await Promise.all([save(), save(), save()])).toEqual(Array(3).fill({ kind: "saved", version: 2 }));
    expect(await store.jobs.save(id, 2, document("Other"))).toEqual({ kind: "saved", version: 3 });
    expect(await store.jobs.save(id, 2, document("Stale"))).toMatchObject({ kind: "stale", version: 3 });
    expect([await store.jobs.remove(id), await store.jobs.remove(id)]).toEqual([true, false]);
  });

  it("opens over what a kill left of PostgreSQL's own lock", async () => {
    await store.close();
    writeFileSync(join(folder, "database", "postmaster.pid"), "");
    store = await openStore(folder, "http://127.0.0.1:1");
    expect((await store.jobs.read("boat-house"))!.version).toBe(2);
  });

  it("leaves alone a database that is not whole, and one that is no database", async () => {
    const other = mkdtempSync(join(tmpdir(), "jacaranda-store-"));
    mkdirSync(join(other, "database", "base"), { recursive: true });
    await expect(openStore(other, "x")).rejects.toThrow("its PG_VERSION is missing");
    expect(readdirSync(other)).toEqual(["database"]);
    expect(readdirSync(join(other, "database"))).toEqual(["base"]);
    rmSync(other, { recursive: true });
  });
});
