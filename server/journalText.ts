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
