"use client";

import { useRouter } from "next/navigation";
import { useState } from "react";
import type { JobOnHome } from "./jobOnHome";

/** What was just done to a job, and how it is taken back. */
export interface Done {
  readonly say: string;
  readonly undo: () => void;
}

/** What can be done to a job from the list; what cannot be is said. */
export function useJobActions() {
  const router = useRouter();
  const [done, setDone] = useState<Done | null>(null);
  const [refused, setRefused] = useState<string | null>(null);

  /** Answers whether it was done. */
  const ask = async (path: string, method: string, body?: object): Promise<boolean> => {
    setRefused(null);
    try {
      const response = await fetch(path, {
        method,
        ...(body && { body: JSON.stringify(body), headers: { "content-type": "application/json" } }),
      });
      // Gone already is gone.
      if (response.ok || (method === "DELETE" && response.status === 404)) {
        router.refresh();
        return true;
      }
      const { problems } = (await response.json()) as { problems: { message: string }[] };
      setRefused(problems[0]!.message);
    } catch {
      setRefused("the program does not answer; is it still running?");
    }
    return false;
  };
  const pathOf = ({ id }: JobOnHome) => `/api/jobs/${encodeURIComponent(id)}`;
  const after = (say: string, undo: () => Promise<unknown>) =>
    setDone({
      say,
      undo: () => {
        setDone(null);
        void undo();
      },
    });
  return {
    done,
    refused,
    forget: () => setDone(null),
    rename: (job: JobOnHome, name: string) => ask(pathOf(job), "PATCH", { name }),
    copy: (job: JobOnHome) => ask(`${pathOf(job)}/copy`, "POST"),
    bringBack: (job: JobOnHome) => ask(pathOf(job), "PATCH", { deleted: false }),
    async putAway(job: JobOnHome, isAway: boolean) {
      if (await ask(pathOf(job), "PATCH", { putAway: isAway }))
        after(`${job.name} was ${isAway ? "put away" : "put among the others again"}.`, () =>
          ask(pathOf(job), "PATCH", { putAway: !isAway }),
        );
    },
    async remove(job: JobOnHome) {
      if (await ask(`${pathOf(job)}/job`, "DELETE"))
        after(`${job.name} was deleted.`, () => ask(pathOf(job), "PATCH", { deleted: false }));
    },
  };
}

export type JobActions = ReturnType<typeof useJobActions>;
