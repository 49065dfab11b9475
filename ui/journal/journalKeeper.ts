import { monotonicFactory } from "ulid";
import { readEntry, readJournal } from "@/core/journal/entry";
import { entryFormat } from "@/core/journal/entryFormat";
import { fold, isFoldable } from "@/core/journal/fold";
import { isSum, readSum } from "@/core/journal/sum";
import { deviceName } from "./deviceName";
import { entryBox } from "./entryBox";
import { sendEntries } from "./entrySender";
import { clockMs, type JournalState, type JournalStore, type Telling } from "./journalState";
import { momentOf } from "./momentOf";
import { useTeller } from "./useTeller";
import { hearNews, spread, type News } from "./wire";

/** Told at the same moment, things still stand in the order in which they were told. */
const nextId = monotonicFactory();

const addressOf = (job: string, after: number, mayBeSummed: boolean) =>
  `/api/jobs/${encodeURIComponent(job)}/journal?after=${after}${mayBeSummed ? "&sum=yes" : ""}`;

type Known = Pick<JournalState, "sum" | "entries" | "lines">;

const withHappened = <Part extends Known>(part: Part) => ({
  ...part,
  happened: fold(part.entries, part.sum),
});

interface Page {
  readonly entries: readonly { readonly seq: number; readonly entry: unknown }[];
  readonly isAll: boolean;
  readonly sum?: string;
  readonly seq?: number;
}

interface Fetched {
  readonly sum: string | null;
  readonly lines: readonly string[];
  readonly seq: number;
}

