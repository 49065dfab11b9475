import { wrap, type Remote } from "comlink";
import type { PlanWall } from "@/core/job/planTypes";
import type { TrialsApi } from "./trials.worker";

let remote: Remote<TrialsApi> | null = null;

/** A wall of a job document with nothing but a trial on it, worked out off the main thread; null where it cannot be. */
export function askForPicture(documentText: string, wallId: string, spec: object): Promise<PlanWall | null> {
  remote ??= wrap<TrialsApi>(new Worker(new URL("./trials.worker.ts", import.meta.url), { type: "module" }));
  return remote.picture(documentText, wallId, spec);
}
