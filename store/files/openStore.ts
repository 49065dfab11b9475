import { accessSync, constants, existsSync, mkdirSync, renameSync, rmSync } from "node:fs";
import { join, resolve } from "node:path";
import { addDemos } from "./addDemos";
import { backUp, nameOfDay } from "./backups";
import { copyBlank } from "./blankDatabase";
import { takeDataLock, type DataLock } from "./dataLock";
import { syncPath, syncTree } from "./durableFiles";
import type { AttachmentRepository } from "../repositories/attachmentRepository";
import { recordsOf } from "../bundles";
import type { JobRepository } from "../repositories/jobRepository";
import type { JournalRepository } from "../repositories/journalRepository";
import type { Database, OpenDatabase } from "../database";
import { openInThread } from "./openInThread";
import { noRoom, roomIn } from "./room";
import { isDiskFull, reasonOf, StoreProblem } from "../storeProblem";

export interface Store {
  readonly jobs: JobRepository;
  readonly journal: JournalRepository;
  readonly attachments: AttachmentRepository;
  close(): Promise<void>;
}

const backUpEveryMs = 600_000;
/** A deleted job can be brought back for a month. */
const deletedKeptMs = 30 * 86_400_000;

/** Where jobs are kept: JACARANDA_DATA, or `data` beside the program. */
export function dataFolder(): string {
  return resolve(process.env.JACARANDA_DATA || "data");
}

/**
 * Opens the data folder for this process: lock, first initialisation if it is new, backups, migrations, and the demo
 * job when it holds no database yet. Throws a StoreProblem with one sentence when it cannot be used.
 */
export async function openStore(
  folder: string,
  address: string,
  open: OpenDatabase = openInThread,
): Promise<Store> {
  prepareFolder(folder);
  let lock: DataLock | undefined;
  try {
    lock = takeDataLock(folder, address);
    const path = join(folder, "database");
    const openAt = (at: string) => open(at, { folder, claim: lock!.claim });
    if (!existsSync(path)) await initialise(folder, path, openAt);
    else if (!isDatabase(path)) throw new StoreProblem(notADatabase(path));
    const database = await openAt(path);
    try {
      await migrateSafely(folder, database);
    } catch (error) {
      await database.close();
      throw error;
    }
    return keepOpen(folder, lock, database);
  } catch (error) {
    lock?.release();
    throw error instanceof StoreProblem ? error : new StoreProblem(describeFailure(folder, error));
  }
}

function keepOpen(folder: string, lock: DataLock, database: Database): Store {
  const jobs = explaining(database.jobs);
  const [journal, attachments] = [explaining(database.journal), explaining(database.attachments)];
  async function* allJobs() {
    for (const { id, document } of await jobs.list())
      yield { id, job: document, ...(await recordsOf({ journal, attachments }, id)) };
  }
  const backUpToday = () =>
    backUp(folder, nameOfDay(new Date()), allJobs).catch((error: unknown) =>
      console.error(`Today's backup could not be made (${reasonOf(error)}); it is tried again.`),
    );
  void backUpToday();
  jobs
    .purge(new Date(Date.now() - deletedKeptMs))
    .then(() => attachments.sweep(new Date(Date.now() - deletedKeptMs)))
    .catch((error: unknown) =>
      console.error(`Old deleted jobs could not be taken out (${reasonOf(error)}).`),
    );
  const timer = setInterval(() => void backUpToday(), backUpEveryMs);
  timer.unref();
  return {
    jobs,
    journal,
    attachments,
    close: async () => {
      clearInterval(timer);
      // With the folder another's, not even the last checkpoint may be written.
      if (lock.isHeld()) await database.close();
      lock.release();
    },
  };
}

/** Tables as this program wants them; before they change, all jobs are kept as files. */
async function migrateSafely(folder: string, database: Database): Promise<void> {
  const [first] = await database.pending();
  if (first === undefined) return;
  await backUp(folder, `${nameOfDay(new Date())}-before-${first}`, async function* () {
    // Pictures change in no way, and stay where they are.
    for (const { id, document: job, journal } of await database.documents())
      yield { id, job, journal, attachments: new Map() };
  });
  await database.migrate();
}

function prepareFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK | constants.R_OK | constants.X_OK);
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException;
    throw new StoreProblem(
      isDiskFull(error)
        ? describeFailure(folder, error)
        : `The data folder ${folder} cannot be written to (${code}); choose another with JACARANDA_DATA.`,
    );
  }
}

/** Made aside and renamed when whole and on the disk: a loss of power must not leave a database half made. */
async function initialise(
  folder: string,
  path: string,
  open: (at: string) => Promise<Database>,
): Promise<void> {
  const aside = join(folder, "database.new");
  rmSync(aside, { recursive: true, force: true });
  try {
    copyBlank(aside);
    const database = await open(aside);
    try {
      await database.migrate();
      await addDemos(database, new Date());
    } finally {
      await database.close();
    }
    syncTree(aside);
  } catch (error) {
    rmSync(aside, { recursive: true, force: true });
    throw error;
  }
  renameSync(aside, path);
  syncPath(folder);
}

/** Whether a folder holds what PostgreSQL made; a folder without it is something else, or what is left of one. */
const isDatabase = (path: string): boolean => existsSync(join(path, "PG_VERSION"));

const notADatabase = (path: string): string =>
  `${path} is not a whole database (its PG_VERSION is missing), so it was not opened and nothing in it was changed; put back a copy of it, or move it away and start again with --restore and one of the backups beside it.`;

/** Less room than this, and what failed most likely failed for it. */
const leastRoomBytes = 32e6;

function describeFailure(folder: string, error: unknown): string {
  if (isDiskFull(error) || roomIn(folder) < leastRoomBytes) {
    return `There is no room left on the disk of the data folder ${folder}; free some, or choose another folder with JACARANDA_DATA, and start again.`;
  }
  return `The data folder ${folder} could not be opened (${reasonOf(error)}); nothing was removed. Start again, and if it stays so, move its database folder away and start with --restore and one of the backups beside it.`;
}

/** The same repository, whose failures are StoreProblems with a sentence. */
function explaining<Repository extends object>(repository: Repository): Repository {
  type Call = (...args: readonly unknown[]) => Promise<unknown>;
  const explain = async (work: Promise<unknown>): Promise<unknown> => {
    try {
      return await work;
    } catch (error) {
      if (error instanceof StoreProblem) throw error;
      console.error(`The data folder: ${reasonOf(error)}`);
      throw new StoreProblem(
        isDiskFull(error)
          ? noRoom
          : `The data folder could not be used (${reasonOf(error)}); if it stays so, stop the program and start it again, if need be with --restore and one of the backups beside it.`,
      );
    }
  };
  const calls = Object.entries(repository as Record<string, Call>);
  return Object.fromEntries(
    calls.map(([name, call]): [string, Call] => [name, (...args) => explain(call(...args))]),
  ) as Repository;
}
