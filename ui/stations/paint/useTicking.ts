"use client";

import { useEffect, useState } from "react";
import { useJournal, useJournalState, usePlan } from "@/ui/job/JobProvider";
import { clockMs } from "@/ui/journal/journalState";

const tickMs = 5000;
const quickTickMs = 500;

/** The moment by the job's clock, ms, every few seconds; right again at once when the page comes back from sleep. */
export function useTicking(): number {
  const journal = useJournal();
  const isQuick = useJournalState(({ practice }) => practice !== null);
  // The page begins as the program wrote it, whose clock was of a moment before.
  const { now: planned } = usePlan();
  const [now, setNow] = useState(() => (planned === undefined ? 0 : new Date(planned).getTime()));
  useEffect(() => {
    const tick = () => setNow(clockMs(journal.store.getState()));
    const first = setTimeout(tick);
    const timer = setInterval(tick, isQuick ? quickTickMs : tickMs);
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearTimeout(first);
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, [journal, isQuick]);
  return now;
}
