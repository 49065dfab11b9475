import { randomBytes } from "node:crypto";
import { and, desc, eq } from "drizzle-orm";
import type { PgDatabase, PgQueryResultHKT } from "drizzle-orm/pg-core";
import { jobs, type JobRow } from "./tables";

/** What a save came to: the new version, or what is there instead. */
export type SaveResult =
  | { kind: "saved"; version: number }
  | { kind: "stale"; version: number; document: string }
  | { kind: "missing" };

export type JobSummary = Pick<JobRow, "id" | "name" | "document" | "version" | "updatedAt">;

export interface JobRepository {
  list(): Promise<JobSummary[]>;
  read(id: string): Promise<JobSummary | null>;
  /** Keeps a new job document and answers the id that it was given. */
  create(document: string): Promise<string>;
  /** Saves a document made from `version`; refused when another has been saved since. */
  save(id: string, version: number, document: string): Promise<SaveResult>;
  remove(id: string): Promise<void>;
}

export function buildJobRepository(db: PgDatabase<PgQueryResultHKT>): JobRepository {
  const columns = {
    id: jobs.id,
    name: jobs.name,
    document: jobs.document,
    version: jobs.version,
    updatedAt: jobs.updatedAt,
  };
  const read = async (id: string) => (await db.select(columns).from(jobs).where(eq(jobs.id, id)))[0] ?? null;
  return {
    list: () => db.select(columns).from(jobs).orderBy(desc(jobs.updatedAt), jobs.id),
    read,
    async create(document) {
      const name = nameIn(document);
      const id = await freeId(name, async (candidate) => (await read(candidate)) === null);
      await db.insert(jobs).values({ id, name, document, version: 1 });
      return id;
    },
    async save(id, version, document) {
      const saved = await db
        .update(jobs)
        .set({ document, name: nameIn(document), version: version + 1, updatedAt: new Date() })
        .where(and(eq(jobs.id, id), eq(jobs.version, version)))
        .returning({ version: jobs.version });
      if (saved[0]) return { kind: "saved", version: saved[0].version };
      const current = await read(id);
      return current
        ? { kind: "stale", version: current.version, document: current.document }
        : { kind: "missing" };
    },
    async remove(id) {
      await db.delete(jobs).where(eq(jobs.id, id));
    },
  };
}

/** The job's name; the document has been checked before it comes here. */
function nameIn(document: string): string {
  const { name } = JSON.parse(document) as { name: string };
  return name;
}

/** An id that reads well in an address: the name in plain letters, with a tail when it is taken. */
async function freeId(name: string, isFree: (id: string) => Promise<boolean>): Promise<string> {
  const plain = name
    .normalize("NFKD")
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, "-")
    .replace(/^-+|-+$/g, "")
    .slice(0, 40);
  const stem = plain || "job";
  if (await isFree(stem)) return stem;
  for (;;) {
    const id = `${stem}-${randomBytes(3).toString("hex")}`;
    if (await isFree(id)) return id;
  }
}
