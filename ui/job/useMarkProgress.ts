"use client";

import { useCallback, useSyncExternalStore } from "react";
import type { PlanMark } from "@/core/plan/planTypes";
import { useJobState } from "./JobProvider";
import { readLocal, writeLocal } from "./localKept";

/** Which marks are on the wall: mark id to the reading that was marked. Kept in this browser. */
type Progress = Readonly<Record<string, string>>;

const listeners = new Set<() => void>();
const parsed = new Map<string, { text: string | null; progress: Progress }>();
const nothing: Progress = {};

/**
 * What has been marked on a wall. A mark whose reading has changed since counts as not made. It lives in the
 * browser, since it must hold without a connection on the steps.
 */
export function useMarkProgress(wallId: string) {
  const jobId = useJobState((state) => state.jobId);
  const key = `jacaranda marks ${jobId} ${wallId}`;
  const progress = useSyncExternalStore(
    subscribe,
    () => readProgress(key),
    () => nothing,
  );
  const setDone = useCallback(
    (mark: PlanMark, done: boolean) => {
      const rest = Object.entries(readProgress(key)).filter(([id]) => id !== mark.id);
      const next = Object.fromEntries(done ? [...rest, [mark.id, mark.reading]] : rest);
      writeLocal(key, JSON.stringify(next));
      listeners.forEach((listener) => listener());
    },
    [key],
  );
  return { isDone: (mark: PlanMark) => progress[mark.id] === mark.reading, setDone };
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  window.addEventListener("storage", listener);
  return () => {
    listeners.delete(listener);
    window.removeEventListener("storage", listener);
  };
}

function readProgress(key: string): Progress {
  const text = readLocal(key);
  const before = parsed.get(key);
  if (before && before.text === text) return before.progress;
  const progress = parseProgress(text);
  parsed.set(key, { text, progress });
  return progress;
}

function parseProgress(text: string | null): Progress {
  try {
    const value: unknown = JSON.parse(text ?? "{}");
    return value !== null && typeof value === "object" ? (value as Progress) : nothing;
  } catch {
    // Another program wrote over it; the marks are simply shown as not made.
    return nothing;
  }
}
