import { existsSync, readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { sql } from "drizzle-orm";
import { drizzle } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import type { Database } from "./database";
import { DurableFiles } from "./durableFiles";

const migrationsFolder = join(process.cwd(), "store", "migrations");

/** PGlite's own settings, but that a commit waits for the disk. */
const startParams = [
  ...PGlite.defaultStartParams.filter((parameter) => parameter !== "-F"),
  "-c",
  "wal_sync_method=fsync",
];

/** Opens the PostgreSQL embedded in this process on a folder that is this process's alone. */
export async function openPglite(folder: string): Promise<Database> {
  // Left by a process that was killed, perhaps half written; the data lock says that nobody is there.
  rmSync(join(folder, "postmaster.pid"), { force: true });
  const client = await PGlite.create({ fs: new DurableFiles(folder), startParams });
  const db = drizzle(client);
  return {
    db,
    pending: () => pendingMigrations(db),
    migrate: () => migrate(db, { migrationsFolder }),
    close: () => client.close(),
  };
}

/** Whether a folder holds what PostgreSQL made; a folder without it is something else, or what is left of one. */
export const isDatabase = (folder: string): boolean => existsSync(join(folder, "PG_VERSION"));

async function pendingMigrations(db: Database["db"]): Promise<string[]> {
  const journal = JSON.parse(readFileSync(join(migrationsFolder, "meta", "_journal.json"), "utf8")) as {
    entries: { tag: string; when: number }[];
  };
  const table = await db.execute(sql`select to_regclass('drizzle.__drizzle_migrations') as name`);
  if (rowsOf(table)[0]?.name == null) return journal.entries.map(({ tag }) => tag);
  const done = await db.execute(sql`select max(created_at) as last from drizzle.__drizzle_migrations`);
  const last = Number(rowsOf(done)[0]?.last ?? 0);
  return journal.entries.filter(({ when }) => when > last).map(({ tag }) => tag);
}

const rowsOf = (result: unknown): Record<string, unknown>[] =>
  (result as { rows: Record<string, unknown>[] }).rows;
