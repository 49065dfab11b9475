"use client";

import { Undo2 } from "lucide-react";
import { useMemo } from "react";
import { toldInTurn } from "@/core/journal/fold";
import { entrySayer } from "@/formats/sayEntry";
import { useJob, useJournal, useJournalState, usePlan } from "@/ui/job/JobProvider";
import { useTeller } from "@/ui/journal/useTeller";
import { Button } from "@/ui/parts/Button";
import { Measure } from "@/ui/parts/Measure";

/** The last word that was told here can be taken back with one touch. */
export function Undo() {
  const journal = useJournal();
  const name = useTeller((teller) => teller.name);
  const entries = useJournalState((state) => state.entries);
  const [job, plan] = [useJob(), usePlan()];
  const last = useMemo(
    () => toldInTurn(entries).findLast(({ entry, takenBackBy }) => entry.by === name && takenBackBy === null),
    [entries, name],
  );
  const say = useMemo(() => entrySayer(job, plan), [job, plan]);
  if (!last) return null;
  return (
    <Button
      look="quiet"
      className="my-1 min-h-12 w-full text-left"
      onClick={() => journal.tell([{ kind: "withdrawn", payload: { entry: last.entry.id } }])}
    >
      <Undo2 size={18} aria-hidden className="shrink-0" />
      <span className="min-w-0 flex-1">
        <Measure>{`Take back: ${say(last.entry)}`}</Measure>
      </span>
    </Button>
  );
}
