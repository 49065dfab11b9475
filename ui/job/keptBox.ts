import { openDB, type IDBPDatabase } from "idb";
import { dropLocal, localNames, readLocal, writeLocal } from "./localKept";

const databaseName = "jacaranda";
/** What this browser keeps until the program has it, and by what one of each is known. */
const stores = {
  /** Changed documents, by job and page. */
  unsent: { keyPath: ["jobId", "page"], since: 1 },
  /** Entries of journals. */
  entries: { keyPath: ["job", "id"], since: 2 },
  /** Pictures that entries name. */
  pictures: { keyPath: ["sha256"], since: 3 },
} as const;
type StoreName = keyof typeof stores;
const newest = Math.max(...Object.values(stores).map(({ since }) => since));

let opened: Promise<IDBPDatabase> | null = null;

/** Never throws by itself: a browser may refuse to hear of its storage at all. */
async function open(): Promise<IDBPDatabase> {
  opened ??= openDB(databaseName, newest, {
    upgrade(database, before) {
      for (const [name, { keyPath, since }] of Object.entries(stores))
        if (since > before) database.createObjectStore(name, { keyPath: [...keyPath] });
    },
    // Another window brings a newer program: it must not wait for this one.
    blocking(_, __, event) {
      (event.target as IDBDatabase).close();
      opened = null;
    },
    terminated() {
      opened = null;
    },
  });
  const own = opened;
  own.catch(() => (opened = null));
  return own;
}

/** A browser that has not kept something by then is taken for one that keeps nothing, ms. */
const keepWithinMs = 2000;

function inTime<Value>(work: Promise<Value>): Promise<Value> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new Error("the browser's storage does not answer")), keepWithinMs);
    work.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}

/** Things that outlive the page where the browser keeps anything, until they are taken out. */
export interface KeptBox<Item> {
  /** Answers whether a storage that outlives this window has it; where none does, the window itself remembers. */
  keep(item: Item): Promise<boolean>;
  /** Puts what only this window holds aside without waiting, before it goes; answers whether nothing would be lost with it. */
  rescue(): boolean;
  /** Whether nothing but this window holds it. */
  isLoose(key: readonly string[]): boolean;
  /** Takes one out, unless what is kept there by now is not the one that is meant. */
  drop(key: readonly string[], isMeant?: (kept: Item) => boolean): Promise<void>;
  /** Each once, as it was kept last, whichever storage tells of it. */
  all(): Promise<Item[]>;
}

export function keptBox<Item extends { readonly at: number }>(store: StoreName): KeptBox<Item> {
  const keyOf = (item: Item): string[] =>
    stores[store].keyPath.map((part) => (item as unknown as Record<string, string>)[part]!);
  const named = (key: readonly string[]): string => key.join(" ");
  /** What no storage of the browser holds yet, or will not hold: it lives as long as this window. */
  const loose = new Map<string, Item>();
  /** What was put aside at once, in the storage that waits for nothing, since the page was about to go. */
  const rescuedPrefix = `jacaranda-${store} `;
  const rescued = (): Item[] =>
    localNames()
      .filter((name) => name.startsWith(rescuedPrefix))
      .flatMap((name) => {
        const text = readLocal(name);
        return text === null ? [] : [JSON.parse(text) as Item];
      });
  return {
    async keep(item) {
      const key = named(keyOf(item));
      loose.set(key, item);
      try {
        await inTime(open().then((database) => database.put(store, item)));
      } catch {
        return false;
      }
      if (loose.get(key) === item) loose.delete(key);
      return true;
    },
    rescue() {
      for (const [key, item] of [...loose]) {
        // What does not outlive the window stays loose.
        if (writeLocal(rescuedPrefix + key, JSON.stringify(item))) loose.delete(key);
        else dropLocal(rescuedPrefix + key);
      }
      return loose.size === 0;
    },
    isLoose: (key) => loose.has(named(key)),
    async drop(key, isMeant = () => true) {
      const name = named(key);
      const isThat = (kept: Item | undefined) => kept !== undefined && isMeant(kept);
      if (isThat(loose.get(name))) loose.delete(name);
      if (isThat(rescued().find((one) => named(keyOf(one)) === name))) dropLocal(rescuedPrefix + name);
      const transaction = (await inTime(open())).transaction(store, "readwrite");
      if (isThat((await transaction.store.get([...key])) as Item | undefined))
        await transaction.store.delete([...key]);
      await transaction.done;
    },
    async all() {
      // What one storage does not tell, another may.
      const kept = await inTime(open().then((database) => database.getAll(store) as Promise<Item[]>)).catch(
        () => [],
      );
      const newest = new Map<string, Item>();
      for (const item of [...kept, ...rescued(), ...loose.values()].sort((a, b) => b.at - a.at)) {
        const key = named(keyOf(item));
        if (!newest.has(key)) newest.set(key, item);
      }
      return [...newest.values()];
    },
  };
}
