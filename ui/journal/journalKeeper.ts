import { monotonicFactory } from "ulid";
import { readEntry, readJournal } from "@/core/journal/entry";
import { entryFormat } from "@/core/journal/entryFormat";
import { fold } from "@/core/journal/fold";
import { deviceName } from "./deviceName";
import { entryBox } from "./entryBox";
import { sendEntries } from "./entrySender";
import type { JournalState, JournalStore, Telling } from "./journalState";
import { momentOf } from "./momentOf";
import { useTeller } from "./useTeller";
import { hearNews, spread, type News } from "./wire";

/** Told at the same moment, things still stand in the order in which they were told. */
const nextId = monotonicFactory();

const addressOf = (job: string, after: number) =>
  `/api/jobs/${encodeURIComponent(job)}/journal?after=${after}`;

const withHappened = <Part extends Pick<JournalState, "entries" | "lines">>(part: Part) => ({
  ...part,
  happened: fold(part.entries),
});

/** The journal of an open job: what is told here is kept in this browser first, counts at once, and is sent as soon as the program takes it. */
export function keepJournal(job: string, store: JournalStore) {
  const hear = (lines: readonly string[], more: Partial<JournalState> = {}) => {
    const read = lines.flatMap((line) => readJournal(line).entries.map((entry) => ({ line, entry })));
    store.setState((before) => ({
      ...(read.length > 0 &&
        withHappened({
          entries: [...before.entries, ...read.map(({ entry }) => entry)],
          lines: [...before.lines, ...read.map(({ line }) => line)],
        })),
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
            ...withHappened({ entries: entries.filter(isOther), lines: lines.filter(isOther) }),
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
    now: () => momentOf(new Date()),
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
