"use client";

import { useEffect, useState } from "react";
import type { PlanWall } from "@/core/plan/planTypes";
import { useJobState } from "@/ui/job/JobProvider";
import { textOf } from "@/ui/job/jobDocument";
import { askForPicture } from "@/workers/trialsClient";

/** Long enough that nothing is drawn while a hand still moves, ms. */
const settledMs = 200;

/** The wall as each spec would make it, one after the other once things are at rest; null for one that is not drawn yet. */
export function useTrialPictures(wallId: string, specs: readonly object[]): readonly (PlanWall | null)[] {
  const document = useJobState((state) => state.document);
  const key = JSON.stringify(specs);
  const [pictures, setPictures] = useState<readonly (PlanWall | null)[]>([]);
  useEffect(() => {
    let isOver = false;
    const draw = async () => {
      const text = textOf(document);
      const drawn: (PlanWall | null)[] = [];
      for (const spec of JSON.parse(key) as object[]) {
        drawn.push(await askForPicture(text, wallId, spec).catch(() => null));
        if (isOver) return;
        setPictures([...drawn]);
      }
    };
    const timer = setTimeout(() => void draw(), settledMs);
    return () => {
      isOver = true;
      clearTimeout(timer);
    };
  }, [document, wallId, key]);
  return pictures;
}
