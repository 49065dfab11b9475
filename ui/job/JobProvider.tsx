"use client";

import { createContext, useContext, useEffect, useMemo, useState, type ReactNode } from "react";
import { useStore } from "zustand";
import type { Plan, PlanWall } from "@/core/job/planTypes";
import type { Job } from "@/core/job/schema";
import type { Wall } from "@/core/wall/schema";
import { PlannerClient } from "@/workers/plannerClient";
import { Autosave } from "./autosave";
import { parseKept, textOf, type JobDocument } from "./jobDocument";
import { createJobState, type JobState, type JobStore } from "./jobState";

const JobContext = createContext<JobStore | null>(null);

interface Props {
  readonly jobId: string;
  readonly documentText: string;
  readonly version: number;
  readonly planText: string;
  readonly children: ReactNode;
}

/** Holds an open job: its document with undo, its plan from the worker, and its saving. */
export function JobProvider({ jobId, documentText, version, planText, children }: Props) {
  const [store] = useState(() =>
    createJobState({
      jobId,
      version,
      document: JSON.parse(documentText) as JobDocument,
      plan: JSON.parse(planText) as Plan,
    }),
  );
  useEffect(() => {
    const planner = new PlannerClient((plan) => store.getState().setPlan(plan));
    const autosave = new Autosave(store);
    const stopListening = store.subscribe((state, before) => {
      const shown = state.previewing ?? state.document;
      if (shown !== (before.previewing ?? before.document)) planner.request(textOf(shown));
      const conflictEnded = before.save.kind === "conflict" && state.save.kind === "unsaved";
      if (state.document !== before.document || conflictEnded) autosave.documentChanged();
    });
    return () => {
      stopListening();
      autosave.stop();
      planner.stop();
    };
  }, [store]);
  return <JobContext value={store}>{children}</JobContext>;
}

export function useJobStore(): JobStore {
  const store = useContext(JobContext);
  if (!store) throw new Error("Used outside a JobProvider.");
  return store;
}

export function useJobState<Part>(select: (state: JobState) => Part): Part {
  return useStore(useJobStore(), select);
}

/** The document that the screen shows: the one under way in a drag, or the real one. */
export const useDocument = (): JobDocument => useJobState((state) => state.previewing ?? state.document);

/** The parsed job as the screen shows it. */
export const useJob = (): Job => useParsed(useDocument());

/** The parsed job without what a drag only shows so far. */
export const useKeptJob = (): Job => useParsed(useJobState((state) => state.document));

/** What is in the state has always been let through by its check. */
function useParsed(document: JobDocument): Job {
  const parsed = useMemo(() => parseKept(document), [document]);
  if (!parsed.ok) throw new Error("A document that does not hold came into the state.");
  return parsed.job;
}

export const usePlan = (): Plan => useJobState((state) => state.plan);

/** The wall of an address, parsed and planned; null when the job has no such wall. */
export function useWall(wallId: string | null): { wall: Wall; plan: PlanWall | null } | null {
  const job = useJob();
  const plan = usePlan();
  const wall = job.walls.find((candidate) => candidate.id === wallId);
  return wall ? { wall, plan: plan.walls.find((candidate) => candidate.id === wallId) ?? null } : null;
}
