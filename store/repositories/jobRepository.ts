import { randomBytes } from "node:crypto";
import { and, desc, eq, inArray, isNotNull, isNull, lt, sql, type SQL } from "drizzle-orm";
import type { PgDatabase, PgQueryResultHKT } from "drizzle-orm/pg-core";
import { entries, jobs, journalSums, jobVersions, type JobRow } from "./tables";
import { WriteQueue } from "./writeQueue";

/** What a save came to: the new version, or what is there instead. */
export type SaveResult =
  | { kind: "saved"; version: number }
  | { kind: "stale"; version: number; document: string }
  | { kind: "missing" };

export type JobSummary = Pick<JobRow, "id" | "name" | "document" | "version" | "updatedAt">;
/** What the list of jobs shows of one, without its document. */
export type JobTile = Omit<JobRow, "document" | "picture" | "createdAt" | "askedBy">;
/** What is worked out for the list of jobs from one version of a document. */
export interface Tile {
  readonly figures: string;
  /** SVG. */
  readonly picture: string;
}

export interface JobRepository {
  /** Those that are not deleted, the last changed first. */
  list(): Promise<JobSummary[]>;
  /** All of them, also those put away or deleted. */
  tiles(): Promise<JobTile[]>;
  read(id: string): Promise<JobSummary | null>;
  /** How far a job has come: its document's version, and the number of the last entry of its journal. */
  standing(id: string): Promise<{ readonly version: number; readonly seq: number } | null>;
  /**
   * Keeps a new job document and answers the id that it was given: `wanted`, which must be free, or one of its name. The same
   * asking (`askedBy`) makes one job, however often it arrives.
   */
  create(document: string, wanted?: string, askedBy?: string): Promise<string>;
  /** Saves a document made from `version`; refused when another has been saved since, unless it is the same. */
  save(id: string, version: number, document: string): Promise<SaveResult>;
  /** Takes a job away, to be brought back while it is not purged; answers whether there was such a job. */
  remove(id: string): Promise<boolean>;
  bringBack(id: string): Promise<boolean>;
  /** Puts a job out of the way, or among the others again. */
  putAway(id: string, isAway: boolean): Promise<boolean>;
  /** Takes jobs that were deleted before a moment out for good. */
  purge(before: Date): Promise<number>;
  picture(id: string): Promise<string | null>;
  /** Keeps what was worked out for the list from a version, unless the job has gone on since. */
  keepTile(id: string, version: number, tile: Tile): Promise<void>;
}

type Db = PgDatabase<PgQueryResultHKT>;

const columns = {
  id: jobs.id,
  name: jobs.name,
  document: jobs.document,
  version: jobs.version,
  updatedAt: jobs.updatedAt,
};

const tileColumns = {
  id: jobs.id,
  name: jobs.name,
  version: jobs.version,
  updatedAt: jobs.updatedAt,
  putAwayAt: jobs.putAwayAt,
  deletedAt: jobs.deletedAt,
  figures: jobs.figures,
  tileVersion: jobs.tileVersion,
};
/** A job that is not deleted. */
const isThere = isNull(jobs.deletedAt);

/** Jobs in a database. Each write is answered when it is on the disk; `guard` throws when nothing may be written. */
export function buildJobRepository(
  db: Db,
  writes: WriteQueue = new WriteQueue(db, () => undefined),
): JobRepository {
  return {
    list: () => db.select(columns).from(jobs).where(isThere).orderBy(desc(jobs.updatedAt), jobs.id),
    tiles: () => db.select(tileColumns).from(jobs).orderBy(desc(jobs.updatedAt), jobs.id),
    read: (id) => readJob(db, id),
    standing: async (id) =>
      (
        await db
          .select({ version: jobs.version, seq: sql<number>`coalesce(max(${entries.seq}), 0)::int` })
          .from(jobs)
          .leftJoin(entries, eq(entries.job, jobs.id))
          .where(and(eq(jobs.id, id), isThere))
          .groupBy(jobs.id)
      )[0] ?? null,
    create: (document, wanted, askedBy) =>
      writes.add((transaction) => createJob(transaction, document, wanted, askedBy), document.length),
    save: (id, version, document) =>
      writes.add((transaction) => saveJob(transaction, id, version, document), document.length),
    remove: (id) => change(id, { deletedAt: new Date() }, isThere),
    bringBack: (id) => change(id, { deletedAt: null }, isNotNull(jobs.deletedAt)),
    putAway: (id, isAway) => change(id, { putAwayAt: isAway ? new Date() : null }, isThere),
    purge: (before) =>
      writes.add(async (transaction) => {
        const gone = await transaction
          .delete(jobs)
          .where(lt(jobs.deletedAt, before))
          .returning({ id: jobs.id });
        const ids = gone.map(({ id }) => id);
        if (ids.length > 0) {
          await transaction.delete(entries).where(inArray(entries.job, ids));
          await transaction.delete(journalSums).where(inArray(journalSums.job, ids));
          await transaction.delete(jobVersions).where(inArray(jobVersions.job, ids));
        }
        return gone.length;
      }),
    picture: async (id) =>
      (await db.select({ picture: jobs.picture }).from(jobs).where(eq(jobs.id, id)))[0]?.picture ?? null,
    keepTile: (id, version, tile) =>
      writes.add(async (transaction) => {
        await transaction
          .update(jobs)
          .set({ ...tile, tileVersion: version })
          .where(and(eq(jobs.id, id), eq(jobs.version, version)));
      }, tile.picture.length + tile.figures.length),
  };

  /** Changes where a job stands, and nothing of what it holds. */
  function change(id: string, set: Partial<JobRow>, where: SQL): Promise<boolean> {
    return writes.add(async (transaction) => {
      const changed = await transaction
        .update(jobs)
        .set(set)
        .where(and(eq(jobs.id, id), where))
        .returning({ id: jobs.id });
      return changed.length > 0;
    });
  }
}

