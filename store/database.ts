import type { PgDatabase, PgQueryResultHKT } from "drizzle-orm/pg-core";

/**
 * A PostgreSQL with our tables, wherever it runs: embedded on a folder of this process (`openPglite`), or one day a server that several
 * painters share. All that is kept goes through it.
 */
export interface Database {
  readonly db: PgDatabase<PgQueryResultHKT>;
  /** Migrations that are not in yet, by their tags; empty when the tables are as this program wants them. */
  pending(): Promise<string[]>;
  migrate(): Promise<void>;
  close(): Promise<void>;
}
