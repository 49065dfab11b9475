import { createStore } from "zustand";
import { entryBox } from "./entryBox";
import type { keepJournal } from "./journalKeeper";
import { nothingHappened } from "@/core/journal/happened";
import type { JournalState, JournalStore, Telling } from "./journalState";

type Keep = typeof keepJournal;
type Keeper = ReturnType<Keep>;
let provided: Keep | null = null;

/** A page on which things are told brings what keeps them. */
export const provideKeeper = (keep: Keep): void => void (provided = keep);

/** A page that nothing happens on need not know how journals are kept until it has rested for long, ms. */
const restMs = 12_000;

/**
 * The journal of an open job. How one is kept, told and heard comes with its first entry, or when the page rests
 * (journalKeeper.ts): most pages only show. `hasBegun`: whether the data folder has any of it.
 */
export function openJournal(job: string, hasBegun = false) {
  const store: JournalStore = createStore<JournalState>(() => ({
    sum: null,
    entries: [],
    lines: [],
    seq: 0,
    waiting: new Set(),
    refused: new Map(),
    isKept: true,
    practice: null,
    happened: nothingHappened,
  }));
  let kept: Keeper | null = null;
  let coming: Promise<Keeper> | null = null;
  /** At once on a page that brings it. */
  const now = (): Keeper | null => (kept ??= provided && provided(job, store));
  const keeper = (): Promise<Keeper> => {
    const own = now();
    if (own) return Promise.resolve(own);
    coming ??= import("./journalKeeper").then(({ keepJournal: keep }) => (kept ??= keep(job, store)));
    // Without a connection it is asked for again.
    coming.catch(() => (coming = null));
    return coming;
  };
  const withKeeper = (work: (keeper: Keeper) => void): void => {
    const own = now();
    if (own) work(own);
    else void keeper().then(work, () => undefined);
  };
  let leave = () => undefined as void;
  let isOpen = false;
  let isIn = false;
  const takeUp = () =>
    withKeeper((own) => {
      if (!isOpen || isIn) return;
      isIn = true;
      leave = own.enter();
    });
  return {
    job,
    store,
    /** Takes up what this browser still has of it, and hears what other pages tell; answers how to end it. */
    enter() {
      isOpen = true;
      const timer = setTimeout(takeUp, hasBegun || provided ? 0 : restMs);
      void entryBox.all().then((all) => all.some((entry) => entry.job === job) && takeUp());
      return () => {
        isOpen = isIn = false;
        clearTimeout(timer);
        leave();
      };
    },
    /** Hears what the data folder has beside what is known, where it has anything; what cannot be had just now is had later. */
    pull: (isThere = hasBegun): Promise<void> =>
      isThere || kept
        ? keeper().then(
            (own) => {
              takeUp();
              return own.pull();
            },
            () => undefined,
          )
        : Promise.resolve(),
    /** Hears all entries, where only what the first of them came to is known. */
    pullWhole: (): Promise<void> => keeper().then((own) => own.pullWhole()),
    /** Now, by the clock here; where there is anything to plan from, there is what tells it. */
    now: (): string => kept!.now(),
    /** Tells things in their order. */
    tell(tellings: readonly Telling[]): void {
      takeUp();
      withKeeper((own) => void own.tell(tellings));
    },
    /** Begins to practise at a moment, ms, or ends it: what was told meanwhile is as never told. */
    practise: (from: number, speed: number): void => withKeeper((own) => own.practise(from, speed)),
    endPractice: (): void => withKeeper((own) => own.endPractice()),
    /** Lets an entry go that was refused. */
    forget: (id: string): void => withKeeper((own) => own.forget(id)),
  };
}

export type Journal = ReturnType<typeof openJournal>;
