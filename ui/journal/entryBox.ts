import { keptBox } from "@/ui/job/keptBox";

/** An entry of a journal that the data folder has not acknowledged. */
export interface UnsentEntry {
  readonly job: string;
  readonly id: string;
  /** As it is sent: one line. */
  readonly line: string;
  /** When it was told, ms since 1970. */
  readonly at: number;
  /** Why the data folder will not have it; it is not sent again. */
  readonly refused?: string;
}

const box = keptBox<UnsentEntry>("entries");

/** Entries of this browser that are not acknowledged yet. They outlive the page where the browser keeps anything. */
export const entryBox = {
  keep: box.keep,
  rescue: box.rescue,
  drop: (job: string, id: string): Promise<void> => box.drop([job, id]),
  /** In the order in which they were told. */
  all: async (): Promise<UnsentEntry[]> =>
    (await box.all()).sort((a, b) => a.at - b.at || (a.id < b.id ? -1 : 1)),
};
