import { format } from "date-fns";
import { monotonicFactory } from "ulid";
import { createStore } from "zustand";
import { entryFormat, readEntry, readJournal, type Entry } from "@/core/journal/entry";
import { fold } from "@/core/journal/fold";
import type { Happened } from "@/core/journal/happened";
import { entryBox } from "./entryBox";
import { sendEntries } from "./entrySender";
import { deviceName } from "./deviceName";
import { useTeller } from "./useTeller";
import { hearNews, spread, type News } from "./wire";

/** Told at the same moment, things still stand in the order in which they were told. */
const nextId = monotonicFactory();
/** Now, by the clock here. */
export const momentNow = (): string => momentOf(new Date());
const momentOf = (date: Date): string => format(date, "yyyy-MM-dd'T'HH:mm:ss.SSSxxx");

/** What happened on an open job, as far as this page has heard of it. */
export interface JournalState {
  /** As they were heard, ever more: one that is heard again counts as it was heard last. */
  readonly entries: readonly Entry[];
  /** The same as they are written, one by one. */
  readonly lines: readonly string[];
  /** Up to which of the data folder's entries all are known. */
  readonly seq: number;
  /** Told in this browser, and not acknowledged yet. */
  readonly waiting: ReadonlySet<string>;
  /** Told in this browser, and refused. */
  readonly refused: ReadonlyMap<string, string>;
  /** Whether this browser keeps what is waiting. */
  readonly isKept: boolean;
}

/** Something to be told: its kind and what belongs to it; of another moment or another hand where it says so. */
export interface Telling {
  readonly kind: string;
  readonly payload: object;
  readonly at?: Date;
  readonly by?: string;
}

const folded = new WeakMap<readonly Entry[], Happened>();

/** What it all comes to. */
export function happenedOf({ entries }: Pick<JournalState, "entries">): Happened {
  const before = folded.get(entries);
  if (before) return before;
  const happened = fold(entries);
  folded.set(entries, happened);
  return happened;
}

const addressOf = (job: string, after: number) =>
  `/api/jobs/${encodeURIComponent(job)}/journal?after=${after}`;

/** The journal of an open job: what is told here is kept in this browser first, counts at once, and is sent as soon as the program takes it. */
export function openJournal(job: string) {
  const store = createStore<JournalState>(() => ({
    entries: [],
    lines: [],
    seq: 0,
    waiting: new Set(),
    refused: new Map(),
    isKept: true,
  }));
  const hear = (lines: readonly string[], more: Partial<JournalState> = {}) => {
    const read = lines.flatMap((line) => readJournal(line).entries.map((entry) => ({ line, entry })));
    store.setState((before) => ({
      ...(read.length > 0 && {
        entries: [...before.entries, ...read.map(({ entry }) => entry)],
        lines: [...before.lines, ...read.map(({ line }) => line)],
      }),
      ...more,
    }));
  };
  const heard = (news: News) => {
    if (news.job !== job) return;
    const { waiting, refused } = store.getState();
    switch (news.kind) {
      case "told": {
        const ids = readJournal(news.lines.join("\n")).entries.map(({ id }) => id);
        return hear(news.lines, { waiting: new Set([...waiting, ...ids]) });
      }
      case "accepted":
        return store.setState({ waiting: new Set([...waiting].filter((id) => !news.ids.includes(id))) });
      case "refused":
        return store.setState(({ entries, lines }) => {
          const isOther = (_: unknown, place: number) => entries[place]!.id !== news.id;
          return {
            waiting: new Set([...waiting].filter((id) => id !== news.id)),
            refused: new Map([...refused, [news.id, news.why]]),
            entries: entries.filter(isOther),
            lines: lines.filter(isOther),
          };
        });
      default:
        return news satisfies never;
    }
  };
  let isOpen = true;
  let pulling: Promise<void> | null = null;
  const pullAll = async () => {
    for (;;) {
      const response = await fetch(addressOf(job, store.getState().seq), { cache: "no-store" });
      if (!response.ok || !isOpen) return;
      const { entries, isAll } = (await response.json()) as {
        entries: { seq: number; entry: unknown }[];
        isAll: boolean;
      };
      const last = entries.at(-1);
      if (last) {
        const there = new Set(entries.map(({ entry }) => (entry as { readonly id: string }).id));
        hear(
          entries.map(({ entry }) => JSON.stringify(entry)),
          { seq: last.seq, waiting: new Set([...store.getState().waiting].filter((id) => !there.has(id))) },
        );
      }
      if (isAll) return;
    }
  };
  return {
    job,
    store,
    /** Takes up what this browser still has of it, and hears what other pages tell; answers how to end it. */
    enter() {
      isOpen = true;
      const stop = hearNews(heard);
      void entryBox.all().then((all) => {
        const own = all.filter((entry) => entry.job === job);
        const open = own.filter(({ refused }) => refused === undefined);
        if (open.length > 0) heard({ kind: "told", job, lines: open.map(({ line }) => line) });
        for (const { id, refused } of own)
          if (refused !== undefined) heard({ kind: "refused", job, id, why: refused });
      });
      return () => {
        isOpen = false;
        stop();
      };
    },
    /** Hears what the data folder has beside what is known; one that cannot be had just now is had later. */
    pull(): Promise<void> {
      pulling ??= pullAll()
        .catch(() => undefined)
        .finally(() => (pulling = null));
      return pulling;
    },
    /** Tells things in their order; answers their ids. Throws for what is no entry. */
    tell(tellings: readonly Telling[]): string[] {
      const now = Date.now();
      const written = tellings.map(({ kind, payload, at, by }) => {
        const entry = {
          format: entryFormat,
          id: nextId(),
          job,
          at: momentOf(at ?? new Date(now)),
          by: by ?? useTeller.getState().name,
          device: deviceName(),
          kind,
          ...payload,
        };
        const read = readEntry(entry);
        if (!read.ok) throw new Error(read.problems.map(({ path, message }) => `${path}: ${message}`).join());
        return { job, id: entry.id, line: JSON.stringify(entry), at: now };
      });
      spread({ kind: "told", job, lines: written.map(({ line }) => line) });
      void Promise.all(written.map((entry) => entryBox.keep(entry))).then((kept) => {
        store.setState({ isKept: kept.every(Boolean) });
        return sendEntries();
      });
      return written.map(({ id }) => id);
    },
    /** Lets an entry go that was refused. */
    forget(id: string): void {
      void entryBox.drop(job, id).catch(() => undefined);
      store.setState(({ refused }) => ({ refused: new Map([...refused].filter(([own]) => own !== id)) }));
    },
  };
}

export type Journal = ReturnType<typeof openJournal>;