/** Every document that the table holds, whatever the columns beside it are: also before they are as this program wants them. */
export const listDocuments = (db: Db): Promise<{ id: string; document: string }[]> =>
  db.select({ id: jobs.id, document: jobs.document }).from(jobs);

/**
 * The id is taken by the insert itself, which leaves a row that is there alone: whoever asks for the same at the same moment, from
 * whichever program on the same database, gets another one.
 */
async function createJob(db: Db, document: string, wanted?: string, askedBy?: string): Promise<string> {
  const name = nameIn(document);
  const made = askedBy === undefined ? null : await madeFor(db, askedBy);
  if (made !== null) return made;
  for (const id of wanted === undefined ? idsFor(name) : [wanted]) {
    const taken = await db
      .insert(jobs)
      .values({ id, name, document, version: 1, askedBy })
      .onConflictDoNothing()
      .returning({ id: jobs.id });
    if (taken.length > 0) return id;
    // Asked at the same moment from elsewhere.
    const other = askedBy === undefined ? null : await madeFor(db, askedBy);
    if (other !== null) return other;
    if (wanted !== undefined && (await revive(db, id, name, document))) return id;
  }
  throw new Error(`There is a job ${wanted} already`);
}

async function madeFor(db: Db, askedBy: string): Promise<string | null> {
  const [made] = await db.select({ id: jobs.id }).from(jobs).where(eq(jobs.askedBy, askedBy));
  return made?.id ?? null;
}

/** A deleted job that is made again under its own id comes back with the new document. */
async function revive(db: Db, id: string, name: string, document: string): Promise<boolean> {
  const revived = await db
    .update(jobs)
    .set({ name, document, version: sql`${jobs.version} + 1`, deletedAt: null, updatedAt: new Date() })
    .where(and(eq(jobs.id, id), isNotNull(jobs.deletedAt)))
    .returning({ id: jobs.id });
  return revived.length > 0;
}

async function readJob(db: Db, id: string): Promise<JobSummary | null> {
  return (
    (
      await db
        .select(columns)
        .from(jobs)
        .where(and(eq(jobs.id, id), isThere))
    )[0] ?? null
  );
}

/** A save sent twice, because its first answer was lost, counts once. */
async function saveJob(db: Db, id: string, version: number, document: string): Promise<SaveResult> {
  const saved = await db
    .update(jobs)
    .set({ document, name: nameIn(document), version: version + 1, updatedAt: new Date() })
    .where(and(eq(jobs.id, id), eq(jobs.version, version), isThere))
    .returning({ version: jobs.version });
  if (saved[0]) return { kind: "saved", version: saved[0].version };
  const current = await readJob(db, id);
  if (!current) return { kind: "missing" };
  if (current.document === document) return { kind: "saved", version: current.version };
  return { kind: "stale", version: current.version, document: current.document };
}

/** The job's name; the document has been checked before it comes here. */
function nameIn(document: string): string {
  const { name } = JSON.parse(document) as { name: string };
  return name;
}

/** Ids that read well in an address: the name in plain letters, then that with one tail after another. */
function* idsFor(name: string): Generator<string> {
  const plain = name
    .normalize("NFKD")
    // An accent stands by itself now.
    .replace(/\p{M}+/gu, "")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 40)
    .replace(/-+$/, "");
  const stem = plain || "job";
  yield stem;
  for (;;) yield `${stem}-${randomBytes(3).toString("hex")}`;
}
