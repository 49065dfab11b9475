import { mergeDocuments } from "@/core/job/mergeDocuments";
import { problemsOf, type JobDocument } from "./jobDocument";
import type { JobStore } from "./jobState";

/**
 * Lets a change come in from elsewhere: none of this page, so nothing that undo here takes back. What undo and redo lead to has
 * it in it from now on, as far as that goes together.
 */
export function letIn(store: JobStore, theirs: JobDocument, comeIn: () => void): void {
  const base = store.getState().savedDocument;
  const { pause, resume } = store.temporal.getState();
  pause();
  comeIn();
  resume();
  const { pastStates, futureStates } = store.temporal.getState();
  const along = (states: readonly { document?: JobDocument }[]) => {
    const kept: { document: JobDocument }[] = [];
    // From the nearest on: behind one that does not go together, nothing leads back.
    for (const { document } of states.toReversed()) {
      const merged = document && mergeDocuments(base, document, theirs);
      if (!merged?.ok || problemsOf(merged.document).length > 0) break;
      kept.unshift({ document: merged.document });
    }
    return kept;
  };
  store.temporal.setState({ pastStates: along(pastStates), futureStates: along(futureStates) });
}

/**
 * Puts what each has changed together, where the data folder holds a newer document than the one that this was made from; answers
 * whether it could be: not where both changed the same, or where what comes of it does not hold.
 */
export function mergeTheirs(store: JobStore, theirs: JobDocument, version: number): boolean {
  const { document, savedDocument, rebase } = store.getState();
  const merged = mergeDocuments(savedDocument, document, theirs);
  if (!merged.ok || problemsOf(merged.document).length > 0) return false;
  letIn(store, theirs, () => rebase(merged.document, theirs, version));
  return true;
}
