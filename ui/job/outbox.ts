import { openDB, type DBSchema, type IDBPDatabase } from "idb";
import { dropLocal, localNames, readLocal, writeLocal } from "./localKept";

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

/** A browser that has not kept something by then is taken for one that keeps nothing, ms. */
const keepWithinMs = 2000;

function inTime<Value>(work: Promise<Value>): Promise<Value> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error("the browser's storage does not answer")), keepWithinMs);
    work.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}

/** What no storage of the browser holds yet, or will not hold: it lives as long as this window. */
const loose = new Map<string, Unsent>();
const keyOf = ({ jobId, page }: Pick<Unsent, "jobId" | "page">): string => `${jobId} ${page}`;

/** What was put aside at once, in the storage that waits for nothing, since the page was about to go. */
const rescuedPrefix = "jacaranda-unsent ";

function rescued(): Unsent[] {
  const texts = localNames()
    .filter((name) => name.startsWith(rescuedPrefix))
    .map(readLocal);
  return texts.flatMap((text) => (text === null ? [] : [JSON.parse(text) as Unsent]));
}

/** Changes of this browser that are not acknowledged yet, by job and page. They outlive the page where the browser keeps anything. */
export const outbox = {
  /** Answers whether a storage that outlives this window has it; where none does, the window itself remembers. */
  async keep(unsent: Unsent): Promise<boolean> {
    const key = keyOf(unsent);
    loose.set(key, unsent);
    try {
      await inTime(open().then((database) => database.put("unsent", unsent)));
    } catch {
      return false;
    }
    if (loose.get(key) === unsent) loose.delete(key);
    return true;
  },
  /** Puts what only this window holds aside without waiting, before it goes; answers whether nothing would be lost with it. */
  rescue(): boolean {
    for (const [key, unsent] of [...loose]) {
      // What does not outlive the window stays loose.
      if (writeLocal(rescuedPrefix + key, JSON.stringify(unsent))) loose.delete(key);
      else dropLocal(rescuedPrefix + key);
    }
    return loose.size === 0;
  },
  /** Whether nothing but this window holds it. */
  isLoose: (unsent: Pick<Unsent, "jobId" | "page">): boolean => loose.has(keyOf(unsent)),
  /** Takes out what a page kept of a job, unless something newer than `text` is kept there by now. */
  async drop(jobId: string, page: string, text?: string): Promise<void> {
    const key = keyOf({ jobId, page });
    const isThat = (kept: Unsent | undefined) => kept && (text === undefined || kept.text === text);
    if (isThat(loose.get(key))) loose.delete(key);
    if (isThat(rescued().find((one) => keyOf(one) === key))) dropLocal(rescuedPrefix + key);
    const transaction = (await inTime(open())).transaction("unsent", "readwrite");
    if (isThat(await transaction.store.get([jobId, page]))) await transaction.store.delete([jobId, page]);
    await transaction.done;
  },
  /** What pages that are gone have left, the latest first: of one job, or of all. */
  async orphans(jobId?: string): Promise<Unsent[]> {
    const living = await livingPages();
    // What one storage does not tell, another may.
    const all = [...(await keptIn(jobId).catch(() => [])), ...rescued(), ...loose.values()].sort(
      (a, b) => b.at - a.at,
    );
    const newest = new Map<string, Unsent>();
    for (const unsent of all) if (!newest.has(keyOf(unsent))) newest.set(keyOf(unsent), unsent);
    return [...newest.values()].filter(
      ({ page, jobId: of }) => !living.has(page) && (jobId === undefined || of === jobId),
    );
  },
};

async function keptIn(jobId: string | undefined): Promise<Unsent[]> {
  const database = await inTime(open());
  return jobId === undefined ? database.getAll("unsent") : database.getAllFromIndex("unsent", "byJob", jobId);
}

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
