import { createHash } from "node:crypto";
import { readJournal } from "@/core/journal/entry";
import { leastInSum, sumWith, writeSum } from "@/core/journal/sum";
import { readBundle, type Bundle, type ReadBundle } from "@/formats/bundle";
import type { AttachmentRepository } from "./repositories/attachmentRepository";
import type { JobRepository } from "./repositories/jobRepository";
import type { JournalRepository, ToldEntry } from "./repositories/journalRepository";

/** What a job with all that belongs to it is kept in. */
export interface JobStores {
  readonly jobs: Pick<JobRepository, "read" | "create" | "remove">;
  readonly journal: Pick<JournalRepository, "after" | "append" | "keepSum">;
  readonly attachments: Pick<AttachmentRepository, "keepPicture" | "pictureOf">;
}

/** So many entries are read, or kept, at a time. */
const mostAtOnce = 1000;

/** All that happened on a job after an entry, one entry a line, in the order in which it came. */
export async function journalText(
  journal: Pick<JobStores["journal"], "after">,
  job: string,
  after = 0,
): Promise<string> {
  const lines: string[] = [];
  for (let seq = after; ;) {
    const kept = await journal.after(job, seq, mostAtOnce);
    lines.push(...kept.map(({ entry }) => `${entry}\n`));
    if (kept.length < mostAtOnce) return lines.join("");
    seq = kept.at(-1)!.seq;
  }
}

/** A job with all that happened on it and the pictures that are named there; null where there is no such job. */
export async function bundleOf({ jobs, ...stores }: JobStores, id: string): Promise<Bundle | null> {
  const job = await jobs.read(id);
  return job && { job: job.document, ...(await recordsOf(stores, id)) };
}

/** What happened on a job, without its document. */
export async function recordsOf(
  { journal, attachments }: Pick<JobStores, "journal" | "attachments">,
  id: string,
): Promise<Omit<Bundle, "job">> {
  const text = await journalText(journal, id);
  const pictures = new Map<string, Uint8Array>();
  for (const sha256 of new Set(picturesIn(text))) {
    const bytes = await attachments.pictureOf(sha256);
    if (bytes) pictures.set(sha256, bytes);
  }
  return { journal: text, attachments: pictures };
}

const picturesIn = (journal: string): string[] =>
  [...journal.matchAll(/"sha256":\s*"([0-9a-f]{64})"/g)].map((match) => match[1]!);

/** Reads a bundle that anyone may have made. */
export const readBundleFile = (bytes: Uint8Array): ReadBundle =>
  readBundle(bytes, (content) => createHash("sha256").update(content).digest("hex"));

/**
 * Makes a job of a bundle whose parts have been checked, under an id that is free or one of its name, and answers it: what
 * happened is told of that job from now on. Where not all of it can be kept there is no new job.
 */
export async function takeIn(
  { jobs, journal, attachments }: JobStores,
  bundle: Bundle,
  { wanted, askedBy }: { readonly wanted?: string | undefined; readonly askedBy?: string | undefined } = {},
): Promise<string> {
  for (const [sha256, bytes] of bundle.attachments) await attachments.keepPicture(sha256, bytes);
  const id = await jobs.create(bundle.job, wanted, askedBy);
  try {
    const lines = bundle.journal.split("\n").filter((line) => line.trim() !== "");
    let seq = 0;
    for (let first = 0; first < lines.length; first += mostAtOnce) {
      const kept = await journal.append(
        id,
        lines.slice(first, first + mostAtOnce).map((line) => toldOf(line, id)),
      );
      seq = kept?.accepted.at(-1)?.seq ?? seq;
    }
    // A long journal is summed up while all of it is at hand.
    const sum = seq >= leastInSum ? sumWith(readJournal(bundle.journal).entries, null) : null;
    if (sum) await journal.keepSum(id, { seq, sum: writeSum(sum) });
  } catch (error) {
    await jobs.remove(id).catch(() => false);
    throw error;
  }
  return id;
}

function toldOf(line: string, job: string): ToldEntry {
  const entry = JSON.stringify({ ...(JSON.parse(line) as object), job });
  const { id, document } = readJournal(entry).entries[0]!;
  return { id, told: entry, entry, document };
}
