import type { Moment } from "./moment";

/** When something was told, and by whom. */
export interface Told {
  readonly entry: string;
  readonly at: Moment;
  readonly by: string;
}

/** What was told, beside when and by whom: some of it has a place that is called `at`, too. */
export type Kept<Payload> = Payload & { readonly told: Told };

/** What is known of one piece of work: when it was begun and finished last, since it was last to be done again. */
export interface Progress {
  readonly began?: Told;
  readonly paused?: Told | undefined;
  readonly finished?: Told;
  /** What it was finished with, where that was told. */
  readonly with?: string | undefined;
  /** When it was told last that it is to be done once more. */
  readonly again?: Told;
  /** When it was finished before that. */
  readonly before?: Told;
  readonly skipped?: Told & { readonly why: string };
}

/**
 * What a journal comes to, whatever the order in which its entries arrived. Payloads that only stand one after the other are
 * lists by their kinds, in the order in which they were; what the last word counts of has a place of its own.
 */
export interface Happened {
  /** By work key. */
  readonly work: ReadonlyMap<string, Progress>;
  /** By kind. */
  readonly lists: ReadonlyMap<string, readonly Kept<object>[]>;
  /** Who told anything, in the order of their first appearance. */
  readonly people: readonly string[];
  /** The first and the last moment told of; null in an empty journal. */
  readonly first: Moment | null;
  readonly last: Moment | null;
}

/** What a journal came to up to some entry, so that what is told later can be folded onto it. */
export interface Sum {
  readonly happened: Happened;
  /** The last of its entries in their order. */
  readonly last: { readonly id: string; readonly at: Moment };
  /** How many there are in it. */
  readonly count: number;
  /** What they take back that is not among them: it may come yet. */
  readonly ahead: readonly string[];
}

/** The same while it is put together. */
export interface Folding {
  readonly work: Map<string, Progress>;
  readonly lists: Map<string, Kept<object>[]>;
}

export const nothingHappened: Happened = {
  work: new Map(),
  lists: new Map(),
  people: [],
  first: null,
  last: null,
};
