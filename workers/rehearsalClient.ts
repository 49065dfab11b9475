import { proxy, wrap, type Remote } from "comlink";
import type { Plan } from "@/core/plan/planTypes";
import type { Rehearsal } from "@/core/rehearse/fault";
import type { RehearsalApi } from "./rehearsal.worker";

let remote: Remote<RehearsalApi> | null = null;

/** What goes wrong where a plan is carried out to the letter, worked out off the main thread. */
export function askForRehearsal(
  documentText: string,
  plan: Plan,
  onProgress: (share: number) => void,
): Promise<Rehearsal | null> {
  remote ??= wrap<RehearsalApi>(
    new Worker(new URL("./rehearsal.worker.ts", import.meta.url), { type: "module" }),
  );
  return remote.rehearse(documentText, plan, proxy(onProgress));
}
