import { useState } from "react";
import * as z from "zod";
import type { Added } from "@/core/paint/bench";
import type { PlanMix } from "@/core/plan/planTypes";
import { dropLocal, readLocal, writeLocal } from "@/ui/job/localKept";
import { useJobState } from "@/ui/job/JobProvider";

const kept = z.array(z.object({ paint: z.string().optional(), ml: z.number() })).max(5000);

/** What has gone into the batch that is being made, one addition after the other: it outlives a reload, and begins with the recipe. */
export function useBench({ paint, each }: PlanMix, n: number) {
  const jobId = useJobState((state) => state.jobId);
  const name = `bench/${jobId}/${paint}/${n}`;
  const [added, setAdded] = useState<readonly Added[] | null>(() => read(name));
  const additions =
    added ?? each.map(({ paint: of, ml }) => ({ ...(of !== undefined && { paint: of }), ml }));
  return {
    additions,
    add(one: Added) {
      const next = [...additions, one];
      setAdded(next);
      writeLocal(name, JSON.stringify(next));
    },
    isOwn: added !== null,
    /** Back to the recipe. */
    clear() {
      setAdded(null);
      dropLocal(name);
    },
  };
}

function read(name: string): readonly Added[] | null {
  const text = readLocal(name);
  if (text === null) return null;
  try {
    const parsed = kept.safeParse(JSON.parse(text));
    return parsed.success
      ? parsed.data.map(({ paint, ml }) => ({ ...(paint !== undefined && { paint }), ml }))
      : null;
  } catch {
    return null;
  }
}
