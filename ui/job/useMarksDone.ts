"use client";

import { useMemo } from "react";
import { markKey, readingsTicked } from "@/core/job/marksTicked";
import type { Happened } from "@/core/journal/happened";
import type { PlanMark } from "@/core/plan/planTypes";
import { useHappened } from "./JobProvider";

const readings = new WeakMap<Happened, ReadonlyMap<string, string>>();

/** At what reading each mark was ticked last. */
function readingsIn(happened: Happened): ReadonlyMap<string, string> {
  const before = readings.get(happened);
  if (before) return before;
  const own = readingsTicked(happened);
  readings.set(happened, own);
  return own;
}

export const isDoneIn = (happened: Happened, wall: string, mark: PlanMark): boolean =>
  happened.work.get(markKey(wall, mark))?.finished !== undefined &&
  (readingsIn(happened).get(mark.id) ?? mark.reading) === mark.reading;

/** Which marks of a wall are made, as the journal tells. A mark whose reading has changed since counts as not made. */
export function useMarksDone(wallId: string): (mark: PlanMark) => boolean {
  const happened = useHappened();
  return useMemo(() => (mark: PlanMark) => isDoneIn(happened, wallId, mark), [happened, wallId]);
}
