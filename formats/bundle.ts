import { strFromU8, strToU8, unzipSync, zipSync } from "fflate";
import { maximumBytes, parseJobText } from "@/core/job/parseJob";
import type { Problem } from "@/core/job/problem";
import { readJournal, type Entry } from "@/core/journal/entry";

export const bundleFormat = "jacaranda-bundle/1";

const jobName = "job.json";
const journalName = "journal.jsonl";
const attachmentName = /^attachments\/([0-9a-f]{64})$/;

/** A picture is made smaller before it is kept. */
export const mostPictureBytes = 1e6;
/** More of one is refused before it is unpacked. */
const mostOf = { job: maximumBytes, journal: 200e6, attachment: mostPictureBytes } as const;
const mostFiles = 20_000;
const mostBytes = 500e6;
/** The calendar of zips begins here; a bundle of the same things is the same bytes. */
const zipEpoch = new Date(1980, 0, 1);

/** A job with all that happened on it, as one file. */
export interface Bundle {
  /** As written. */
  readonly job: string;
  /** One entry a line. */
  readonly journal: string;
  /** By the SHA-256 of their bytes. */
  readonly attachments: ReadonlyMap<string, Uint8Array>;
}

/** The bytes of a zip that holds a bundle. */
export function writeBundle({ job, journal, attachments }: Bundle): Uint8Array {
  const files: Record<string, Uint8Array> = { [jobName]: strToU8(job), [journalName]: strToU8(journal) };
  for (const [sha256, bytes] of [...attachments].sort(([a], [b]) => (a < b ? -1 : 1)))
    files[`attachments/${sha256}`] = bytes;
  return zipSync(files, { mtime: zipEpoch });
}

export type ReadBundle =
  | { readonly ok: true; readonly bundle: Bundle; readonly entries: readonly Entry[] }
  | { readonly ok: false; readonly problems: readonly Problem[] };

/** Reads a bundle that anyone may have made: what does not belong in one is refused, with where it is; never throws. */
export function readBundle(bytes: Uint8Array, sha256Of: (bytes: Uint8Array) => string): ReadBundle {
  const unpacked = unpack(bytes);
  if ("problems" in unpacked) return { ok: false, problems: unpacked.problems };
  const { files } = unpacked;
  const [job, journal] = [jobName, journalName].map((name) => files[name] && strFromU8(files[name]));
  const attachments = new Map<string, Uint8Array>();
  const problems: Problem[] = [];
  for (const [name, content] of Object.entries(files)) {
    const sha256 = attachmentName.exec(name)?.[1];
    if (sha256 === undefined) continue;
    if (sha256Of(content) !== sha256)
      problems.push({ path: name, message: "its bytes are not those of its name" });
    else if (pictureType(content) === null)
      problems.push({ path: name, message: "expected a JPEG, PNG or WebP" });
    attachments.set(sha256, content);
  }
  if (job === undefined) problems.push({ path: jobName, message: "missing" });
  else {
    const parsed = parseJobText(job);
    if (!parsed.ok)
      problems.push(...parsed.problems.map(({ path, message }) => ({ path: `${jobName} ${path}`, message })));
  }
  const { entries, refused } = readJournal(journal ?? "");
  for (const { line, problems: own } of refused)
    problems.push(
      ...own.map(({ path, message }) => ({ path: `${journalName}:${line}${path && ` ${path}`}`, message })),
    );
  return problems.length > 0 || job === undefined
    ? { ok: false, problems }
    : { ok: true, bundle: { job, journal: journal ?? "", attachments }, entries };
}

/** What of a zip belongs in a bundle; nothing is unpacked that is larger than it may be. */
function unpack(
  bytes: Uint8Array,
): { readonly files: Record<string, Uint8Array> } | { readonly problems: readonly Problem[] } {
  const problems: Problem[] = [];
  let [count, total] = [0, 0];
  try {
    const files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => {
        const most = mostFor(name);
        count++;
        total += originalSize;
        if (most === null) problems.push({ path: name, message: "does not belong in a bundle" });
        else if (originalSize > most) problems.push({ path: name, message: `over ${most} bytes` });
        else if (count > mostFiles || total > mostBytes)
          problems.push({ path: name, message: "too much in all" });
        return problems.length === 0;
      },
    });
    return problems.length > 0 ? { problems: problems.slice(0, 20) } : { files };
  } catch (error) {
    const why = error instanceof Error ? error.message : String(error);
    return { problems: [{ path: "", message: `not a zip that can be read (${why})` }] };
  }
}

const mostFor = (name: string): number | null =>
  name === jobName
    ? mostOf.job
    : name === journalName
      ? mostOf.journal
      : attachmentName.test(name)
        ? mostOf.attachment
        : null;

/** What a picture is by its first bytes: JPEG, PNG or WebP; null for anything else. */
export function pictureType(bytes: Uint8Array): "image/jpeg" | "image/png" | "image/webp" | null {
  const starts = (text: string, at = 0) =>
    [...text].every((letter, place) => bytes[at + place] === letter.charCodeAt(0));
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return "image/jpeg";
  if (bytes[0] === 0x89 && starts("PNG\r\n\x1a\n", 1)) return "image/png";
  return starts("RIFF") && starts("WEBP", 8) ? "image/webp" : null;
}
