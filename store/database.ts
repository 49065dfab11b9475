import type { AttachmentRepository } from "./repositories/attachmentRepository";
import type { JobRepository } from "./repositories/jobRepository";
import type { JournalRepository } from "./repositories/journalRepository";

/**
 * A PostgreSQL with our tables, wherever it runs: embedded on a folder, in this thread (`openPglite`) or in one of its own
 * (`openInThread`), or one day a server that several painters share. All that is kept goes through it.
 */
export interface Database {
  readonly jobs: JobRepository;
  readonly journal: JournalRepository;
  readonly attachments: AttachmentRepository;
  /** Every document that the table holds with its journal, whatever the columns beside them are: also before they are as this program wants them. */
  documents(): Promise<Written[]>;
  /** Migrations that are not in yet, by their tags; empty when the tables are as this program wants them. Throws for tables of a newer program. */
  pending(): Promise<string[]>;
  migrate(): Promise<void>;
  close(): Promise<void>;
}

/** A job's document, and what happened on it, one entry a line. */
export interface Written {
  readonly id: string;
  readonly document: string;
  readonly journal: string;
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
