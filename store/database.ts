import type { JobRepository } from "./jobRepository";
import type { JournalRepository } from "./journalRepository";

/**
 * A PostgreSQL with our tables, wherever it runs: embedded on a folder, in this thread (`openPglite`) or in one of its own
 * (`openInThread`), or one day a server that several painters share. All that is kept goes through it.
 */
export interface Database {
  readonly jobs: JobRepository;
  readonly journal: JournalRepository;
  /** Every document that the table holds, whatever the columns beside it are: also before they are as this program wants them. */
  documents(): Promise<{ id: string; document: string }[]>;
  /** Migrations that are not in yet, by their tags; empty when the tables are as this program wants them. Throws for tables of a newer program. */
  pending(): Promise<string[]>;
  migrate(): Promise<void>;
  close(): Promise<void>;
}

/** What must hold before anything is written: the claim on the data folder, and room on its disk. */
export interface Ground {
  /** The data folder, in which the database's own folder lies. */
  readonly folder: string;
  /** The file that says whose the folder is, and what must stand in it. */
  readonly claim: { readonly path: string; readonly token: string };
}

/** How a database is opened on a folder that is this process's alone. */
export type OpenDatabase = (path: string, ground: Ground) => Promise<Database>;
