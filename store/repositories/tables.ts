import { customType, integer, pgTable, primaryKey, text, timestamp, uniqueIndex } from "drizzle-orm/pg-core";

const moment = (name: string) => timestamp(name, { withTimezone: true });

/**
 * Jobs, each with its document as written: parsing happens on the way into the plan, plans are never stored. What the list
 * of jobs shows of one is kept beside it, as it was worked out for `tileVersion`.
 */
export const jobs = pgTable("jobs", {
  id: text("id").primaryKey(),
  name: text("name").notNull(),
  document: text("document").notNull(),
  version: integer("version").notNull(),
  /** By what the asking that made it is known, where whoever asked told: asked again, it makes nothing more. */
  askedBy: text("asked_by").unique(),
  createdAt: moment("created_at").notNull().defaultNow(),
  updatedAt: moment("updated_at").notNull().defaultNow(),
  /** Finished with for now: out of the way, and nothing else. */
  putAwayAt: moment("put_away_at"),
  /** Taken away, to be brought back for some weeks. */
  deletedAt: moment("deleted_at"),
  figures: text("figures"),
  picture: text("picture"),
  tileVersion: integer("tile_version"),
});

export type JobRow = typeof jobs.$inferSelect;

/**
 * What happened on each job, entry by entry, never changed: as it was told, by which a repeated one is known, and as it counts,
 * with a wrong clock put right. `seq` counts each journal's entries in the order in which they came.
 */
export const entries = pgTable(
  "entries",
  {
    job: text("job").notNull(),
    id: text("id").notNull(),
    seq: integer("seq").notNull(),
    told: text("told").notNull(),
    entry: text("entry").notNull(),
    acceptedAt: moment("accepted_at").notNull().defaultNow(),
  },
  ({ job, id, seq }) => [primaryKey({ columns: [job, id] }), uniqueIndex("entries_in_turn").on(job, seq)],
);

/** What the first entries of a long journal came to, up to which one: a line that its text may begin with. Made anew whenever it is gone. */
export const journalSums = pgTable("journal_sums", {
  job: text("job").primaryKey(),
  seq: integer("seq").notNull(),
  sum: text("sum").notNull(),
});

/** Documents as they were when entries that name them were told. */
export const jobVersions = pgTable(
  "job_versions",
  {
    job: text("job").notNull(),
    sha256: text("sha256").notNull(),
    document: text("document").notNull(),
  },
  ({ job, sha256 }) => [primaryKey({ columns: [job, sha256] })],
);

const bytea = customType<{ data: Uint8Array; driverData: Uint8Array }>({ dataType: () => "bytea" });

/** Pictures that entries name, by the SHA-256 of their bytes. */
export const attachments = pgTable("attachments", {
  sha256: text("sha256").primaryKey(),
  bytes: bytea("bytes").notNull(),
  createdAt: moment("created_at").notNull().defaultNow(),
});
