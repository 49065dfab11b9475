import { randomBytes } from "node:crypto";
import { and, desc, eq } from "drizzle-orm";
import type { PgDatabase, PgQueryResultHKT } from "drizzle-orm/pg-core";
import { jobs, type JobRow } from "./tables";
import { WriteQueue } from "./writeQueue";

/** What a save came to: the new version, or what is there instead. */
export type SaveResult =
  | { kind: "saved"; version: number }
  | { kind: "stale"; version: number; document: string }
  | { kind: "missing" };

export type JobSummary = Pick<JobRow, "id" | "name" | "document" | "version" | "updatedAt">;

export interface JobRepository {
  list(): Promise<JobSummary[]>;
  read(id: string): Promise<JobSummary | null>;
  /** Keeps a new job document and answers the id that it was given: `wanted`, which must be free, or one of its name. */
  create(document: string, wanted?: string): Promise<string>;
  /** Saves a document made from `version`; refused when another has been saved since, unless it is the same. */
  save(id: string, version: number, document: string): Promise<SaveResult>;
  /** Whether there was such a job. */
  remove(id: string): Promise<boolean>;
}

type Db = PgDatabase<PgQueryResultHKT>;

const columns = {
  id: jobs.id,
  name: jobs.name,
  document: jobs.document,
  version: jobs.version,
  updatedAt: jobs.updatedAt,
};

/** Jobs in a database. Each write is answered when it is on the disk; `guard` throws when nothing may be written. */
export function buildJobRepository(db: Db, guard: () => void = () => undefined): JobRepository {
  const writes = new WriteQueue(db, guard);
  return {
    list: () => db.select(columns).from(jobs).orderBy(desc(jobs.updatedAt), jobs.id),
    read: (id) => readJob(db, id),
    create: (document, wanted) => writes.add((transaction) => createJob(transaction, document, wanted)),
    save: (id, version, document) => writes.add((transaction) => saveJob(transaction, id, version, document)),
    remove: (id) =>
      writes.add(async (transaction) => {
        const gone = await transaction.delete(jobs).where(eq(jobs.id, id)).returning({ id: jobs.id });
        return gone.length > 0;
      }),
  };
}

/**
 * The id is taken by the insert itself, which leaves a row that is there alone: whoever asks for the same at the same moment, from
 * whichever program on the same database, gets another one.
 */
async function createJob(db: Db, document: string, wanted?: string): Promise<string> {
  const name = nameIn(document);
  for (const id of wanted === undefined ? idsFor(name) : [wanted]) {
    const taken = await db
      .insert(jobs)
      .values({ id, name, document, version: 1 })
      .onConflictDoNothing()
      .returning({ id: jobs.id });
    if (taken.length > 0) return id;
  }
  throw new Error(`There is a job ${wanted} already`);
}

async function readJob(db: Db, id: string): Promise<JobSummary | null> {
  return (await db.select(columns).from(jobs).where(eq(jobs.id, id)))[0] ?? null;
}

/** A save sent twice, because its first answer was lost, counts once. */
async function saveJob(db: Db, id: string, version: number, document: string): Promise<SaveResult> {
  const saved = await db
    .update(jobs)
    .set({ document, name: nameIn(document), version: version + 1, updatedAt: new Date() })
    .where(and(eq(jobs.id, id), eq(jobs.version, version)))
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
