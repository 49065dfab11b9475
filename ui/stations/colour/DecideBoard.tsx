"use client";

import "@/ui/journal/telling";
import { useState } from "react";
import { subjectOf } from "@/core/findings/subject";
import { agreedOf } from "@/core/job/agreed";
import { decided } from "@/core/journal/kinds/decided";
import { useJob, useJournal, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { FormField } from "@/ui/parts/FormField";

interface Props {
  readonly board: string;
  readonly of: Readonly<Record<string, string>>;
}

/** It is decided about what a board shows, by whom and in what words; a yes keeps the paints as they are by then. */
export function DecideBoard({ board, of }: Props) {
  const job = useJob();
  const plan = usePlan();
  const journal = useJournal();
  const [words, setWords] = useState("");
  const [name, setName] = useState("");
  const tell = (isYes: boolean) => {
    const payload = {
      of: isYes ? of : { ...of, refused: true },
      board,
      words: words.trim(),
      name: name.trim(),
      ...(isYes && { agreed: agreedOf(job, subjectOf(of)!, plan) }),
    };
    journal.tell([{ kind: decided.kind, payload }]);
  };
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 text-[0.9375rem] text-violet">
        It is decided<span className="sr-only"> by board {board}</span>
      </summary>
      <div className="grid gap-2 pb-2">
        <FormField label="Who decides" value={name} onChange={(event) => setName(event.target.value)} />
        <FormField label="In what words" value={words} onChange={(event) => setWords(event.target.value)} />
        <div className="flex gap-2">
          <Button look="primary" onClick={() => tell(true)}>
            Agreed
          </Button>
          <Button onClick={() => tell(false)}>Not wanted</Button>
        </div>
        <p className="text-sm text-soft">
          A yes keeps colour, sheen, coats, recipe, batch and tools as they are now: what is changed later is
          told.
        </p>
      </div>
    </details>
  );
}
