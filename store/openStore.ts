import { accessSync, constants, existsSync, mkdirSync, readFileSync, renameSync, rmSync } from "node:fs";
import { join, resolve } from "node:path";
import { PGlite } from "@electric-sql/pglite";
import { drizzle } from "drizzle-orm/pglite";
import { migrate } from "drizzle-orm/pglite/migrator";
import { StoreProblem, takeDataLock } from "./dataLock";
import { buildJobRepository, type JobRepository } from "./jobRepository";

export interface Store {
  readonly jobs: JobRepository;
  close(): Promise<void>;
}

const migrationsFolder = join(process.cwd(), "store", "migrations");
const demoFile = join(process.cwd(), "docs", "examples", "ferry-landing.json");

/** Where jobs are kept: JACARANDA_DATA, or `data` beside the program. */
export function dataFolder(): string {
  return resolve(process.env.JACARANDA_DATA || "data");
}

/**
 * Opens the data folder for this process: lock, first initialisation if it is new, migrations, and the demo
 * job when it holds no database yet. Throws a StoreProblem with one sentence when it cannot be used.
 */
export async function openStore(folder: string, address: string): Promise<Store> {
  prepareFolder(folder);
  const release = takeDataLock(folder, address);
  const database = join(folder, "database");
  try {
    if (!existsSync(database)) await initialise(folder, database);
    const { client, jobs } = await openDatabase(database);
    return {
      jobs,
      close: async () => {
        await client.close();
        release();
      },
    };
  } catch (error) {
    release();
    if (error instanceof StoreProblem) throw error;
    throw new StoreProblem(`The data folder ${folder} could not be opened: ${firstLine(error)}.`);
  }
}

async function openDatabase(path: string): Promise<{ client: PGlite; jobs: JobRepository }> {
  const client = await PGlite.create(path);
  const db = drizzle(client);
  await migrate(db, { migrationsFolder });
  return { client, jobs: buildJobRepository(db) };
}

function prepareFolder(folder: string): void {
  try {
    mkdirSync(folder, { recursive: true });
    accessSync(folder, constants.W_OK | constants.R_OK | constants.X_OK);
  } catch (error) {
    throw new StoreProblem(
      `The data folder ${folder} cannot be written to (${(error as NodeJS.ErrnoException).code}).`,
    );
  }
}

/** Made aside and renamed when whole: a kill during the first start must not leave a database half made. */
async function initialise(folder: string, database: string): Promise<void> {
  const aside = join(folder, "database.new");
  rmSync(aside, { recursive: true, force: true });
  const { client, jobs } = await openDatabase(aside);
  await jobs.create(readFileSync(demoFile, "utf8"));
  await client.close();
  renameSync(aside, database);
}

function firstLine(error: unknown): string {
  return (error instanceof Error ? error.message : String(error)).split("\n")[0]!.replace(/\.$/, "");
}
