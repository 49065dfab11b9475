import { clockAt } from "@/core/journal/clock";
import { journalText } from "@/store/bundles";
import type { JournalRepository } from "@/store/repositories/journalRepository";

/** How a job that is under way is planned from here: all that happened, and the moment by the clock of the place; null where nothing has. */
export async function fromHere(
  journal: JournalRepository,
  job: string,
  rightMs = Date.now(),
): Promise<{ readonly journal: string; readonly moment: string } | null> {
  const text = await journalText(journal, job);
  if (text === "") return null;
  const { at } = JSON.parse(text.slice(text.lastIndexOf("\n", text.length - 2) + 1)) as {
    readonly at: string;
  };
  return { journal: text, moment: clockAt(rightMs, at) };
}
