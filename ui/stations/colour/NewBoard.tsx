"use client";

import "@/ui/journal/telling";
import { useState } from "react";
import { sample } from "@/core/journal/kinds/sample";
import { useJob, useJournal, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { FormField } from "@/ui/parts/FormField";
import { SelectList } from "@/ui/parts/SelectList";
import { boardSubjects } from "./boardSubjects";
import { boardMm } from "./useSampleBoard";

/** A board is painted: what of, how thick, of which paint, and where it hangs. */
export function NewBoard({ taken }: { taken: readonly string[] }) {
  const job = useJob();
  const journal = useJournal();
  const subjects = boardSubjects(job, usePlan());
  const [chosen, setChosen] = useState(0);
  const [coats, setCoats] = useState(2);
  const [grade, setGrade] = useState<"tin" | "sample">("tin");
  const [where, setWhere] = useState("");
  const subject = subjects[Math.min(chosen, subjects.length - 1)];
  if (!subject) return null;
  let number = 1;
  while (taken.includes(`B${number}`)) number++;
  const board = `B${number}`;
  const make = () => {
    journal.tell([
      {
        kind: sample.kind,
        payload: {
          board,
          of: subject.of,
          size: [boardMm.width, boardMm.height],
          coats,
          grade,
          ...(where.trim() && { where: where.trim() }),
        },
      },
    ]);
    setWhere("");
  };
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
        A board is painted
      </summary>
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
          label="Coats on the board"
          options={[1, 2, 3].map((of) => ({ of, label: String(of), selected: of === coats }))}
          onChoose={({ of }) => setCoats(of)}
        />
        <Choice
          label="Paint of the board"
          options={(["tin", "sample"] as const).map((of) => ({
            of,
            label: of === "tin" ? "the tin's own" : "sample paint",
            selected: of === grade,
          }))}
          onChoose={({ of }) => setGrade(of)}
        />
        <FormField label="Where it hangs" value={where} onChange={(event) => setWhere(event.target.value)} />
        {coats < 2 && (
          <p className="text-[0.9375rem] text-ochre">
            One coat lets the board through: two are what the wall gets.
          </p>
        )}
        <Button look="primary" onClick={make}>
          Board {board} is painted
        </Button>
      </div>
    </details>
  );
}
