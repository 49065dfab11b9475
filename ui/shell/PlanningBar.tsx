"use client";

import { useEffect, useState, type ReactNode } from "react";
import { useStore } from "zustand";
import { useJobState, useJobStore, usePlanning } from "@/ui/job/JobProvider";
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
  const undo = useUndo();
  if (planning === "failed") {
    return (
      <Bar tone="border-brick bg-brick-wash" isUrgent>
        <p className="basis-full md:flex-1 md:basis-0">
          This change could not be planned: what is shown is of before it. The change itself is kept.
        </p>
        {undo && <Button onClick={undo}>Undo it</Button>}
        <Button onClick={again}>Plan again</Button>
      </Bar>
    );
  }
  if (planning === "stopped") {
    return (
      <Bar tone="border-hairline bg-ochre-wash">
        <p className="basis-full md:flex-1 md:basis-0">
          The planning was stopped: what is shown is of before the last change.
        </p>
        <Button onClick={again}>Plan again</Button>
      </Bar>
    );
  }
  if (!isBusy || !isLong) return null;
  return (
    // Over the ledger, whose figures are of before: nothing moves for it.
    <Bar tone="absolute inset-x-0 bottom-0 z-10 min-h-[45px] border-hairline bg-card md:min-h-[74px] short:static">
      <p>Planning …</p>
      <Progress label="Of the plan" share={planning} />
      <Button onClick={stop}>Stop</Button>
    </Bar>
  );
}

function Bar({ tone, isUrgent, children }: { tone: string; isUrgent?: true; children: ReactNode }) {
  return (
    <section
      aria-live={isUrgent ? "assertive" : "polite"}
      aria-label="Planning"
      className={`flex flex-wrap items-center gap-3 border-t px-5 ${tone}`}
    >
      {children}
    </section>
  );
}

/** Takes back the last change; null when there is none. */
function useUndo(): (() => void) | null {
  const history = useJobStore().temporal;
  const canUndo = useStore(history, (state) => state.pastStates.length > 0);
  return canUndo ? () => history.getState().undo() : null;
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
