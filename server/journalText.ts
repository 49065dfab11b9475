import { clockAt } from "@/core/journal/clock";
import type { JournalRepository } from "@/store/journalRepository";

/** So many entries are read at a time. */
const mostAtOnce = 1000;

/** All that happened on a job, one entry a line, in the order in which it came. */
export async function journalText(journal: JournalRepository, job: string): Promise<string> {
  const lines: string[] = [];
  for (let seq = 0; ;) {
    const kept = await journal.after(job, seq, mostAtOnce);
    lines.push(...kept.map(({ entry }) => `${entry}\n`));
    if (kept.length < mostAtOnce) return lines.join("");
    seq = kept.at(-1)!.seq;
  }
}

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
