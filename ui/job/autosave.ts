import { textOf, type JobDocument } from "./jobDocument";
import type { JobStore } from "./jobState";
import { enterPage, outbox } from "./outbox";
import { sendJob, type Sent } from "./sendJob";

const settleMs = 250;
const retryMs = 4000;
const mostUnanswered = 5;

/**
 * Saves each change by itself. A change is kept in this browser first, so that it outlives the page, and sent when the
 * hand rests. One save is under way at a time and the newest document follows it; one that fails is tried again until it
 * holds. A stale one stops here until the painter has chosen.
 */
export class Autosave {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private saving = false;
  /** Documents whose answer has not come: the data folder may have taken them. */
  private unanswered: JobDocument[] = [];
  private isStopped = false;
  private readonly page = enterPage();

  constructor(private readonly store: JobStore) {
    window.addEventListener("beforeunload", this.warn);
    window.addEventListener("pagehide", this.flush);
    window.addEventListener("online", this.online);
  }

  /** Ends it; what is not sent yet is sent now, and stays kept until it is acknowledged. */
  stop(): void {
    clearTimeout(this.timer);
    window.removeEventListener("beforeunload", this.warn);
    window.removeEventListener("pagehide", this.flush);
    window.removeEventListener("online", this.online);
    this.isStopped = true;
    // Until then the change is this page's; after it, whoever opens the job or the list of jobs sends it.
    void this.saveNow().then(() => this.page.leave());
  }

  private readonly warn = (event: BeforeUnloadEvent) => {
    if (this.store.getState().save.kind !== "saved" && !outbox.rescue()) event.preventDefault();
  };

  private readonly flush = () => void this.saveNow({ isLeaving: true });

  private readonly online = () => this.documentChanged();

  /** To be called when the document is another, or when a conflict has ended. */
  documentChanged(): void {
    const { save, document, savedDocument, setSave } = this.store.getState();
    // Undone before it was saved: there is nothing to save any more, unless something else is just being saved.
    if (save.kind !== "conflict" && document === savedDocument && !this.saving) {
      clearTimeout(this.timer);
      this.drop();
      return setSave({ kind: "saved" });
    }
    this.keep();
    if (save.kind === "conflict") return;
    if (save.kind === "saved") setSave({ kind: "unsaved" });
    this.schedule(settleMs);
  }

  private keep(): void {
    const { document, version, jobId, setKept } = this.store.getState();
    const { name } = document;
    const [text, sent] = [textOf(document), this.unanswered.map(textOf)];
    void outbox
      .keep({ jobId, page: this.page.name, name, version, text, sent, at: Date.now() })
      .then(setKept);
  }

  /** Takes out what is kept, or only this text. A browser that keeps nothing has nothing to take out. */
  private drop(text?: string): void {
    void outbox.drop(this.store.getState().jobId, this.page.name, text).catch(() => undefined);
  }

  private schedule(delay: number): void {
    clearTimeout(this.timer);
    if (!this.isStopped) this.timer = setTimeout(() => void this.saveNow(), delay);
  }

  private async saveNow(how: { isLeaving?: boolean } = {}): Promise<void> {
    const { document, savedDocument, version, jobId, setSave, save } = this.store.getState();
    if (this.saving || save.kind === "conflict" || document === savedDocument) return;
    this.saving = true;
    this.unanswered = [document, ...this.unanswered.filter((before) => before !== document)].slice(
      0,
      mostUnanswered,
    );
    setSave({ kind: "saving" });
    await this.settle(await sendJob(jobId, version, textOf(document), how), document);
    this.saving = false;
    const after = this.store.getState();
    if (after.save.kind === "failed") this.schedule(retryMs);
    else if (after.save.kind !== "unsaved") return;
    else if (this.isStopped) await this.saveNow();
    else this.schedule(0);
  }

  /** The data folder has this document; what was typed since is kept as made from it. */
  private acknowledge(document: JobDocument, version: number): void {
    this.unanswered = [];
    this.store.getState().markSaved(document, version);
    this.drop(textOf(document));
    if (this.store.getState().document !== document) this.keep();
  }

  private async settle(sent: Sent, document: JobDocument): Promise<void> {
    const { setSave } = this.store.getState();
    switch (sent.kind) {
      case "saved":
        return this.acknowledge(document, sent.version);
      case "stale": {
        // Our own, of which no answer came: no conflict.
        const own = this.unanswered.find((before) => textOf(before) === sent.text);
        if (own) return this.acknowledge(own, sent.version);
        const { theirs, version } = sent;
        // What puts them together may not come, as the connection goes: then the painter chooses.
        const merging = await import("./letIn").catch(() => null);
        if (merging?.mergeTheirs(this.store, theirs, version)) {
          this.unanswered = [];
          return this.keep();
        }
        return setSave({ kind: "conflict", version: sent.version, theirs: sent.theirs });
      }
      case "gone":
        return setSave({ kind: "failed", reason: "this job was deleted; export it to keep it" });
      case "failed":
        return setSave({ kind: "failed", reason: sent.reason });
      default:
        return sent satisfies never;
    }
  }
}
