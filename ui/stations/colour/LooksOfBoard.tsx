"use client";

import "@/ui/journal/telling";
import { useState } from "react";
import { lights, sampleLook, type SampleLight } from "@/core/journal/kinds/sampleLook";
import { useJournal } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { FormField } from "@/ui/parts/FormField";
import type { Look } from "./boardSubjects";
import { LookStrip, type StripProps } from "./LookStrip";

const verdictLook = { yes: "text-leaf", no: "text-brick", unsure: "" } as const;
const verdictWords = { yes: "yes", no: "no", unsure: "not sure" } as const;

/** What the client said by each light and when, what was said last, and when the lights to come are there. */
export const LooksOfBoard = (props: StripProps) => (
  <>
    <LookStrip {...props} />
    <LastLooks {...props} />
  </>
);

const LastLooks = ({ board, looks, planned }: StripProps) => (
  <ul className="grid grid-cols-2 gap-x-3 gap-y-1 py-1 text-[0.9375rem]" aria-label={`Looks at ${board}`}>
    {lights.map((light) => {
      const verdict = looks.findLast((look) => look.light === light)?.verdict;
      const at = planned.find((one) => one.light === light);
      return (
        <li
          key={light}
          className={`border-t-2 pt-1 ${verdict ? `border-current ${verdictLook[verdict]}` : "border-hairline text-soft"}`}
        >
          {`${light}: ${verdict ? verdictWords[verdict] : "not yet"}`}
          {at && !verdict && (
            <span className="block text-[0.875rem] tabular-nums">{`day ${at.day}, ${at.at}`}</span>
          )}
        </li>
      );
    })}
  </ul>
);

/** The client looks at a board by one light. */
export function TellLook({
  board,
  missing,
}: {
  readonly board: string;
  readonly missing: readonly string[];
}) {
  const journal = useJournal();
  const [words, setWords] = useState("");
  // What has no yes yet is looked at next.
  const [light, setLight] = useState<SampleLight>(
    () => lights.find((one) => missing.includes(one)) ?? "morning",
  );
  const tell = (verdict: Look["verdict"]) => {
    const payload = { board, who: "client", light, verdict, words: words.trim() };
    journal.tell([{ kind: sampleLook.kind, payload }]);
    setWords("");
    const next = lights[lights.indexOf(light) + 1];
    if (next) setLight(next);
  };
  return (
    <div className="grid gap-2 pt-1" role="group" aria-label={`A look at ${board}`}>
      <Choice
        label="By which light"
        options={lights.map((of) => ({ of, label: of, selected: of === light }))}
        onChoose={({ of }) => setLight(of)}
      />
      <FormField
        label="In the client's words"
        value={words}
        onChange={(event) => setWords(event.target.value)}
      />
      <div className="flex gap-2">
        <Button onClick={() => tell("yes")}>Yes</Button>
        <Button onClick={() => tell("unsure")}>Not sure</Button>
        <Button onClick={() => tell("no")}>No</Button>
      </div>
    </div>
  );
}
