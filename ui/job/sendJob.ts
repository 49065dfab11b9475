import { parseJobText } from "@/core/job/parseJob";
import type { JobDocument } from "./jobDocument";
import type { Unsent } from "./outbox";

/** What became of a save: the data folder has it, has something else, refuses it, or did not answer. */
export type Sent =
  | { kind: "saved"; version: number }
  | { kind: "stale"; version: number; theirs: JobDocument; text: string }
  | { kind: "gone" }
  | { kind: "failed"; reason: string };

const addressOf = (jobId: string) => `/api/jobs/${encodeURIComponent(jobId)}/job`;

/** Longer bodies are not taken of a page that is closing. */
const mostKeptAliveBytes = 60_000;

/** Sends a document made from a version; never throws. */
export async function sendJob(
  jobId: string,
  version: number,
  text: string,
  { isLeaving = false } = {},
): Promise<Sent> {
  try {
    const response = await fetch(addressOf(jobId), {
      method: "PUT",
      headers: { "content-type": "application/json", "if-match": `"${version}"` },
      body: text,
      keepalive: isLeaving && text.length < mostKeptAliveBytes,
    });
    const body = (await response.json()) as {
      version: number;
      document?: string;
      problems?: { path: string; message: string }[];
    };
    if (response.ok) return { kind: "saved", version: body.version };
    if (response.status === 409 && body.document !== undefined && parseJobText(body.document).ok) {
      const { version: there, document: text } = body;
      return { kind: "stale", version: there, theirs: JSON.parse(text) as JobDocument, text };
    }
    if (response.status === 404) return { kind: "gone" };
    const reason = body.problems?.[0]?.message ?? `the program answered ${response.status}`;
    return { kind: "failed", reason };
  } catch {
    return { kind: "failed", reason: "the program does not answer" };
  }
}

/**
 * Sends what a page that is gone has kept. Where the data folder holds what that page had sent last, without hearing so,
 * it is sent again as made from that.
 */
export async function sendUnsent({ jobId, version, text, sent }: Unsent): Promise<Sent> {
  const answer = await sendJob(jobId, version, text);
  const isOwn = answer.kind === "stale" && sent.includes(answer.text);
  return isOwn ? sendJob(jobId, answer.version, text) : answer;
}

/** The newest document of a job; null when it is still the version that is here, or cannot be had just now. */
export async function fetchNewer(
  jobId: string,
  version: number,
): Promise<{ version: number; document: JobDocument } | null> {
  try {
    const response = await fetch(addressOf(jobId), {
      cache: "no-store",
      headers: { "if-none-match": `"${version}"` },
    });
    const there = Number(/\d+/.exec(response.headers.get("etag") ?? "")?.[0]);
    if (response.status !== 200 || there === version) return null;
    const text = await response.text();
    return parseJobText(text).ok ? { version: there, document: JSON.parse(text) as JobDocument } : null;
  } catch {
    return null;
  }
}
