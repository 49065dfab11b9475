import { openDB, type DBSchema, type IDBPDatabase } from "idb";

/** A change that the data folder has not acknowledged: the whole document, and the version it was made from. */
export interface Unsent {
  readonly jobId: string;
  /** The page that made it; it sends it itself for as long as it lives. */
  readonly page: string;
  readonly name: string;
  readonly version: number;
  /** The document's text, as it is to be sent. */
  readonly text: string;
  /** Texts sent before it whose answer has not come: the data folder may have taken one of them as its newest. */
  readonly sent: readonly string[];
  /** ms since 1970. */
  readonly at: number;
}

interface Schema extends DBSchema {
  unsent: { key: [string, string]; value: Unsent; indexes: { byJob: string } };
}

const databaseName = "jacaranda";
let opened: Promise<IDBPDatabase<Schema>> | null = null;

function open(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>(databaseName, 1, {
    upgrade(database) {
      database.createObjectStore("unsent", { keyPath: ["jobId", "page"] }).createIndex("byJob", "jobId");
    },
    terminated() {
      opened = null;
    },
  });
  opened.catch(() => (opened = null));
  return opened;
}

/** Changes of this browser that are not acknowledged yet, by job and page. They outlive the page. */
export const outbox = {
  async keep(unsent: Unsent): Promise<void> {
    await (await open()).put("unsent", unsent);
  },
  /** Takes out what a page kept of a job, unless something newer than `text` is kept there by now. */
  async drop(jobId: string, page: string, text?: string): Promise<void> {
    const transaction = (await open()).transaction("unsent", "readwrite");
    const kept = await transaction.store.get([jobId, page]);
    if (kept && (text === undefined || kept.text === text)) await transaction.store.delete([jobId, page]);
    await transaction.done;
  },
  /** What pages that are gone have left, the latest first: of one job, or of all. */
  async orphans(jobId?: string): Promise<Unsent[]> {
    const database = await open();
    const kept =
      jobId === undefined
        ? await database.getAll("unsent")
        : await database.getAllFromIndex("unsent", "byJob", jobId);
    const living = await livingPages();
    return kept.filter(({ page }) => !living.has(page)).sort((a, b) => b.at - a.at);
  },
};

const lockPrefix = "jacaranda-page-";

/** An open job on a page, by a name of its own. */
export interface OpenPage {
  readonly name: string;
  leave(): void;
}

/** Enters a page: it counts as living until it leaves, or ends in whatever way, since a browser lock goes with it. */
export function enterPage(): OpenPage {
  const name = crypto.randomUUID();
  let leave = () => undefined as void;
  const left = new Promise<void>((resolve) => (leave = resolve));
  void navigator.locks?.request(lockPrefix + name, () => left);
  return { name, leave };
}

async function livingPages(): Promise<Set<string>> {
  const { held = [], pending = [] } = (await navigator.locks?.query()) ?? {};
  return new Set(
    [...held, ...pending].flatMap(({ name }) =>
      name?.startsWith(lockPrefix) ? [name.slice(lockPrefix.length)] : [],
    ),
  );
}
