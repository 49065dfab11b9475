import { and, eq, inArray, lt, sql } from "drizzle-orm";
import type { PgDatabase, PgQueryResultHKT } from "drizzle-orm/pg-core";
import { attachments } from "./tables";
import type { WriteQueue } from "./writeQueue";

export interface AttachmentRepository {
  /** Keeps the bytes of a picture under their SHA-256; those that are there already are the same. */
  keepPicture(sha256: string, bytes: Uint8Array): Promise<void>;
  pictureOf(sha256: string): Promise<Uint8Array | null>;
  /** Which of them are there. */
  there(sha256: readonly string[]): Promise<string[]>;
  /** Takes a picture out for good; answers whether there was one. */
  erase(sha256: string): Promise<boolean>;
  /** Takes out those of before a moment that no entry names. */
  sweep(before: Date): Promise<number>;
}

type Db = PgDatabase<PgQueryResultHKT>;

export function buildAttachmentRepository(db: Db, writes: WriteQueue): AttachmentRepository {
  return {
    keepPicture: (sha256, bytes) =>
      writes.add(async (transaction) => {
        await transaction.insert(attachments).values({ sha256, bytes }).onConflictDoNothing();
      }, bytes.length),
    pictureOf: async (sha256) =>
      (
        await db.select({ bytes: attachments.bytes }).from(attachments).where(eq(attachments.sha256, sha256))
      )[0]?.bytes ?? null,
    there: async (wanted) =>
      wanted.length === 0
        ? []
        : (
            await db
              .select({ sha256: attachments.sha256 })
              .from(attachments)
              .where(inArray(attachments.sha256, [...wanted]))
          ).map(({ sha256 }) => sha256),
    erase: (sha256) =>
      writes.add(async (transaction) => {
        const gone = await transaction
          .delete(attachments)
          .where(eq(attachments.sha256, sha256))
          .returning({ sha256: attachments.sha256 });
        return gone.length > 0;
      }),
    sweep: (before) =>
      writes.add(async (transaction) => {
        // In one look through all entries, however many pictures there are.
        const named = sql`select (regexp_matches(entry, '"sha256":"([0-9a-f]{64})"', 'g'))[1] from entries where entry like '%"sha256"%'`;
        const gone = await transaction
          .delete(attachments)
          .where(and(lt(attachments.createdAt, before), sql`${attachments.sha256} not in (${named})`))
          .returning({ sha256: attachments.sha256 });
        return gone.length;
      }),
  };
}
