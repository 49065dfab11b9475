import { parseJobText } from "@/core/job/parseJob";
import { textOf, type JobDocument } from "./jobDocument";
import type { JobStore } from "./jobState";

const settleMs = 250;
const retryMs = 4000;

/**
 * Saves each change by itself. One save is under way at a time and the newest document follows it; a save
 * that fails is tried again until it holds. A stale one stops here until the painter has chosen.
 */
export class Autosave {
  private timer: ReturnType<typeof setTimeout> | undefined;
  private saving = false;

  constructor(private readonly store: JobStore) {
    window.addEventListener("beforeunload", this.warn);
    window.addEventListener("online", this.online);
  }

  stop(): void {
    clearTimeout(this.timer);
    window.removeEventListener("beforeunload", this.warn);
    window.removeEventListener("online", this.online);
  }

  private readonly warn = (event: BeforeUnloadEvent) => {
    if (this.store.getState().save.kind !== "saved") event.preventDefault();
  };

  private readonly online = () => this.documentChanged();

  /** To be called when the document is another, or when a conflict has ended. */
  documentChanged(): void {
    const { save, document, savedDocument, setSave } = this.store.getState();
    if (save.kind === "conflict") return;
    // Undone before it was saved: there is nothing to save any more, unless something else is just being saved.
    if (document === savedDocument && !this.saving) {
      clearTimeout(this.timer);
      return setSave({ kind: "saved" });
    }
    if (save.kind === "saved") setSave({ kind: "unsaved" });
    this.schedule(settleMs);
  }

  private schedule(delay: number): void {
    clearTimeout(this.timer);
    this.timer = setTimeout(() => void this.saveNow(), delay);
  }

  private async saveNow(): Promise<void> {
    const { document, savedDocument, version, jobId, setSave, save } = this.store.getState();
    if (this.saving || save.kind === "conflict" || document === savedDocument) return;
    this.saving = true;
    setSave({ kind: "saving" });
    try {
      const response = await fetch(`/api/jobs/${encodeURIComponent(jobId)}/job`, {
        method: "PUT",
        headers: { "content-type": "application/json", "if-match": `"${version}"` },
        body: textOf(document),
      });
      await this.settle(response, document);
    } catch {
      setSave({ kind: "failed", reason: "no connection" });
    } finally {
      this.saving = false;
    }
    const after = this.store.getState();
    if (after.save.kind === "failed") this.schedule(retryMs);
    else if (after.save.kind === "unsaved") this.schedule(0);
  }

  private async settle(response: Response, document: JobDocument): Promise<void> {
    const { setSave, markSaved } = this.store.getState();
    const body = (await response.json()) as { version: number; document?: string };
    if (response.ok) {
      markSaved(document, body.version);
    } else if (response.status === 409 && body.document !== undefined && parseJobText(body.document).ok) {
      setSave({ kind: "conflict", version: body.version, theirs: JSON.parse(body.document) as JobDocument });
    } else {
      setSave({ kind: "failed", reason: `the program answered ${response.status}` });
    }
  }
}
