import type { StoreApi } from "zustand";
import type { Entry } from "@/core/journal/entry";
import type { Happened, Sum } from "@/core/journal/happened";

/** What happened on an open job, as far as this page has heard of it. */
export interface JournalState {
  /** What the first entries came to, where only that is known of them. */
  readonly sum: Sum | null;
  /** Those beside it, as they were heard, ever more: one that is heard again counts as it was heard last. */
  readonly entries: readonly Entry[];
  /** All of it as it is written, line by line: the sum first. */
  readonly lines: readonly string[];
  /** Up to which of the data folder's entries all are known. */
  readonly seq: number;
  /** Told in this browser, and not acknowledged yet. */
  readonly waiting: ReadonlySet<string>;
  /** Told in this browser, and refused. */
  readonly refused: ReadonlyMap<string, string>;
  /** Whether this browser keeps what is waiting. */
  readonly isKept: boolean;
  /** While one practises nothing that is told is kept or sent, and time goes by a clock of its own. */
  readonly practice: PracticeClock | null;
  /** What it all comes to. */
  readonly happened: Happened;
}

/** A clock that goes so many times as fast as others, from a moment of theirs at which it told another; ms. */
export interface PracticeClock {
  readonly since: number;
  readonly from: number;
  readonly speed: number;
}

/** What the clock of a job tells, ms: the device's, or the one that is practised by. */
export const clockMs = ({ practice }: Pick<JournalState, "practice">): number =>
  practice ? practice.from + (Date.now() - practice.since) * practice.speed : Date.now();

export type JournalStore = StoreApi<JournalState>;

/** Something to be told: its kind and what belongs to it; of another moment or another hand where it says so. */
export interface Telling {
  readonly kind: string;
  readonly payload: object;
  readonly at?: Date;
  readonly by?: string;
}
