import { integer, pgTable, text, timestamp } from "drizzle-orm/pg-core";

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
