"use client";

import { useEffect, useState } from "react";
import { useJobState, usePlanning } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Progress } from "@/ui/parts/Progress";

/** A plan that is there sooner is not worth a word. */
const shownAfterMs = 800;

/** How far a long plan has come, and the way to stop it; the plan before stays in sight meanwhile. */
export function PlanningBar() {
  const planning = useJobState((state) => state.planning);
  const { stop, again } = usePlanning();
  const isBusy = typeof planning === "number";
  const isLong = useIsLong(isBusy);
  if (planning === "stopped") {
    return (
      <section
        aria-live="polite"
        aria-label="Planning"
        className="flex items-center gap-3 border-t border-hairline bg-ochre-wash px-5"
      >
        <p className="flex-1">The planning was stopped: what is shown is of before the last change.</p>
        <Button onClick={again}>Plan again</Button>
      </section>
    );
  }
  if (!isBusy || !isLong) return null;
  return (
    <section
      aria-live="polite"
      aria-label="Planning"
      className="flex items-center gap-3 border-t border-hairline bg-card px-5"
    >
      <p>Planning …</p>
      <Progress label="Of the plan" share={planning} />
      <Button onClick={stop}>Stop</Button>
    </section>
  );
}

/** Whether something has been under way for longer than a moment. */
function useIsLong(isBusy: boolean): boolean {
  const [isLong, setLong] = useState(false);
  useEffect(() => {
    if (!isBusy) return;
    const timer = setTimeout(() => setLong(true), shownAfterMs);
    return () => {
      clearTimeout(timer);
      setLong(false);
    };
  }, [isBusy]);
  return isLong;
}
