import { cpSync, mkdirSync, mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { PGlite } from "@electric-sql/pglite";
import { drizzle } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import { openStore, type Store } from "./openStore";

const document = (name: string) => JSON.stringify({ name });

describe("the store", () => {
  const folder = mkdtempSync(join(tmpdir(), "jacaranda-store-"));
  let store: Store;
  beforeAll(async () => {
    store = await openStore(folder, "http://127.0.0.1:1");
  });
  afterAll(async () => {
    await store.close();
    rmSync(folder, { recursive: true });
  });

  it("starts with the demo job, byte for byte as written but for its first day", async () => {
    const [demo] = await store.jobs.list();
    const undated = (text: string) => text.replace(/"start": "[-\d]{10}"/, "");
    expect(undated(demo!.document)).toBe(undated(readFileSync("docs/examples/ferry-landing.json", "utf8")));
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

it("a folder of a newer version is refused in words, with nothing written, and opens there again", async () => {
  const folder = mkdtempSync(join(tmpdir(), "jacaranda-newer-"));
  await (await openStore(folder, "http://127.0.0.1:1")).close();
  const inside = async (work: (client: PGlite) => Promise<unknown>) => {
    const client = await PGlite.create(join(folder, "database"));
    await work(client);
    await client.close();
  };
  await inside((client) =>
    client.query(
      "insert into drizzle.__drizzle_migrations (hash, created_at) values ('later', 4102444800000)",
    ),
  );
  rmSync(join(folder, "backups"), { recursive: true, force: true });
  const before = readdirSync(folder).sort();
  await expect(openStore(folder, "http://127.0.0.1:1")).rejects.toThrow(/newer version.*--restore.*backups/);
  expect(readdirSync(folder).sort()).toEqual(before);
  await inside((client) => client.query("delete from drizzle.__drizzle_migrations where hash = 'later'"));
  const store = await openStore(folder, "http://127.0.0.1:1");
  expect(await store.jobs.list()).toHaveLength(2);
  await store.close();
  rmSync(folder, { recursive: true });
});

it("a folder of the first version is kept as files, brought up to date, and has its jobs", async () => {
  const folder = mkdtempSync(join(tmpdir(), "jacaranda-old-"));
  const migrationsFolder = join(folder, "first-migration");
  cpSync(join("store", "migrations"), migrationsFolder, { recursive: true });
  const journal = join(migrationsFolder, "meta", "_journal.json");
  const { entries, ...rest } = JSON.parse(readFileSync(journal, "utf8")) as { entries: object[] };
  writeFileSync(journal, JSON.stringify({ ...rest, entries: entries.slice(0, 1) }));
  const client = await PGlite.create(join(folder, "database"));
  await migrate(drizzle(client), { migrationsFolder });
  await client.query("insert into jobs (id, name, document, version) values ($1, $2, $3, 7)", [
    "shed",
    "Shed",
    document("Shed"),
  ]);
  await client.close();
  const store = await openStore(folder, "http://127.0.0.1:1");
  expect(await store.jobs.read("shed")).toMatchObject({ version: 7, document: document("Shed") });
  expect(await store.jobs.tiles()).toMatchObject([{ id: "shed", deletedAt: null, figures: null }]);
  await store.close();
  const [before] = readdirSync(join(folder, "backups")).filter((name) => name.includes("-before-0001"));
  expect(readFileSync(join(folder, "backups", before!, "shed.jacaranda.json"), "utf8")).toBe(
    document("Shed"),
  );
  rmSync(folder, { recursive: true });
});