/** The journal of an open job: what is told here is kept in this browser first, counts at once, and is sent as soon as the program takes it. */
export function keepJournal(job: string, store: JournalStore) {
  const hear = (lines: readonly string[], more: Partial<JournalState> = {}) => {
    const read = lines.flatMap((line) => readJournal(line).entries.map((entry) => ({ line, entry })));
    const { entries, sum } = store.getState();
    // What is of a moment before, or takes back what is in the sum, counts once all entries are here.
    if (!isFoldable([...entries, ...read.map(({ entry }) => entry)], sum)) void pullWhole();
    store.setState((before) => ({
      ...(read.length > 0 &&
        withHappened({
          sum: before.sum,
          entries: [...before.entries, ...read.map(({ entry }) => entry)],
          lines: [...before.lines, ...read.map(({ line }) => line)],
        })),
      ...more,
    }));
  };
  /** How it stood when one began to practise. */
  let real: JournalState | null = null;
  const heard = (news: News) => {
    // What comes while one practises is had again after that.
    if (news.job !== job || real) return;
    const { waiting, refused } = store.getState();
    switch (news.kind) {
      case "told": {
        const ids = readJournal(news.lines.join("\n")).entries.map(({ id }) => id);
        return hear(news.lines, { waiting: new Set([...waiting, ...ids]) });
      }
      case "accepted":
        return store.setState({ waiting: new Set([...waiting].filter((id) => !news.ids.includes(id))) });
      case "refused":
        return store.setState(({ sum, entries, lines }) => {
          const isOther = ({ id }: { readonly id: string }) => id !== news.id;
          const before = sum ? 1 : 0;
          return {
            waiting: new Set([...waiting].filter((id) => id !== news.id)),
            refused: new Map([...refused, [news.id, news.why]]),
            ...withHappened({
              sum,
              entries: entries.filter(isOther),
              lines: lines.filter((_, place) => place < before || isOther(entries[place - before]!)),
            }),
          };
        });
      default:
        return news satisfies never;
    }
  };
  let isOpen = true;
  let pulling: Promise<void> | null = null;
  /** All that the data folder has after an entry, page after page; null where it cannot be had just now. */
  const fetchAfter = async (after: number, mayBeSummed: boolean): Promise<Fetched | null> => {
    const lines: string[] = [];
    for (let sum: string | null = null, seq = after; ;) {
      const response = await fetch(addressOf(job, seq, mayBeSummed), { cache: "no-store" });
      if (!response.ok || !isOpen) return null;
      const page = (await response.json()) as Page;
      if (page.sum !== undefined && isSum(page.sum)) [sum, seq] = [page.sum, page.seq!];
      lines.push(...page.entries.map(({ entry }) => JSON.stringify(entry)));
      seq = page.entries.at(-1)?.seq ?? seq;
      if (page.isAll) return { sum, lines, seq };
    }
  };
  const withoutThose = (lines: readonly string[]): ReadonlySet<string> => {
    const there = new Set(lines.map((line) => (JSON.parse(line) as { readonly id: string }).id));
    return new Set([...store.getState().waiting].filter((id) => !there.has(id)));
  };
  const pullAll = async () => {
    const news = await fetchAfter(store.getState().seq, true);
    if (!news) return;
    const { sum, lines, seq } = news;
    if (sum !== null)
      store.setState((own) => withHappened({ ...own, sum: readSum(sum), lines: [sum, ...own.lines] }));
    hear(lines, { seq, waiting: withoutThose(lines) });
  };
  let whole: Promise<void> | null = null;
  const fetchWhole = async () => {
    await pulling;
    const all = store.getState().sum && (await fetchAfter(0, false));
    if (!all) return;
    const waiting = withoutThose(all.lines);
    const { sum, entries, lines } = store.getState();
    // What waits here is not in the data folder yet.
    const own = lines.slice(sum ? 1 : 0).filter((_, place) => waiting.has(entries[place]!.id));
    const read = [...all.lines, ...own].flatMap((line) =>
      readJournal(line).entries.map((entry) => ({ line, entry })),
    );
    store.setState({
      ...{ waiting, seq: all.seq },
      ...withHappened({
        sum: null,
        entries: read.map(({ entry }) => entry),
        lines: read.map(({ line }) => line),
      }),
    });
  };
  const pullWhole = (): Promise<void> =>
    (whole ??= fetchWhole()
      .catch(() => undefined)
      .finally(() => (whole = null)));
  /** What this browser still has of it. */
  const takeUpKept = async () => {
    const all = await entryBox.all();
    const own = all.filter((entry) => entry.job === job);
    const open = own.filter(({ refused }) => refused === undefined);
    if (open.length > 0) heard({ kind: "told", job, lines: open.map(({ line }) => line) });
    for (const { id, refused } of own)
      if (refused !== undefined) heard({ kind: "refused", job, id, why: refused });
  };
  const pull = (): Promise<void> => {
    if (real) return Promise.resolve();
    pulling ??= pullAll()
      .catch(() => undefined)
      .finally(() => (pulling = null));
    return pulling;
  };
  return {
    pullWhole,
    now: () => momentOf(new Date(clockMs(store.getState()))),
    practise(from: number, speed: number): void {
      real ??= store.getState();
      store.setState({ practice: { since: Date.now(), from, speed } });
    },
    endPractice(): void {
      if (!real) return;
      const before = real;
      real = null;
      // What waited may have been sent meanwhile: what still waits is known of what is kept.
      store.setState({ ...before, practice: null, waiting: new Set() });
      void takeUpKept().then(pull);
    },
    /** Takes up what this browser still has of it, and hears what other pages tell; answers how to end it. */
    enter() {
      isOpen = true;
      const stop = hearNews(heard);
      void takeUpKept();
      return () => {
        isOpen = false;
        stop();
      };
    },
    /** Hears what the data folder has beside what is known; one that cannot be had just now is had later. */
    pull,
    /** Tells things in their order; answers their ids. Throws for what is no entry. */
    tell(tellings: readonly Telling[]): string[] {
      const now = clockMs(store.getState());
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
      if (real) {
        hear(written.map(({ line }) => line));
        return written.map(({ id }) => id);
      }
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
