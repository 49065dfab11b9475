import equal from "fast-deep-equal";
import type { Plan } from "@/core/plan/planTypes";
import { problemsOf, textOf, type JobDocument } from "./jobDocument";
import type { JobStart, JobState, JobStore } from "./jobState";
import type { Journal } from "@/ui/journal/journal";
import { followLive, type JobStanding } from "./live";
import { outbox } from "./outbox";
import { fetchNewer } from "./sendJob";

/** The newest of each job that this page has seen saved; what the browser's history brings back may be older. */
const seen = new Map<string, JobStart>();

export function rememberSaved({ jobId, savedDocument: document, version, plan }: JobState): void {
  seen.set(jobId, { jobId, document, version, plan });
}

/** What an open job begins with: what the server sent, unless this page knows of something newer. */
export function startOf(given: {
  readonly jobId: string;
  readonly documentText: string;
  readonly version: number;
  readonly planText: string;
}): JobStart {
  const { jobId, version } = given;
  const known = seen.get(jobId);
  if (known && known.version > version) return known;
  return {
    jobId,
    version,
    document: JSON.parse(given.documentText) as JobDocument,
    plan: JSON.parse(given.planText) as Plan,
  };
}

/**
 * Brings an open job up to what the data folder has, whenever its page is entered or looked at again, and takes up what
 * an earlier page could not send. What was changed here meanwhile is never touched. Answers how to end it.
 */
export function enterJob(store: JobStore, journal: Journal): () => void {
  let isOpen = true;
  const isUntouched = () => {
    const { document, savedDocument, save } = store.getState();
    return isOpen && document === savedDocument && save.kind === "saved";
  };
  const enter = async () => {
    const { jobId, version, follow } = store.getState();
    const newer = await fetchNewer(jobId, version);
    // Where it does not come, what is newer is followed the next time that somebody looks.
    const { letIn } = (newer && (await import("./letIn").catch(() => null))) ?? {};
    if (newer && letIn && isUntouched() && store.getState().version === version) {
      letIn(store, newer.document, () => follow(newer.document, newer.version));
    }
    await Promise.all([takeUpUnsent(), journal.pull()]);
  };
  const takeUpUnsent = async () => {
    const { jobId } = store.getState();
    const [unsent] = await outbox.orphans(jobId);
    if (!unsent || !isUntouched()) return;
    const left = JSON.parse(unsent.text) as JobDocument;
    if (problemsOf(left).length > 0) return;
    const { savedDocument, version, takeUp } = store.getState();
    const isOnOwn = unsent.sent.includes(textOf(savedDocument));
    if (!equal(left, savedDocument)) takeUp(left, isOnOwn ? version : unsent.version);
    // From here on it is this page's own, which keeps it under its own name.
    await outbox.drop(jobId, unsent.page).catch(() => undefined);
  };
  const onShow = ({ persisted }: PageTransitionEvent) => persisted && void enter();
  const onSeen = () => document.visibilityState === "visible" && void enter();
  const leaveJournal = journal.enter();
  const hearStanding = (standing: JobStanding) => {
    if (!standing) return;
    if (standing.version > store.getState().version && isUntouched()) void enter();
    else if (standing.seq > journal.store.getState().seq) void journal.pull(true);
  };
  const stopFollowing = followLive(journal.job, hearStanding);
  window.addEventListener("pageshow", onShow);
  document.addEventListener("visibilitychange", onSeen);
  void enter();
  return () => {
    isOpen = false;
    leaveJournal();
    stopFollowing();
    window.removeEventListener("pageshow", onShow);
    document.removeEventListener("visibilitychange", onSeen);
  };
}
