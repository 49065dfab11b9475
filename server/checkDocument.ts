import { parseJobText } from "@/core/job/parseJob";
import type { Problem } from "@/core/job/problem";
import { ThreadEnded, WatchedThread } from "@/store/watchedThread";
import type { PlanRequest } from "./answerPlan";

/** A document of up to so many characters is checked at once: however it is made, that takes no longer than a blink. */
const mostAtOnce = 50_000;
const limitMs = 5000;
const mostMemoryMb = 512;

/** What a document is to blame for; anything else is not its fault. */
const takes: Partial<Record<ThreadEnded["why"], string>> = {
  memory: "more memory than there is",
  slow: "too long",
};

/** Kept on globalThis, as the store is: pages and routes are bundled apart. */
const holder = globalThis as typeof globalThis & { jacarandaChecker?: WatchedThread<PlanRequest> };

/** Told where the thread's file is by the server, which knows how it was built. */
export const keepChecker = (entry: URL): WatchedThread<PlanRequest> =>
  (holder.jacarandaChecker ??= new WatchedThread({
    entry,
    limitMs,
    resourceLimits: { maxOldGenerationSizeMb: mostMemoryMb },
  }));

/** What is wrong with a document that somebody sends; a large one is read apart from the thread that serves. */
export async function checkDocument(document: string): Promise<readonly Problem[]> {
  const checker = holder.jacarandaChecker;
  if (document.length <= mostAtOnce || !checker) {
    const parsed = parseJobText(document);
    return parsed.ok ? [] : parsed.problems;
  }
  try {
    return JSON.parse(await checker.ask<string>({ document, format: "check" })) as Problem[];
  } catch (error) {
    const why = error instanceof ThreadEnded ? takes[error.why] : undefined;
    if (why === undefined) throw error;
    return [{ path: "", message: `takes ${why} to check; expected a smaller job document` }];
  }
}
