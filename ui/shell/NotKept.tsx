"use client";

import { useEffect } from "react";
import { capital } from "@/core/findings/capital";
import { useJobState, useJobStore } from "@/ui/job/JobProvider";
import { textOf } from "@/ui/job/jobDocument";
import type { JobState } from "@/ui/job/jobState";
import { isAtRisk, mayLeave } from "./mayLeave";
import { Button } from "@/ui/parts/Button";
import { saveFile } from "@/ui/parts/saveFile";

/** Where neither the data folder nor the browser takes a change: says so, takes it along as a file, and asks at every way out. */
export function NotKept() {
  const store = useJobStore();
  const isFailing = useJobState((state) => state.save.kind === "failed" && isAtRisk(state));
  const reason = useJobState(({ save }) => (save.kind === "failed" ? save.reason : ""));
  useEffect(() => {
    const ask = (event: MouseEvent) => {
      const link = event.target instanceof Element ? event.target.closest("a[href]") : null;
      if (!(link instanceof HTMLAnchorElement) || link.target === "_blank") return;
      // A file to keep, and no way out.
      if (link.hasAttribute("download") || link.pathname.startsWith("/api/")) return;
      if (link.origin !== window.location.origin || mayLeave(store.getState(), link.pathname)) return;
      event.preventDefault();
      event.stopPropagation();
    };
    // Before the links' own handlers.
    document.addEventListener("click", ask, { capture: true });
    return () => document.removeEventListener("click", ask, { capture: true });
  }, [store]);
  if (!isFailing) return null;
  return (
    <section
      aria-label="Not kept"
      role="alert"
      className="flex flex-wrap items-center gap-3 border-b border-hairline bg-ochre-wash px-4 py-1"
    >
      <p className="min-w-60 flex-1">
        {sentence(reason)} This browser keeps nothing either, since its storage is off or full: leave this
        window open until your last change is saved.
      </p>
      <Button onClick={() => takeAlong(store.getState())}>Take the job along as a file</Button>
    </section>
  );
}

const sentence = (reason: string): string => `${capital(reason).replace(/\.$/, "")}.`;

const takeAlong = ({ document: job, jobId }: JobState): void =>
  saveFile(`${jobId}.jacaranda.json`, "application/json", textOf(job));
