"use client";

import "@/ui/journal/telling";
import { useState } from "react";
import { lights, sampleLook, type SampleLight } from "@/core/journal/kinds/sampleLook";
import type { PlanDecision } from "@/core/plan/planTypes";
import { useJob, useJournal, usePlan } from "@/ui/job/JobProvider";
import { Button } from "@/ui/parts/Button";
import { Choice } from "@/ui/parts/Choice";
import { FormField } from "@/ui/parts/FormField";
import { Swatch } from "@/ui/parts/Swatch";
import { boardSubjects, isOfSame, type Board, type Look } from "./boardSubjects";

interface Props {
  readonly board: Board;
  readonly looks: readonly Look[];
}

/** One board: what it is of, how it looked by each light, and what a yes still needs. */
export function OneBoard({ board, looks }: Props) {
  const job = useJob();
  const journal = useJournal();
  const plan = usePlan();
  const subject = boardSubjects(job, plan).find(({ of }) => isOfSame(of, board.of));
  const decision = plan.decisions?.find(({ of }) => isOfSame(of, board.of));
  const takeBack = (entry: string) => journal.tell([{ kind: "withdrawn", payload: { entry } }]);
  const last = looks.at(-1);
  return (
    <li className="border-b border-hairline py-2">
      <div className="flex items-center gap-2">
        <span className="flex">
          {subject?.swatches.map((hex, index) => (
            <Swatch key={index} colour={hex} size={5} />
          ))}
        </span>
        <b className="min-w-0 flex-1 font-semibold break-words">
          {`${board.board}: ${subject?.label ?? Object.values(board.of).join()}`}
        </b>
        <Button look="quiet" onClick={() => takeBack(board.told.entry)}>
          Take back<span className="sr-only"> board {board.board}</span>
        </Button>
      </div>
      <p className="text-[0.9375rem] text-soft">{madeWords(board)}</p>
      <Lights board={board.board} looks={looks} />
      <p className="text-[0.9375rem]">{standingWords(decision)}</p>
      {decision?.standing !== "refused" && <TellLook board={board.board} />}
      {last && (
        <Button look="quiet" className="-ml-3.5" onClick={() => takeBack(last.told.entry)}>
          Take the last look back<span className="sr-only"> of board {board.board}</span>
        </Button>
      )}
    </li>
  );
}

const madeWords = ({ coats, where, grade }: Board): string =>
  [
    coats === undefined ? "" : `${coats} ${coats === 1 ? "coat" : "coats"}`,
    where ? `hangs ${where}` : "",
    grade === "sample" ? "sample paint: judge its hue, and not its sheen" : "",
  ]
    .filter((part) => part !== "")
    .join("; ");

function standingWords(decision: PlanDecision | undefined): string {
  const words = decision?.words ? `: “${decision.words}”` : "";
  if (decision?.standing === "refused") return `A no${words}. That settles it.`;
  const by = decision?.name ? ` by ${decision.name}` : "";
  const agreed = decision?.standing === "agreed" ? `Agreed${by}${words}. ` : "";
  const missing = decision?.missing ?? lights;
  return missing.length > 0
    ? `${agreed}A yes still needs ${missing.join(", ")}.`
    : `${agreed}Yes in every light${agreed ? "." : ": it can be decided."}`;
}

const verdictLook = { yes: "text-leaf", no: "text-brick", unsure: "" } as const;
const verdictWords = { yes: "yes", no: "no", unsure: "not sure" } as const;

/** What the client said last by each light. */
const Lights = ({ board, looks }: { readonly board: string; readonly looks: readonly Look[] }) => (
  <ul className="flex flex-wrap gap-x-4 py-1 text-[0.9375rem]" aria-label={`Looks at ${board}`}>
    {lights.map((light) => {
      const verdict = looks.filter((look) => look.light === light && look.who === "client").at(-1)?.verdict;
      return (
        <li key={light} className={verdict ? verdictLook[verdict] : "text-soft"}>
          {`${light}: ${verdict ? verdictWords[verdict] : "not yet"}`}
        </li>
      );
    })}
  </ul>
);

/** The client looks at a board by one light. */
function TellLook({ board }: { readonly board: string }) {
  const journal = useJournal();
  const [words, setWords] = useState("");
  const [light, setLight] = useState<SampleLight>("morning");
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
