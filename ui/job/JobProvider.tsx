"use client";

import { createContext, useContext, useEffect, useMemo, useRef, useState, type ReactNode } from "react";
import { useStore } from "zustand";
import type { Plan, PlanWall } from "@/core/plan/planTypes";
import type { Happened } from "@/core/journal/happened";
import type { Job } from "@/core/job/schema";
import type { Wall } from "@/core/wall/schema";
import { openJournal, type Journal } from "@/ui/journal/journal";
import type { JournalState } from "@/ui/journal/journalState";
import { PlannerClient } from "@/workers/plannerClient";
import { Autosave } from "./autosave";
import { enterJob, rememberSaved, startOf } from "./enterJob";
import { parseKept, textOf, type JobDocument } from "./jobDocument";
import { createJobState, type JobState, type JobStore } from "./jobState";

const JournalContext = createContext<Journal | null>(null);
const JobContext = createContext<JobStore | null>(null);

/** Ends the planning that is under way, or begins it again. */
interface Planning {
  stop(): void;
  again(): void;
}
const PlanningContext = createContext<Planning>({ stop: () => undefined, again: () => undefined });

/** A plan that is under way goes on with the clock. */
const minuteMs = 60_000;

interface Props {
  readonly jobId: string;
  readonly documentText: string;
  readonly version: number;
  readonly planText: string;
  /** Whether anything has happened on it. */
  readonly hasBegun: boolean;
  readonly children: ReactNode;
}

/** Who has a job open for so long may change it. */
const settledMs = 2000;

/** Holds an open job: its document with undo, its plan from the worker, and its saving. */
export function JobProvider(props: Props) {
  const { children } = props;
  const [{ store, journal, isPlanOld }] = useState(() => {
    const start = startOf(props);
    const isPlanOld = start.version !== props.version;
    return { store: createJobState(start), journal: openJournal(start.jobId, props.hasBegun), isPlanOld };
  });
  const planner = useRef<PlannerClient | null>(null);
  const planning = useMemo(
    (): Planning => ({
      stop() {
        planner.current?.stop();
        store.getState().setPlanning("stopped");
      },
      again: () => planner.current?.request(textOf(store.getState().document)),
    }),
    [store],
  );
  useEffect(() => {
    const { plan, setPlan, showWalls, setPlanning, document } = store.getState();
    const client = new PlannerClient(
      { walls: showWalls, answer: setPlan, progress: setPlanning, failed: () => setPlanning("failed") },
      plan,
      () => {
        const { lines } = journal.store.getState();
        return lines.length === 0 ? null : { journal: lines, moment: journal.now() };
      },
    );
    planner.current = client;
    const planAnew = () => {
      const { document, previewing } = store.getState();
      client.request(textOf(previewing ?? document), previewing !== null);
    };
    const autosave = new Autosave(store);
    // What the browser's history brings back may be planned as it was long ago.
    if (isPlanOld) client.request(textOf(document));
    const ready = setTimeout(() => client.prepare(textOf(store.getState().document)), settledMs);
    const stopListening = store.subscribe((state, before) => {
      const shown = state.previewing ?? state.document;
      const isLetGo = before.previewing !== null && state.previewing === null;
      if (shown !== (before.previewing ?? before.document) || isLetGo)
        client.request(textOf(shown), state.previewing !== null);
      const conflictEnded = before.save.kind === "conflict" && state.save.kind === "unsaved";
      if (state.document !== before.document || conflictEnded) autosave.documentChanged();
      if (state.save.kind === "saved") rememberSaved(state);
    });
    const stopHearing = journal.store.subscribe(({ lines }, before) => lines !== before.lines && planAnew());
    const clock = setInterval(() => {
      const isUnderWay = journal.store.getState().lines.length > 0;
      if (isUnderWay && window.document.visibilityState === "visible") planAnew();
    }, minuteMs);
    const leave = enterJob(store, journal);
    return () => {
      leave();
      clearTimeout(ready);
      clearInterval(clock);
      stopHearing();
      stopListening();
      autosave.stop();
      client.stop();
    };
  }, [store, journal, isPlanOld]);
  return (
    <JobContext value={store}>
      <JournalContext value={journal}>
        <PlanningContext value={planning}>{children}</PlanningContext>
      </JournalContext>
    </JobContext>
  );
}

export const usePlanning = (): Planning => useContext(PlanningContext);

export function useJobStore(): JobStore {
  const store = useContext(JobContext);
  if (!store) throw new Error("Used outside a JobProvider.");
  return store;
}

export function useJobState<Part>(select: (state: JobState) => Part): Part {
  return useStore(useJobStore(), select);
}

export function useJournal(): Journal {
  const journal = useContext(JournalContext);
  if (!journal) throw new Error("Used outside a JobProvider.");
  return journal;
}

export function useJournalState<Part>(select: (state: JournalState) => Part): Part {
  return useStore(useJournal().store, select);
}

/** What was told of the job, as it counts. */
export const useHappened = (): Happened => useJournalState(({ happened }) => happened);

/** The document as it was kept last: what a drag only shows so far is drawn on the wall alone. */
export const useDocument = (): JobDocument => useJobState((state) => state.document);

/** The same, parsed. */
export const useJob = (): Job => useParsed(useDocument());

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
  return wallIn(job, plan.walls, wallId);
}

/** The same as it is drawn: with what is under way in a drag. */
export function useShownWall(wallId: string | null): { wall: Wall; plan: PlanWall | null } | null {
  const job = useParsed(useJobState((state) => state.previewing ?? state.document));
  const walls = useJobState((state) => state.shownWalls);
  return wallIn(job, walls, wallId);
}

function wallIn(job: Job, walls: readonly PlanWall[], wallId: string | null) {
  const wall = job.walls.find((candidate) => candidate.id === wallId);
  return wall ? { wall, plan: walls.find((candidate) => candidate.id === wallId) ?? null } : null;
}
