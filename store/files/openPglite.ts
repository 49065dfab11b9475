import { readFileSync, rmSync } from "node:fs";
import { join } from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { sql } from "drizzle-orm";
import { drizzle, type PgliteDatabase } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import { buildAttachmentRepository } from "../repositories/attachmentRepository";
import type { Database, Ground } from "../database";
import { holdsClaim } from "./dataLock";
import { DurableFiles } from "./durableFiles";
import { buildJobRepository, listDocuments } from "../repositories/jobRepository";
import { buildJournalRepository } from "../repositories/journalRepository";
import { Room } from "./room";
import { StoreProblem } from "../storeProblem";
import { WriteQueue } from "../repositories/writeQueue";

const migrationsFolder = join(process.cwd(), "store", "migrations");

/** PGlite's own settings, but that a commit waits for the disk, and that segments of the log wait to be used again. */
const startParams = [
  ...PGlite.defaultStartParams.filter((parameter) => parameter !== "-F"),
  ...["-c", "wal_sync_method=fsync", "-c", "min_wal_size=32MB"],
];

/** Of a new database: a log in segments of 1 MB, where 16 are usual, so that a small disk has room for the next. */
const initDbStartParams = ["--wal-segsize=1"];

/** So much is written before the log is cut; PostgreSQL by itself does so only when it closes. */
const mostLogBytes = 16e6;

/**
 * Opens the PostgreSQL embedded in this thread on a folder that is this process's alone. Writing is refused, in words,
 * without the claim of its ground or room on its disk; `tellNoRoom` hears of a write that found none all the same.
 */
export async function openPglite(
  path: string,
  ground: Ground | null = null,
  tellNoRoom: () => void = () => undefined,
): Promise<Database & { readonly db: PgliteDatabase }> {
  // Left by a process that was killed, perhaps half written; the data lock says that nobody is there.
  rmSync(join(path, "postmaster.pid"), { force: true });
  let room: Room | null = null;
  const makeRoom = () => {
    tellNoRoom();
    return room?.letGo() ?? false;
  };
  const client = await PGlite.create({
    fs: new DurableFiles(path, makeRoom),
    startParams,
    initDbStartParams,
  });
  const db = drizzle(client);
  if (ground) room = new Room(ground.folder, await segmentBytesOf(client));
  let logged = 0;
  const guard = async (bytes: number) => {
    if (ground && !holdsClaim(ground.claim)) throw new StoreProblem(notHeld(ground.folder));
    room?.check(bytes);
    logged += bytes;
    if (logged < mostLogBytes) return;
    logged = 0;
    await client.query("checkpoint");
  };
  const writes = new WriteQueue(db, guard);
  return {
    db,
    jobs: buildJobRepository(db, writes),
    journal: buildJournalRepository(db, writes),
    attachments: buildAttachmentRepository(db, writes),
    documents: async () => {
      const journals = await listJournals(db);
      return (await listDocuments(db)).map((job) => ({ ...job, journal: journals.get(job.id) ?? "" }));
    },
    pending: () => pendingMigrations(db, path),
    migrate: () => migrate(db, { migrationsFolder }),
    close: () => client.close(),
  };
}

const notHeld = (folder: string): string =>
  `The data folder ${folder} is no longer held by this program, because its lock file was removed or replaced; nothing more is saved here. Stop the program and start it again.`;

async function segmentBytesOf(client: PGlite): Promise<number> {
  const { rows } = await client.query<{ setting: string }>(
    "select setting from pg_settings where name = 'wal_segment_size'",
  );
  return Number(rows[0]!.setting);
}

/** What happened on each job, one entry a line; empty where there are no journals yet. */
async function listJournals(db: PgliteDatabase): Promise<ReadonlyMap<string, string>> {
  const table = await db.execute(sql`select to_regclass('entries') as name`);
  if (rowsOf(table)[0]?.name == null) return new Map();
  const rows = rowsOf(
    await db.execute(
      sql`select job, string_agg(entry || chr(10), '' order by seq) as journal from entries group by job`,
    ),
  );
  return new Map(rows.map(({ job, journal }) => [String(job), String(journal)]));
}

async function pendingMigrations(db: PgliteDatabase, path: string): Promise<string[]> {
  const journal = JSON.parse(readFileSync(join(migrationsFolder, "meta", "_journal.json"), "utf8")) as {
    entries: { tag: string; when: number }[];
  };
  const table = await db.execute(sql`select to_regclass('drizzle.__drizzle_migrations') as name`);
  if (rowsOf(table)[0]?.name == null) return journal.entries.map(({ tag }) => tag);
  const rows = rowsOf(await db.execute(sql`select created_at from drizzle.__drizzle_migrations`));
  const done = new Set(rows.map(({ created_at: at }) => Number(at)));
  const unknown = [...done].filter((at) => journal.entries.every(({ when }) => when !== at));
  if (unknown.length > 0) throw new StoreProblem(fromNewer(path));
  return journal.entries.filter(({ when }) => !done.has(when)).map(({ tag }) => tag);
}

const fromNewer = (path: string): string =>
  `${path} was written by a newer version of this program (its tables have changes that this one does not know), so nothing in it was changed. Start the newer version; or go back by moving its database folder away and starting this one with --restore and one of the backups beside it.`;

const rowsOf = (result: unknown): Record<string, unknown>[] =>
  (result as { rows: Record<string, unknown>[] }).rows;
