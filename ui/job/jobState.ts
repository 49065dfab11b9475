import { temporal } from "zundo";
import { createStore } from "zustand";
import type { Plan, PlanWall } from "@/core/plan/planTypes";
import type { Problem } from "@/core/job/problem";
import { inPaintersWords } from "./inPaintersWords";
import { problemsOf, type JobDocument } from "./jobDocument";

/** Where the document stands between this screen and the data folder. */
export type SaveState =
  | { kind: "saved" }
  | { kind: "unsaved" }
  | { kind: "saving" }
  | { kind: "failed"; reason: string }
  | { kind: "conflict"; version: number; theirs: JobDocument };

export type Planning = number | "stopped" | "failed" | null;

export interface JobState {
  readonly jobId: string;
  readonly document: JobDocument;
  readonly version: number;
  readonly save: SaveState;
  /** The document as it stands in the data folder, as far as this screen knows. */
  readonly savedDocument: JobDocument;
  /** The last whole plan: what cards, the ledger and the rule tell. */
  readonly plan: Plan;
  /** The walls as they are drawn: of a drag that is under way, or of a plan whose rest is still being worked out. */
  readonly shownWalls: readonly PlanWall[];
  /** The finding or mark that is pointed at, on the card or on the wall. */
  readonly pointedAt: string | null;
  /** Whether Measure draws what is out of true ten times over. */
  readonly isExaggerated: boolean;
  setExaggerated(isExaggerated: boolean): void;
  /** Takes a changed document unless it would not hold; answers what is wrong with it. */
  change(change: (document: JobDocument) => JobDocument): Problem[];
  /** As `change`, but not to be saved or undone to: a drag that is under way. */
  preview(document: JobDocument | null): void;
  readonly previewing: JobDocument | null;
  setSave(save: SaveState): void;
  /** Whether this browser holds what is not saved yet; else nothing but this window does. */
  readonly isKept: boolean;
  setKept(isKept: boolean): void;
  /** The data folder holds a newer document, and nothing was changed here: the screen follows it. */
  follow(document: JobDocument, version: number): void;
  /** The data folder holds a newer document than the one that this was made from: here both are put together. */
  rebase(document: JobDocument, theirs: JobDocument, version: number): void;
  /** Takes up a change that was left unsent: on top of what is saved, or against it where that has gone on meanwhile. */
  takeUp(document: JobDocument, version: number): void;
  /** A change that an earlier page had left unsent: taken up here, and acknowledged. */
  readonly leftBehind: "sending" | "sent" | null;
  forgetLeftBehind(): void;
  /** The data folder holds this document as this version now. */
  markSaved(document: JobDocument, version: number): void;
  setPlan(plan: Plan): void;
  showWalls(walls: readonly PlanWall[]): void;
  /** How far a plan that is being made has come; null while none is, "stopped" when it was told to stop, "failed". */
  readonly planning: Planning;
  setPlanning(planning: Planning): void;
  pointAt(key: string | null): void;
  /** Ends a conflict: with what is saved elsewhere, as a step that can be undone, or with what is here. */
  takeTheirs(): void;
  keepMine(): void;
}

export interface JobStart {
  readonly jobId: string;
  readonly document: JobDocument;
  readonly version: number;
  readonly plan: Plan;
}

const mostUndos = 200;

/** The state of one open job. Undo and redo step through its documents. */
export function createJobState(start: JobStart) {
  return createStore<JobState>()(
    temporal(
      (set, get) => ({
        ...start,
        shownWalls: start.plan.walls,
        save: { kind: "saved" },
        savedDocument: start.document,
        previewing: null,
        pointedAt: null,
        isExaggerated: false,
        setExaggerated: (isExaggerated) => set({ isExaggerated }),
        change(change) {
          const document = change(get().document);
          const problems = problemsOf(document).map((problem) =>
            inPaintersWords(problem, document.units ?? "metric"),
          );
          if (problems.length === 0) {
            const { save } = get();
            set({ document, previewing: null, save: save.kind === "conflict" ? save : { kind: "unsaved" } });
          }
          return problems;
        },
        preview: (previewing) => set({ previewing }),
        setSave: (save) => set({ save }),
        isKept: true,
        setKept: (isKept) => set({ isKept }),
        follow: (document, version) =>
          set({ document, savedDocument: document, version, previewing: null, save: { kind: "saved" } }),
        rebase: (document, theirs, version) =>
          set({ document, savedDocument: theirs, version, save: { kind: "unsaved" } }),
        leftBehind: null,
        forgetLeftBehind: () => set({ leftBehind: null }),
        takeUp(document, madeFrom) {
          const { version, savedDocument } = get();
          const isStale = madeFrom !== version;
          const conflict = { kind: "conflict", version, theirs: savedDocument } as const;
          set({
            document,
            previewing: null,
            leftBehind: "sending",
            save: isStale ? conflict : { kind: "unsaved" },
          });
        },
        markSaved: (savedDocument, version) =>
          set(({ document, leftBehind }) => ({
            savedDocument,
            version,
            leftBehind: leftBehind && document === savedDocument ? "sent" : leftBehind,
            save: { kind: document === savedDocument ? "saved" : "unsaved" },
          })),
        setPlan: (plan) => set({ plan, shownWalls: plan.walls }),
        showWalls: (shownWalls) => set({ shownWalls }),
        planning: null,
        setPlanning: (planning) => set({ planning }),
        pointAt: (pointedAt) => set({ pointedAt }),
        takeTheirs() {
          const { save } = get();
          if (save.kind !== "conflict") return;
          const { theirs: document, version } = save;
          set({
            document,
            savedDocument: document,
            version,
            previewing: null,
            leftBehind: null,
            save: { kind: "saved" },
          });
        },
        keepMine() {
          const { save } = get();
          if (save.kind !== "conflict") return;
          set({ savedDocument: save.theirs, version: save.version, save: { kind: "unsaved" } });
        },
      }),
      {
        partialize: ({ document }) => ({ document }),
        equality: (a, b) => a.document === b.document,
        limit: mostUndos,
      },
    ),
  );
}

export type JobStore = ReturnType<typeof createJobState>;
