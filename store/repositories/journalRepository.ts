import { createHash } from "node:crypto";
import { and, asc, eq, gt, inArray, isNull, lte, max } from "drizzle-orm";
import type { PgDatabase, PgQueryResultHKT } from "drizzle-orm/pg-core";
import { entries, jobs, journalSums, jobVersions } from "./tables";
import type { WriteQueue } from "./writeQueue";

/** An entry to be kept: as it was told, and as it counts. */
export interface ToldEntry {
  readonly id: string;
  readonly told: string;
  readonly entry: string;
  /** The SHA-256 of the document that it speaks of; null for one that names none. */
  readonly document: string | null;
}

export interface KeptEntry {
  readonly id: string;
  readonly seq: number;
  readonly entry: string;
}

export interface KeptSum {
  readonly seq: number;
  readonly sum: string;
}

/** What became of each entry of a batch; null where there is no such job. */
export interface Appended {
  readonly accepted: readonly { readonly id: string; readonly seq: number }[];
  readonly refused: readonly { readonly id: string; readonly why: string }[];
}

export interface JournalRepository {
  /** Keeps entries that are not there yet, in their order; one that is there with the same text counts as kept, with another it is refused. */
  append(job: string, told: readonly ToldEntry[]): Promise<Appended | null>;
  /** Those that came after one, the first first, at most so many. */
  after(job: string, seq: number, most: number): Promise<KeptEntry[]>;
  /** What the first entries of a long journal came to, up to which one; null where that is not kept. */
  sumOf(job: string): Promise<KeptSum | null>;
  /** Keeps that, unless more is in what is kept. */
  keepSum(job: string, kept: KeptSum): Promise<void>;
  /** A document that an entry names; null where it is not known. */
  version(job: string, sha256: string): Promise<string | null>;
}

type Db = PgDatabase<PgQueryResultHKT>;

export function buildJournalRepository(db: Db, writes: WriteQueue): JournalRepository {
  return {
    append: (job, told) =>
      writes.add(
        (transaction) => append(transaction, job, told),
        told.reduce((sum, one) => sum + one.told.length + one.entry.length, 0),
      ),
    after: (job, seq, most) =>
      db
        .select({ id: entries.id, seq: entries.seq, entry: entries.entry })
        .from(entries)
        .where(and(eq(entries.job, job), gt(entries.seq, seq)))
        .orderBy(asc(entries.seq))
        .limit(most),
    sumOf: async (job) =>
      (
        await db
          .select({ seq: journalSums.seq, sum: journalSums.sum })
          .from(journalSums)
          .where(eq(journalSums.job, job))
      )[0] ?? null,
    keepSum: (job, { seq, sum }) =>
      writes.add(async (transaction) => {
        await transaction
          .insert(journalSums)
          .values({ job, seq, sum })
          .onConflictDoUpdate({
            target: journalSums.job,
            set: { seq, sum },
            setWhere: lte(journalSums.seq, seq),
          });
      }, sum.length),
    version: async (job, sha256) =>
      (
        await db
          .select({ document: jobVersions.document })
          .from(jobVersions)
          .where(and(eq(jobVersions.job, job), eq(jobVersions.sha256, sha256)))
      )[0]?.document ?? null,
  };
}

async function append(db: Db, job: string, told: readonly ToldEntry[]): Promise<Appended | null> {
  const [current] = await db
    .select({ document: jobs.document })
    .from(jobs)
    .where(and(eq(jobs.id, job), isNull(jobs.deletedAt)));
  if (!current) return null;
  const known = await knownOf(
    db,
    job,
    told.map(({ id }) => id),
  );
  const [last] = await db
    .select({ seq: max(entries.seq) })
    .from(entries)
    .where(eq(entries.job, job));
  let seq = last?.seq ?? 0;
  const accepted: { id: string; seq: number }[] = [];
  const refused: { id: string; why: string }[] = [];
  const fresh: (typeof entries.$inferInsert)[] = [];
  for (const one of told) {
    const before = known.get(one.id);
    if (before && before.told !== one.told) {
      refused.push({ id: one.id, why: "there is another entry of this id" });
      continue;
    }
    if (!before) {
      seq++;
      known.set(one.id, { told: one.told, seq });
      fresh.push({ job, id: one.id, seq, told: one.told, entry: one.entry });
    }
    accepted.push({ id: one.id, seq: known.get(one.id)!.seq });
  }
  if (fresh.length > 0) await db.insert(entries).values(fresh);
  await keepNamed(db, job, current.document, told);
  return { accepted, refused };
}

async function knownOf(
  db: Db,
  job: string,
  ids: readonly string[],
): Promise<Map<string, { told: string; seq: number }>> {
  if (ids.length === 0) return new Map();
  const rows = await db
    .select({ id: entries.id, told: entries.told, seq: entries.seq })
    .from(entries)
    .where(and(eq(entries.job, job), inArray(entries.id, [...ids])));
  return new Map(rows.map(({ id, told, seq }) => [id, { told, seq }]));
}

/** The document as it is, where an entry names it. */
async function keepNamed(db: Db, job: string, document: string, told: readonly ToldEntry[]): Promise<void> {
  const sha256 = sha256Of(document);
  if (!told.some((one) => one.document === sha256)) return;
  await db.insert(jobVersions).values({ job, sha256, document }).onConflictDoNothing();
}

export const sha256Of = (text: string): string => createHash("sha256").update(text).digest("hex");
