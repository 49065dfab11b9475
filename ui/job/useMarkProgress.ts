"use client";

import { useCallback, useEffect, useMemo } from "react";
import type { PlanMark } from "@/core/plan/planTypes";
import { levelLine } from "@/core/work/keys";
import type { Journal } from "@/ui/journal/journal";
import { useJournal, useWall } from "./JobProvider";
import { dropLocal, readLocal } from "./localKept";
import { isDoneIn, useMarksDone } from "./useMarksDone";

/** Which marks of a wall are made, and the way to tell it. */
export function useMarkProgress(wallId: string) {
  const journal = useJournal();
  const isDone = useMarksDone(wallId);
  const marks = useWall(wallId)?.plan?.marks;
  useEffect(() => void (marks && moveKept(journal, wallId, marks)), [journal, wallId, marks]);
  const setDone = useCallback(
    (mark: PlanMark, done: boolean) => (done ? tick : untick)(journal, wallId, [mark]),
    [journal, wallId],
  );
  return useMemo(() => ({ isDone, setDone }), [isDone, setDone]);
}

function tick(journal: Journal, wall: string, marks: readonly PlanMark[]): void {
  const work = [
    // Whoever marks has struck the line that all readings hang off.
    { wall, act: "strike", of: "line", ids: [levelLine(wall)] },
    { wall, act: "mark", of: "mark", ids: marks.map(({ id }) => id) },
  ];
  const own = Object.fromEntries(marks.map(({ id, reading }) => [id, reading]));
  journal.tell([{ kind: "marked", payload: { work, readings: own } }]);
}

/** It was ticked by mistake, or has gone again: it is to be made. */
function untick(journal: Journal, wall: string, marks: readonly PlanMark[]): void {
  const work = [{ wall, act: "mark", of: "mark", ids: marks.map(({ id }) => id) }];
  journal.tell([{ kind: "again", payload: { work } }]);
}

/** What an earlier version ticked in this browser alone goes into the journal, once. */
function moveKept(journal: Journal, wall: string, marks: readonly PlanMark[]): void {
  const name = `jacaranda marks ${journal.job} ${wall}`;
  const text = readLocal(name);
  if (text === null || marks.length === 0) return;
  const ticked = marks.filter(
    (mark) =>
      parsed(text)[mark.id] === mark.reading && !isDoneIn(journal.store.getState().happened, wall, mark),
  );
  if (ticked.length > 0) tick(journal, wall, ticked);
  dropLocal(name);
}

function parsed(text: string): Readonly<Record<string, unknown>> {
  try {
    const value: unknown = JSON.parse(text);
    return value !== null && typeof value === "object" ? (value as Record<string, unknown>) : {};
  } catch {
    // Another program wrote over it.
    return {};
  }
}
