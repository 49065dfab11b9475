"use client";

import { useEffect, useState } from "react";
import { useJobState } from "@/ui/job/JobProvider";
import { textOf } from "@/ui/job/jobDocument";
import type { Trial, TrialGround } from "@/workers/trialOnWall";
import { askForTrial } from "@/workers/trialsClient";

/** Long enough that nothing is drawn while a hand still moves, ms. */
const settledMs = 200;

/** What each spec would make of the wall, one after the other once things are at rest; null for one that is not worked out yet. */
export function useTrials(
  wallId: string,
  specs: readonly object[],
  ground: TrialGround = "base",
): readonly (Trial | null)[] {
  const document = useJobState((state) => state.document);
  const key = JSON.stringify(specs);
  const [trials, setTrials] = useState<readonly (Trial | null)[]>([]);
  useEffect(() => {
    let isOver = false;
    const work = async () => {
      const text = textOf(document);
      const done: (Trial | null)[] = [];
      for (const spec of JSON.parse(key) as object[]) {
        done.push(await askForTrial(text, wallId, spec, ground).catch(() => null));
        if (isOver) return;
        setTrials([...done]);
      }
    };
    const timer = setTimeout(() => void work(), settledMs);
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
  }, [document, wallId, key, ground]);
  return trials;
}
