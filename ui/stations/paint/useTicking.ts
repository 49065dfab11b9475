"use client";

import { useEffect, useState } from "react";
import { useJournal, useJournalState } from "@/ui/job/JobProvider";
import { clockMs } from "@/ui/journal/journalState";

const tickMs = 5000;
const quickTickMs = 500;

/** The moment by the job's clock, ms, every few seconds; right again at once when the page comes back from sleep. */
export function useTicking(): number {
  const journal = useJournal();
  const isQuick = useJournalState(({ practice }) => practice !== null);
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = () => setNow(clockMs(journal.store.getState()));
    const timer = setInterval(tick, isQuick ? quickTickMs : tickMs);
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, [journal, isQuick]);
  return now;
}
