"use client";

import { useState } from "react";
import { trialWays, type TrialWay } from "@/core/work/boards/schema";
import { useJob, useJobState, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { SelectList } from "@/ui/parts/SelectList";
import { boardSubjects } from "./boardSubjects";

const ways: Readonly<Record<TrialWay, { readonly label: string; readonly why: string }>> = {
  board: {
    label: "a board",
    why: "Two full coats, or the finish's own, on A2: it is carried about the room.",
  },
  patch: {
    label: "a patch on the wall",
    why: "Real ground and real light, but it cannot be moved, and may show through what comes over it.",
  },
  chip: {
    label: "a chip",
    why: "Judged the same day: it tells the hue, and neither how it covers nor how it shines.",
  },
  trial: {
    label: "a trial of the pattern",
    why: "Taped at its true size on A1, and looked at from where people stand.",
  },
};

/** Something is to be tried before it is decided: what, how, and of which paint. */
export function NewBoard({ taken }: { taken: readonly string[] }) {
  const job = useJob();
  const change = useJobState((state) => state.change);
  const subjects = boardSubjects(job, usePlan());
  const [chosen, setChosen] = useState(0);
  const [as, setAs] = useState<TrialWay>("board");
  const [grade, setGrade] = useState<"tin" | "sample">("tin");
  const [problem, setProblem] = useState<string | null>(null);
  const subject = subjects[Math.min(chosen, subjects.length - 1)];
  if (!subject) return null;
  let number = 1;
  while (taken.includes(`B${number}`)) number++;
  const id = `B${number}`;
  const planIt = () => {
    const board = { id, of: subject.of, as, grade };
    const [wrong] = change((before) => ({ ...before, boards: [...(before.boards ?? []), board] }));
    setProblem(wrong?.message ?? null);
  };
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">Plan a board</summary>
      <div className="grid gap-2 pb-2">
        <SelectList
          label="What it is of"
          items={subjects.map(({ label, swatches }) => ({
            label,
            ...(swatches[0] && { swatch: swatches[0] }),
          }))}
          chosen={subjects.indexOf(subject)}
          onChoose={setChosen}
        />
        <Choice
          label="How it is tried"
          options={trialWays.map((of) => ({ of, label: ways[of].label, selected: of === as }))}
          onChoose={({ of }) => setAs(of)}
        />
        <p className="text-[0.9375rem] text-soft">{ways[as].why}</p>
        <Choice
          label="Paint of the board"
          options={(["tin", "sample"] as const).map((of) => ({
            of,
            label: of === "tin" ? "the tin's own" : "sample paint",
            selected: of === grade,
          }))}
          onChoose={({ of }) => setGrade(of)}
        />
        {problem !== null && (
          <p role="alert" className="text-[0.9375rem] text-brick">
            {problem}
          </p>
        )}
        <Button look="primary" onClick={planIt}>
          Plan {id}
        </Button>
      </div>
    </details>
  );
}
