import type { AttachmentRepository } from "../repositories/attachmentRepository";
import type { Database, Ground } from "../database";
import { noRoomMessage, type DatabaseRequest, type ToldFailure } from "./databaseMessages";
import type { JobRepository } from "../repositories/jobRepository";
import type { JournalRepository } from "../repositories/journalRepository";
import { letReserveGo } from "./room";
import { StoreProblem } from "../storeProblem";
import { ThreadEnded, WatchedThread } from "../watchedThread";

/** Nothing takes the database longer than this, not even 5 MB on a slow disk. */
const limitMs = 20_000;
/** But the first start, which makes a whole one, the way back after a kill, and changes of its tables. */
const openLimitMs = 240_000;
/** Once a write has found no room, PostgreSQL either says so soon or never comes back. */
const hangLimitMs = 1500;
/** After it could not be opened, it is not tried again at every question. */
const restMs = 1000;
const closeLimitMs = 1500;

/** What only looks, or counts once however often it is asked, may be asked again of a fresh thread. */
const looks: ReadonlySet<string> = new Set([
  "list",
  "tiles",
  "read",
  "standing",
  "picture",
  "documents",
  "pending",
  "after",
  "version",
  "append",
  "sumOf",
  "keepSum",
  "keepPicture",
  "pictureOf",
  "there",
]);
/** All that a repository is asked, by its name: one that is left out here does not compile. */
const callsOf = <Repository>(calls: Readonly<Record<keyof Repository, true>>): string[] => Object.keys(calls);

const jobCalls = callsOf<JobRepository>({
  ...{ list: true, tiles: true, read: true, standing: true, create: true, save: true, remove: true },
  ...{ bringBack: true, putAway: true, purge: true, picture: true, keepTile: true },
});
const attachmentCalls = callsOf<AttachmentRepository>({
  ...{ keepPicture: true, pictureOf: true, there: true, erase: true, sweep: true },
});
const journalCalls = callsOf<JournalRepository>({
  ...{ append: true, after: true, version: true, sumOf: true, keepSum: true },
});

/**
 * Opens the PostgreSQL of a folder in a thread of its own, so that a write that never ends holds nobody up: a thread that
 * does not answer is ended, which is what a kill is to PostgreSQL, and the next question opens the folder anew.
 */
export async function openInThread(path: string, ground: Ground): Promise<Database> {
  const thread = new DatabaseThread(path, ground);
  await thread.open();
  const asking = <Repository>(of: "jobs" | "journal" | "attachments", names: readonly string[]) =>
    Object.fromEntries(
      names.map((name) => [name, (...args: unknown[]) => thread.ask({ of, name, args })]),
    ) as Repository;
  return {
    jobs: asking<JobRepository>("jobs", jobCalls),
    journal: asking<JournalRepository>("journal", journalCalls),
    attachments: asking<AttachmentRepository>("attachments", attachmentCalls),
    documents: () => thread.ask({ of: "database", name: "documents" }),
    pending: () => thread.ask({ of: "database", name: "pending" }),
    migrate: () => thread.ask({ of: "database", name: "migrate" }, openLimitMs),
    close: () => thread.close(),
  };
}

class DatabaseThread {
  private readonly thread = new WatchedThread<DatabaseRequest>({
    entry: new URL("./databaseThread.mjs", import.meta.url),
    limitMs,
    hear: (message) => message === noRoomMessage && this.watchForHang(),
  });
  private opening: Promise<unknown> | null = null;
  private failed: { readonly at: number; readonly why: unknown } | null = null;
  private hangTimer: NodeJS.Timeout | undefined;

  constructor(
    private readonly path: string,
    private readonly ground: Ground,
  ) {}

  open(): Promise<unknown> {
    if (this.opening) return this.opening;
    const { failed } = this;
    if (failed && performance.now() - failed.at < restMs) return Promise.reject(failed.why as Error);
    const { path, ground } = this;
    const opening = this.thread
      .ask({ of: "open", path, ground }, openLimitMs)
      .catch(async (error: unknown) => {
        this.opening = null;
        this.failed = { at: performance.now(), why: understood(error) };
        letReserveGo(ground.folder);
        // What is half open must not be asked.
        await this.thread.end(new ThreadEnded("closed", "it could not be opened"));
        throw this.failed.why;
      });
    return (this.opening = opening);
  }

  async ask<Value>(request: Exclude<DatabaseRequest, { of: "open" }>, limit = limitMs): Promise<Value> {
    for (let attempt = 0; ; attempt++) {
      await this.open();
      try {
        return await this.thread.ask<Value>(request, limit);
      } catch (error) {
        if (!(error instanceof ThreadEnded)) throw understood(error);
        this.opening = null;
        if (error.why === "closed") throw new StoreProblem("The program is stopping.");
        console.error(`The data folder: the database was ended (${error.message}) and is opened anew.`);
        if (attempt > 0 || !looks.has(request.name)) throw new StoreProblem(notKnown);
      } finally {
        // Whatever was answered, it does not hang.
        clearTimeout(this.hangTimer);
      }
    }
  }

  async close(): Promise<void> {
    const closed = new ThreadEnded("closed", "it is closed");
    const slow = setTimeout(() => void this.thread.end(closed), closeLimitMs);
    try {
      if (this.opening) await this.thread.ask({ of: "database", name: "close" });
    } catch {
      // As after a kill: the next start brings it to where the last answer said it was.
    }
    clearTimeout(slow);
    await this.thread.end(closed);
  }

  private watchForHang(): void {
    clearTimeout(this.hangTimer);
    this.hangTimer = setTimeout(() => {
      this.opening = null;
      letReserveGo(this.ground.folder);
      void this.thread.end(new ThreadEnded("slow", "a write that found no room did not end"));
    }, hangLimitMs);
    this.hangTimer.unref();
  }
}

const notKnown =
  "The disk did not take it in time, perhaps since there is no room left on it; whether this was saved is not known. Look for room, and try again.";

function understood(error: unknown): unknown {
  if (error === null || typeof error !== "object" || !("isProblem" in error)) return error;
  const { message, isProblem, isDiskFull } = error as ToldFailure;
  if (isProblem) return new StoreProblem(message);
  return Object.assign(new Error(message), isDiskFull ? { code: "ENOSPC" } : {});
}
