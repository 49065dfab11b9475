import { clockAt } from "@/core/journal/clock";
import type { JournalRepository } from "@/store/repositories/journalRepository";
import { keptJournal } from "./longJournals";

interface Options {
  /** Whether all entries are asked for, and not what the first of them came to. */
  readonly isWhole?: boolean;
  readonly rightMs?: number;
}

/** How a job that is under way is planned from here: all that happened, and the moment by the clock of the place; null where nothing has. */
export async function fromHere(
  journal: JournalRepository,
  job: string,
  { isWhole = false, rightMs = Date.now() }: Options = {},
): Promise<{ readonly journal: string; readonly moment: string } | null> {
  const { text, at } = await keptJournal(journal, job, { isWhole });
  return at === null ? null : { journal: text, moment: clockAt(rightMs, at) };
}
