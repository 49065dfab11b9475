"use client";

import { Eye } from "lucide-react";
import { looked } from "@/core/journal/kinds/looked";
import type { PlanGate } from "@/core/plan/planDayTypes";
import { useJournal, usePlan } from "@/ui/job/JobProvider";
import { clockWords } from "@/ui/job/stateWords";
import { Button } from "@/ui/parts/Button";

type Verdict = "good" | "ground-shows" | "stop";

const answers: Readonly<Record<PlanGate["gate"], readonly (readonly [Verdict, string])[]>> = {
  "tape-check": [
    ["good", "All on, pressed down"],
    ["stop", "Not yet"],
  ],
  "seal-dry": [
    ["good", "Dry"],
    ["stop", "Not yet"],
  ],
  trial: [
    ["good", "It may"],
    ["stop", "Not yet"],
  ],
  client: [
    ["good", "Yes, like that"],
    ["stop", "Not like that"],
  ],
  "ground-shows": [
    ["good", "Even"],
    ["ground-shows", "The ground shows"],
    ["stop", "Not yet"],
  ],
};

/** What is looked at before the next thing is begun; each answer is kept, and the days follow it. */
export function Gates() {
  const { gates = [], now } = usePlan();
  const journal = useJournal();
  return (
    <ul aria-label="Look first" className="flex flex-col gap-2 pb-2 empty:hidden">
      {gates.map(({ gate, of, ask, work, notYet }) => (
        <li key={`${gate} ${of}`} className="rounded-md bg-ochre-wash px-3 py-2">
          <p className="flex gap-2 font-semibold">
            <Eye size={18} className="mt-1 shrink-0 text-ochre" aria-hidden />
            {ask}
          </p>
          {notYet !== undefined && (
            <p className="text-[0.9375rem] text-ochre">{`Not yet at ${clockWords(notYet, now)}: look again.`}</p>
          )}
          <div className="flex flex-wrap gap-2 pt-2">
            {answers[gate].map(([verdict, words]) => (
              <Button
                key={verdict}
                className="min-h-12"
                onClick={() => journal.tell([{ kind: looked.kind, payload: { work, verdict } }])}
              >
                {words}
              </Button>
            ))}
          </div>
        </li>
      ))}
    </ul>
  );
}
